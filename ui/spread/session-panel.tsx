'use client';
import { useState } from 'react';
import type { Lane } from '@/present/spread/lanes-model';
import { count, longDate } from '@/present/words/words';
import { css } from '@/ui/theme/made/css';
import { Button } from '../parts/button';
import { NativeSelect } from '../parts/native-select';
import { DateField } from '../parts/when-field';
import type { Choices } from './move-panel';
import type { SteeringState } from './use-steering';

type SessionPanelProps = {
  readonly lane: Lane;
  readonly date: string;
  readonly choices: Choices;
  readonly steering: SteeringState;
};

const FIELD = { width: { base: '100%', sm: 190 } };

/** Moves all that somebody does on a day without a pointer: to another date, or to somebody else. */
export function SessionPanel({ lane, date, choices, steering }: SessionPanelProps) {
  const [to, setTo] = useState<string | undefined>(date);
  const [by, setBy] = useState(lane.id);
  return (
    <div
      role="region"
      aria-label="Move a session"
      className={css({ mt: 2, p: 2, bgcolor: 'paper', borderRadius: 1, maxWidth: 880 })}
    >
      <h3 className={css({ textStyle: 'h3', m: 0 })}>All that {lane.name} does</h3>
      <p className={css({ textStyle: 'body', m: 0, color: 'quiet' })}>
        {longDate(date)}, {count(lane.blocks.length, 'piece', 'pieces')} of work. What can’t come along stays.
      </p>
      <form
        onSubmit={(event) => {
          event.preventDefault();
          if (to) steering.moveSession({ person: lane.id, date, to, ...(by !== lane.id && { by }) });
        }}
        className={css({ display: 'flex', flexWrap: 'wrap', gap: 1.5, alignItems: 'center', mt: 2 })}
      >
        <DateField label="To the date" value={to} onKeep={setTo} className={css(FIELD)} />
        <NativeSelect
          size="small"
          label="Who"
          value={by}
          onChange={setBy}
          className={css(FIELD)}
          options={choices.people.map(({ id, name }) => [id, name] as const)}
        />
        <Button type="submit" variant="contained" disabled={!to} loading={steering.pending}>
          Move it all
        </Button>
      </form>
    </div>
  );
}
