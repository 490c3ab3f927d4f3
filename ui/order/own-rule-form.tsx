'use client';
import { useState } from 'react';
import { type OrderRule, OWN_RULE_PREFIX, type Within } from '@/core/clean/rule';
import type { OrderScreen } from '@/present/order/order-model';
import { OWN_WITHIN } from '@/present/order/order-words';
import { css } from '@/ui/theme/made/css';
import { Button } from '../parts/button';
import { Check } from '../parts/check';
import { NativeSelect } from '../parts/native-select';
import { TextField } from '../parts/text-field';
import { newId } from '../state/new-id';

type OwnRuleFormProps = {
  readonly methods: OrderScreen['methods'];
  readonly onAdd: (rule: OrderRule) => void;
};

type Draft = {
  readonly before: string;
  readonly after: string;
  readonly within: Within;
  readonly hard: boolean;
  readonly reason: string;
};

const EMPTY: Draft = { before: '', after: '', within: 'room', hard: false, reason: '' };

/** One job before another, where, how strictly, and why. */
export function OwnRuleForm({ methods, onAdd }: OwnRuleFormProps) {
  const [draft, setDraft] = useState(EMPTY);
  const [fault, setFault] = useState<string>();
  const set = (part: Partial<Draft>) => setDraft({ ...draft, ...part });
  const add = () => {
    const wrong = faultOf(draft.before, draft.after);
    setFault(wrong);
    if (wrong) return;
    onAdd(ruleOf(draft, methods));
    set({ before: '', after: '', reason: '' });
  };
  return (
    <form
      aria-label="A rule of your own"
      noValidate
      onSubmit={(event) => {
        event.preventDefault();
        add();
      }}
      className={css({ display: 'grid', gap: 2, gridTemplateColumns: { sm: '1fr 1fr' }, maxWidth: 760 })}
    >
      <WhichJobs draft={draft} set={set} methods={methods} />
      <HowStrictly draft={draft} set={set} />
      <Button type="submit" variant="contained" className={css({ justifySelf: 'start' })}>
        Add the rule
      </Button>
      {fault && (
        <div role="alert" className={css({ color: 'alarm', gridColumn: '1 / -1' })}>
          {fault}
        </div>
      )}
    </form>
  );
}

type Section = { readonly draft: Draft; readonly set: (part: Partial<Draft>) => void };

function WhichJobs({ draft, set, methods }: Section & Pick<OwnRuleFormProps, 'methods'>) {
  const job = { size: 'small', none: 'choose a job', options: methods } as const;
  return (
    <>
      <NativeSelect {...job} label="First" value={draft.before} onChange={(before) => set({ before })} />
      <NativeSelect {...job} label="Then" value={draft.after} onChange={(after) => set({ after })} />
    </>
  );
}

function HowStrictly({ draft, set }: Section) {
  return (
    <>
      <NativeSelect
        size="small"
        label="Where"
        value={draft.within}
        options={OWN_WITHIN}
        onChange={(chosen) => set({ within: chosen as Within })}
      />
      <TextField
        size="small"
        label="Why"
        value={draft.reason}
        onChange={(event) => set({ reason: event.target.value })}
        maxLength={300}
      />
      <Check label="It must be, not only a wish" checked={draft.hard} onChange={(hard) => set({ hard })} />
    </>
  );
}

function ruleOf({ before, after, reason, within, hard }: Draft, methods: OrderScreen['methods']): OrderRule {
  const title = (id: string) => methods.find(([known]) => known === id)?.[1] ?? id;
  const id = newId()
    .toLowerCase()
    .replace(/[^a-z0-9-]/g, '');
  return {
    id: `${OWN_RULE_PREFIX}${id}`,
    name: `“${title(before)}” before “${title(after)}”`.slice(0, 120),
    before: { methods: [before] },
    after: { methods: [after] },
    within,
    hard,
    orderOnly: true,
    reason: reason.trim() || 'Our own way.',
  };
}

function faultOf(before: string, after: string): string | undefined {
  if (before === '' || after === '')
    return 'Please choose both jobs: a rule that names nothing would do nothing.';
  return before === after ? 'Please choose two different jobs.' : undefined;
}
