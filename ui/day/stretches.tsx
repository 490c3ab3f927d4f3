'use client';
import { dayView } from '@/core/day/day-view';
import type { DayPerson } from '@/present/day/day-file';
import { isDoneWith } from '@/present/day/step-face';
import { duration } from '@/present/words/words';
import { css } from '@/ui/theme/made/css';
import { AskButton } from './ask-button';
import { type Day, useDay } from './day-context';
import { StretchBar } from './stretch-bar';

/** The stretch of work of everybody whose day is on the page. */
export function Stretches() {
  const day = useDay();
  if (day.workers.length === 0) return null;
  return (
    <div className={css({ display: 'flex', flexDirection: 'column', gap: 2 })}>
      {day.workers.map((person) => (
        <StretchOf key={person.id} person={person} day={day} />
      ))}
    </div>
  );
}

function StretchOf({ person, day }: { person: DayPerson; day: Day }) {
  const { run, store, asks } = day;
  const isShared = day.file.person === undefined;
  if (!isDoneWith(viewOf(person, day)))
    return (
      <StretchBar stretch={run.stretches.get(person.id)} person={person} isNamed={isShared} store={store} />
    );
  if (!asks) return null;
  const words = `One more block of ${duration(person.breakAfter)}`;
  return (
    <AskButton
      words={isShared ? `${person.name}: ${words}` : words}
      act={asks.takeOneMoreBlock}
      wish={{ person: person.id, minutes: person.breakAfter }}
      onDone={(words) => {
        store.say(words);
        void store.carry({ do: 'block', what: 'begin' }, person.id);
      }}
    />
  );
}

function viewOf({ id }: DayPerson, { file, run, second, view }: Day) {
  return file.person === id ? view : dayView(file.pack, run, second, id);
}
