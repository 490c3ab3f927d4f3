'use client';
import { useEffect, useState } from 'react';
import type { ActionResult } from '@/present/forms/result';
import type { Block } from '@/present/spread/lanes-model';
import { clock, longDate, plusDays } from '@/present/words/words';
import { css } from '@/ui/theme/made/css';
import { Button } from '../parts/button';
import { NativeSelect } from '../parts/native-select';
import { DateField, TimeField } from '../parts/when-field';
import type { SteeringState } from './use-steering';

/** What can be chosen from when something is moved. */
export type Choices = {
  readonly people: readonly { readonly id: string; readonly name: string }[];
  /** The last date of the clean. */
  readonly last: string;
};

type MovePanelProps = {
  readonly block: Block;
  readonly choices: Choices;
  readonly steering: SteeringState;
  readonly why: (task: string) => Promise<ActionResult<string>>;
};

const DAYS_A_WEEK = 7;

const FIELD = { width: { base: '100%', sm: 190 } };

/** Moves one piece of work without a pointer, says why it is where it is, and lets it go again. */
export function MovePanel({ block, choices, steering, why }: MovePanelProps) {
  const reason = useReason(block, why);
  return (
    <div
      role="region"
      aria-label="Move a job"
      className={css({ mt: 2, p: 2, bgcolor: 'paper', borderRadius: 1, maxWidth: 880 })}
    >
      <h3 className={css({ textStyle: 'h3', m: 0 })}>
        {block.title}, {block.room}
      </h3>
      <p className={css({ textStyle: 'body', m: 0, color: 'quiet' })}>
        {longDate(block.start.slice(0, 10))}, {clock(block.start)} to {clock(block.end)}
      </p>
      <p className={css({ textStyle: 'body', m: 0, my: 1 })}>{reason}</p>
      <WhereTo block={block} choices={choices} steering={steering} />
      <Otherwise block={block} choices={choices} steering={steering} />
    </div>
  );
}

type Section = Omit<MovePanelProps, 'why'>;

function WhereTo({ block, choices, steering }: Section) {
  const [date, setDate] = useState<string | undefined>(block.start.slice(0, 10));
  const [time, setTime] = useState('');
  const [person, setPerson] = useState('');
  const move = () =>
    date && steering.move({ task: block.task, date, ...(time && { time }), ...(person && { person }) });
  return (
    <form
      onSubmit={(event) => {
        event.preventDefault();
        move();
      }}
      className={css({ display: 'flex', flexWrap: 'wrap', gap: 1.5, alignItems: 'center', my: 2 })}
    >
      <DateField label="To the date" value={date} onKeep={setDate} className={css(FIELD)} />
      <TimeField
        label="Time, if it matters"
        value={time || undefined}
        onKeep={(next) => setTime(next ?? '')}
        className={css(FIELD)}
      />
      <NativeSelect
        size="small"
        label="Who"
        value={person}
        onChange={setPerson}
        className={css(FIELD)}
        none="whoever suits"
        options={choices.people.map(({ id, name }) => [id, name] as const)}
      />
      <Button type="submit" variant="contained" disabled={!date} loading={steering.pending}>
        Move it
      </Button>
    </form>
  );
}

function Otherwise({ block: { task, start }, choices, steering }: Section) {
  const nextWeek = plusDays(start.slice(0, 10), DAYS_A_WEEK);
  return (
    <div className={css({ display: 'flex', flexWrap: 'wrap', gap: 1 })}>
      <Button
        color="inherit"
        disabled={nextWeek > choices.last}
        onClick={() => steering.steer({ do: 'later', later: [{ task, from: nextWeek }] })}
      >
        Not in the next seven days
      </Button>
      <Button color="inherit" onClick={() => steering.steer({ do: 'let-go', tasks: [task] })}>
        Leave it to the plan
      </Button>
    </div>
  );
}

function useReason(block: Block, why: MovePanelProps['why']): string {
  const [reason, setReason] = useState('');
  const { task, start } = block;
  useEffect(() => {
    let gone = false;
    // Where it lies decides what there is to say.
    if (start)
      why(task)
        .then((result) => {
          if (!gone && result.ok) setReason(result.value);
        })
        .catch(() => undefined);
    return () => {
      gone = true;
    };
  }, [task, start, why]);
  return reason;
}
