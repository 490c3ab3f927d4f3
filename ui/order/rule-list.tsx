'use client';
import dynamic from 'next/dynamic';
import type { OrderScreen, RuleRow } from '@/present/order/order-model';
import { count } from '@/present/words/words';
import { css } from '@/ui/theme/made/css';
import { Button } from '../parts/button';
import { UnfoldLater } from '../parts/unfold-later';
import type { Changes } from '../parts/use-changes';

const OwnRuleForm = dynamic(() => import('./own-rule-form').then((module) => module.OwnRuleForm));

type RuleListProps = Pick<OrderScreen, 'rules' | 'methods'> & {
  readonly changes: Changes;
};

/** Every rule by name, to be read, switched off and on; own ones to be added and taken away. */
export function RuleList({ rules, methods, changes }: RuleListProps) {
  const own = rules.filter((rule) => rule.own);
  const hard = rules.filter((rule) => !rule.own && rule.hard);
  const wishes = rules.filter((rule) => !rule.own && !rule.hard);
  const line = (rule: RuleRow) => (
    <RuleLine
      key={rule.id}
      rule={rule}
      onSwitch={() =>
        changes.send(
          { do: 'switch-rule', id: rule.id, off: !rule.off },
          rule.off ? 'Switched on.' : 'Switched off.',
        )
      }
      onDrop={() => changes.send({ do: 'drop-rule', id: rule.id }, 'Removed.')}
    />
  );
  return (
    <div className={css({ maxWidth: 860 })}>
      <UnfoldLater title="A rule of your own">
        {() => (
          <OwnRuleForm
            methods={methods}
            onAdd={(rule) => changes.send({ do: 'put-rule', rule }, 'The rule holds now.')}
          />
        )}
      </UnfoldLater>
      <Rules title="Your own" rows={own} line={line} />
      <Rules title="Always kept" rows={hard} line={line} />
      <Rules title="Wishes" rows={wishes} line={line} />
    </div>
  );
}

type RulesProps = {
  readonly title: string;
  readonly rows: readonly RuleRow[];
  readonly line: (rule: RuleRow) => React.ReactNode;
};

function Rules({ title, rows, line }: RulesProps) {
  if (rows.length === 0) return null;
  return (
    <section aria-label={title} className={css({ mt: 3 })}>
      <h2 className={css({ textStyle: 'h2', m: 0, mb: 1 })}>{title}</h2>
      <ul className={css({ listStyle: 'none', p: 0, m: 0 })}>{rows.map(line)}</ul>
    </section>
  );
}

type RuleLineProps = { readonly rule: RuleRow; readonly onSwitch: () => void; readonly onDrop: () => void };

function RuleLine({ rule, onSwitch, onDrop }: RuleLineProps) {
  const { name, off, own } = rule;
  return (
    <li
      className={css({
        display: 'flex',
        gap: 2,
        alignItems: 'center',
        borderTop: '1px solid var(--colors-line)',
        py: 1,
      })}
    >
      <WhatItSays rule={rule} />
      <Button color="inherit" onClick={onSwitch} aria-label={`${off ? 'Switch on' : 'Switch off'}: ${name}`}>
        {off ? 'Switch on' : 'Switch off'}
      </Button>
      {own && (
        <Button color="inherit" onClick={onDrop} aria-label={`Remove: ${name}`}>
          Remove
        </Button>
      )}
    </li>
  );
}

function WhatItSays({ rule: { name, reason, cost, within, off, holds } }: { rule: RuleRow }) {
  const inForce =
    holds === 0 ? 'Orders nothing in this clean' : `Orders ${count(holds, 'pair of jobs', 'pairs of jobs')}`;
  return (
    <div className={css({ flex: 1, minWidth: 0 })}>
      <div
        className={css({
          fontWeight: 600,
          textDecoration: off ? 'line-through' : 'none',
          overflowWrap: 'anywhere',
        })}
      >
        {name.slice(0, 1).toUpperCase() + name.slice(1)}
      </div>
      <div>{reason}</div>
      <div className={css({ color: 'quiet', fontSize: '0.92rem' })}>
        {off ? 'Switched off' : inForce}, {within}
        {cost && `. Broken, it costs: ${cost.slice(0, 1).toLowerCase()}${cost.slice(1)}`}
      </div>
    </div>
  );
}
