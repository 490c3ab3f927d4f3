'use client';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { PRIORITIES } from '@/core/basics/choices';
import { WORK_KINDS, type WorkKind } from '@/core/catalogue/work-kinds';
import { type Mark, REASONS } from '@/core/clean/marks';
import type { Filters, ScopeRow, ScopeScreen } from '@/present/scope/scope-model';
import { PRIORITY_WORDS, REASON_WORDS } from '@/present/scope/scope-words';
import { count, hours } from '@/present/words/words';
import { NativeSelect } from '../parts/native-select';

type Says = Omit<Partial<Mark>, 'on' | 'target'>;
type Whole = Pick<Mark, 'on' | 'target'>;

type BulkBarProps = {
  readonly filters: Filters;
  readonly screen: ScopeScreen;
  readonly picked: readonly ScopeRow[];
  /** Of what is chosen, or of a whole room or kind. */
  readonly onSay: (says: Says, whole?: Whole) => void;
};

/** What can be said of all the chosen jobs at once; with none chosen, of the whole room or kind that is shown. */
export function BulkBar({ filters, screen, picked, onSay }: BulkBarProps) {
  const whole = picked.length === 0 ? wholeOf(filters, screen) : undefined;
  if (picked.length === 0 && !whole) return null;
  const minutes = picked.reduce((sum, row) => sum + row.minutes, 0);
  const say = (says: Says) => onSay(says, whole);
  return (
    <Box
      role="group"
      aria-label={whole ? whole.words : 'Chosen jobs'}
      sx={{
        position: 'sticky',
        top: 0,
        zIndex: 3,
        display: 'flex',
        flexWrap: 'wrap',
        gap: 1,
        alignItems: 'center',
        py: 1,
        bgcolor: 'background.default',
      }}
    >
      <Box sx={{ fontWeight: 620 }}>
        {whole ? whole.words : `${count(picked.length, 'job', 'jobs')} chosen, ${hours(minutes)}`}
      </Box>
      <Say
        label="Leave out because"
        options={REASONS.map((reason) => [reason, REASON_WORDS[reason]])}
        onSay={(reason) => say({ in: false, reason: reason as (typeof REASONS)[number] })}
      />
      <Button variant="outlined" onClick={() => say({ in: true, reason: undefined })}>
        Take in
      </Button>
      <Say
        label="Priority"
        options={PRIORITIES.map((priority) => [priority, PRIORITY_WORDS[priority]])}
        onSay={(priority) => say({ priority: priority as (typeof PRIORITIES)[number] })}
      />
      <Button onClick={() => say({ matters: true })}>Matters most</Button>
      <Button onClick={() => say({ dreaded: true })}>Dreaded</Button>
      <Button
        color="inherit"
        onClick={() =>
          say({
            in: undefined,
            reason: undefined,
            priority: undefined,
            matters: undefined,
            dreaded: undefined,
          })
        }
      >
        As usual
      </Button>
    </Box>
  );
}

function wholeOf(filters: Filters, screen: ScopeScreen): (Whole & { words: string }) | undefined {
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
      sx={{ minWidth: 150 }}
    />
  );
}
