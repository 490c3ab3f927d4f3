'use client';
import { PRIORITIES } from '@/core/basics/choices';
import { WORK_KINDS, type WorkKind } from '@/core/catalogue/work-kinds';
import { type Mark, REASONS } from '@/core/clean/marks';
import type { Filters, ScopeRow, ScopeScreen } from '@/present/scope/scope-model';
import { PRIORITY_WORDS, REASON_WORDS } from '@/present/scope/scope-words';
import { count, hours } from '@/present/words/words';
import { css } from '@/ui/theme/made/css';
import { Button } from '../parts/button';
import { NativeSelect } from '../parts/native-select';
import { type AskedTime, GiveTime } from './give-time';

export type Says = Omit<Partial<Mark>, 'on' | 'target'>;
export type Target = Pick<Mark, 'on' | 'target'>;

type BulkBarProps = {
  readonly filters: Filters;
  readonly screen: ScopeScreen;
  readonly picked: readonly ScopeRow[];
  /** Of what is chosen, or of a whole room or kind. */
  readonly onSay: (says: Says, whole?: Target) => void;
  /** When, and by whom, the chosen jobs are to be done. */
  readonly onAsk: (asked: AskedTime) => void;
};

/** What can be said of all the chosen jobs at once; with none chosen, of the whole room or kind that is shown. */
export function BulkBar({ filters, screen, picked, onSay, onAsk }: BulkBarProps) {
  const whole = picked.length === 0 ? wholeOf(filters, screen) : undefined;
  if (picked.length === 0 && !whole) return null;
  return (
    <div role="group" aria-label={whole ? whole.words : 'Chosen jobs'} className={css(BAR)}>
      <div className={css({ fontWeight: 620 })}>{whole ? whole.words : pickedWords(picked)}</div>
      <WhatToSay onSay={(says) => onSay(says, whole)} />
      {picked.length > 0 && <GiveTime screen={screen} onAsk={onAsk} />}
    </div>
  );
}

const BAR = {
  position: 'sticky',
  top: 0,
  zIndex: 3,
  display: 'flex',
  flexWrap: 'wrap',
  gap: 1,
  alignItems: 'center',
  py: 1,
  bgcolor: 'page',
} as const;

function pickedWords(picked: readonly ScopeRow[]): string {
  const minutes = picked.reduce((sum, row) => sum + row.minutes, 0);
  return `${count(picked.length, 'job', 'jobs')} chosen, ${hours(minutes)}`;
}

/** All that was said of a job, taken back. */
const AS_USUAL: Says = {
  in: undefined,
  reason: undefined,
  priority: undefined,
  matters: undefined,
  dreaded: undefined,
};

function WhatToSay({ onSay }: { onSay: (says: Says) => void }) {
  return (
    <>
      <Say
        label="Leave out because"
        options={REASONS.map((reason) => [reason, REASON_WORDS[reason]])}
        onSay={(reason) => onSay({ in: false, reason: reason as (typeof REASONS)[number] })}
      />
      <Button variant="outlined" onClick={() => onSay({ in: true, reason: undefined })}>
        Do them
      </Button>
      <Say
        label="Priority"
        options={PRIORITIES.map((priority) => [priority, PRIORITY_WORDS[priority]])}
        onSay={(priority) => onSay({ priority: priority as (typeof PRIORITIES)[number] })}
      />
      <Button onClick={() => onSay({ matters: true })}>Matters most</Button>
      <Button onClick={() => onSay({ dreaded: true })}>Dreaded</Button>
      <Button color="inherit" onClick={() => onSay(AS_USUAL)}>
        As usual
      </Button>
    </>
  );
}

function wholeOf(filters: Filters, screen: ScopeScreen): (Target & { words: string }) | undefined {
  const { room, kind, text, person, product, scope } = filters;
  if (text || person || product || scope || (room !== '') === (kind !== '')) return undefined;
  const name = screen.rooms.find(({ id }) => id === room)?.name;
  return room !== ''
    ? { on: 'room', target: room, words: `All of ${name}` }
    : { on: 'kind', target: kind, words: `All of ${WORK_KINDS[kind as WorkKind]}` };
}

type SayProps = {
  readonly label: string;
  readonly options: readonly (readonly [value: string, words: string])[];
  readonly onSay: (value: string) => void;
};

/** A choice that is carried out at once. */
function Say({ label, options, onSay }: SayProps) {
  return (
    <NativeSelect
      size="small"
      label={label}
      value=""
      none="…"
      options={options}
      onChange={(value) => value !== '' && onSay(value)}
      className={css({ width: 190 })}
    />
  );
}
