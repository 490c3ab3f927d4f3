'use client';
import { memo } from 'react';
import type { DayAct } from '@/core/clean/events';
import type { Stretch } from '@/core/day/run';
import type { DayPerson } from '@/present/day/day-file';
import { duration } from '@/present/words/words';
import { css } from '@/ui/theme/made/css';
import { ActRow } from './act-row';
import { AwakePress } from './awake-press';
import { placeOfStretch } from './places';
import { wakeBell } from './run/bell';
import type { DayStore } from './run/day-store';
import { useSecond } from './run/use-day-store';

type StretchBarProps = {
  readonly stretch: Stretch | undefined;
  readonly person: DayPerson;
  /** Where the day of several people is on one page. */
  readonly isNamed: boolean;
  readonly store: DayStore;
};

/** The stretch of work: begun, resting, one more, or enough for today. */
export const StretchBar = memo(function StretchBar({ stretch, person, isNamed, store }: StretchBarProps) {
  const say = (what: Extract<DayAct, { do: 'block' }>['what']) => {
    wakeBell();
    void store.carry({ do: 'block', what }, person.id);
  };
  const begin = { words: stretch ? 'One more block' : 'Kit carried in: begin', press: () => say('begin') };
  const rest = { words: 'Rest', press: () => say('rest') };
  const enough = { words: 'Enough for today', press: () => say('enough') };
  const pressesAt = (what: Stretch['what'] | undefined) => {
    if (what === 'enough') return [begin];
    return what === 'begin' ? [rest, enough] : [begin, enough];
  };
  return (
    <div id={placeOfStretch(person.id)} tabIndex={-1} className={css({ display: 'grid', gap: 1 })}>
      {stretch && <StretchLine stretch={stretch} person={person} store={store} />}
      <div className={css({ display: 'flex', flexWrap: 'wrap', gap: 1, alignItems: 'flex-end' })}>
        <ActRow
          {...(isNamed && { title: person.name })}
          presses={pressesAt(stretch?.what).map(({ words, press }) => ({
            words,
            press,
            ...(isNamed && { label: `${words}, ${person.name}` }),
          }))}
        />
        <AwakePress />
      </div>
    </div>
  );
});

function StretchLine({ stretch, person, store }: { stretch: Stretch; person: DayPerson; store: DayStore }) {
  const now = useSecond(store, 10);
  const minutes = Math.max(0, Math.floor((now - stretch.since) / 60));
  if (stretch.what === 'enough') return <div>Enough for today. What is left gets a new day.</div>;
  if (stretch.what === 'rest')
    return (
      <div>
        Resting for {duration(minutes)}
        {person.breakLength > 0 && ` of ${duration(person.breakLength)}`}.
      </div>
    );
  return (
    <div>
      At it for {duration(minutes)}; a rest is due after {duration(person.breakAfter)}.
    </div>
  );
}
