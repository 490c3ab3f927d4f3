'use client';
import { useOptimistic, useState } from 'react';
import { MACHINE_KINDS, type MachineKind } from '@/core/catalogue/work-kinds';
import { put } from '@/core/household/put';
import { USUAL_MACHINE_KG } from '@/core/laundry/loads';
import { type HouseholdMachine, LEAST_MACHINE_KG, MOST_MACHINE_KG } from '@/core/machines/household-machine';
import { css } from '@/ui/theme/made/css';
import type { ChangeActions, EditWords } from '../parts/change-actions';
import { ChangeBar } from '../parts/change-bar';
import { Check } from '../parts/check';
import { TextField } from '../parts/text-field';
import { useChanges } from '../parts/use-changes';
import { TimeField } from '../parts/when-field';

type MachinesProps = {
  readonly machines: readonly HouseholdMachine[];
  readonly edits: EditWords;
  readonly actions: ChangeActions;
};

const KINDS = Object.keys(MACHINE_KINDS) as MachineKind[];

/** What one has that runs by itself, and when it may; and undo for all that is said of people and machines. */
export function Machines({ machines: stored, edits, actions }: MachinesProps) {
  const changes = useChanges(actions);
  const [machines, show] = useOptimistic(stored, (rows, row: HouseholdMachine) =>
    put(rows, row, (machine) => machine.id),
  );
  return (
    <section aria-labelledby="machines">
      <h2 className={css({ textStyle: 'h2', m: 0 })} id="machines">
        Machines
      </h2>
      <p className={css({ textStyle: 'body', m: 0, color: 'quiet', maxWidth: '65ch', mb: 1 })}>
        Each runs one thing at a time, and work waits for it. Without hours it may run at any time; an oven
        then only while a grown-up is at home.
      </p>
      <ChangeBar label="People and machines" edits={edits} changes={changes} />
      <ul className={css({ listStyle: 'none', p: 0, m: 0, mt: 1, display: 'grid', gap: 1 })}>
        {KINDS.map((kind) => (
          <MachineLine
            key={kind}
            kind={kind}
            machine={machines.find((known) => known.kind === kind)}
            onPut={(machine) => changes.send({ do: 'put-machine', machine }, 'Kept.', () => show(machine))}
            onDrop={(id) => changes.send({ do: 'drop-machine', id })}
          />
        ))}
      </ul>
    </section>
  );
}

type MachineLineProps = {
  readonly kind: MachineKind;
  readonly machine: HouseholdMachine | undefined;
  readonly onPut: (machine: HouseholdMachine) => void;
  readonly onDrop: (id: string) => void;
};

function MachineLine({ kind, machine, onPut, onDrop }: MachineLineProps) {
  const name = MACHINE_KINDS[kind];
  const time = (which: 'from' | 'to', label: string) => (
    <TimeField
      label={label}
      value={machine?.[which]}
      onKeep={(value = '') => {
        if (machine && value !== (machine[which] ?? '')) onPut(withTime(machine, which, value));
      }}
      className={css({ width: 170 })}
    />
  );
  return (
    <li className={css({ display: 'flex', flexWrap: 'wrap', gap: 1.5, alignItems: 'center', minHeight: 48 })}>
      <Check
        className={css({ width: 220 })}
        label={name}
        checked={machine !== undefined}
        onChange={(there) => (there ? onPut({ id: kind, kind }) : machine && onDrop(machine.id))}
      />
      {machine && (
        <div role="group" aria-label={name} className={css({ display: 'flex', flexWrap: 'wrap', gap: 1.5 })}>
          {time('from', 'Runs from')}
          {time('to', 'Runs to')}
        </div>
      )}
      {machine?.kind === 'washer' && <TakesKg machine={machine} onPut={onPut} />}
    </li>
  );
}

/** What the drum takes; as a usual one where nobody says. */
function TakesKg({ machine, onPut }: { machine: HouseholdMachine; onPut: MachineLineProps['onPut'] }) {
  const { kg: known, ...rest } = machine;
  const [text, setText] = useState(known === undefined ? '' : String(known));
  const typed = text.trim() === '' ? undefined : Number(text.trim().replace(',', '.'));
  const isFine = typed === undefined || (typed >= LEAST_MACHINE_KG && typed <= MOST_MACHINE_KG);
  const keep = () => {
    if (isFine && typed !== known) onPut(typed === undefined ? rest : { ...rest, kg: typed });
  };
  return (
    <TextField
      size="small"
      label={`Takes, kg; ${USUAL_MACHINE_KG} if empty`}
      value={text}
      onChange={({ target }) => setText(target.value)}
      onBlur={keep}
      onKeyDown={({ key }) => key === 'Enter' && keep()}
      error={!isFine}
      helperText={isFine ? undefined : `From ${LEAST_MACHINE_KG} to ${MOST_MACHINE_KG} kg, please.`}
      inputMode="decimal"
      className={css({ width: 220 })}
    />
  );
}

function withTime(machine: HouseholdMachine, which: 'from' | 'to', value: string): HouseholdMachine {
  const { [which]: _before, ...rest } = machine;
  return value === '' ? rest : { ...rest, [which]: value };
}
