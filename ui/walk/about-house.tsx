'use client';
import { useOptimistic } from 'react';
import { UNITS, type Units } from '@/core/basics/choices';
import type { HomeFacts } from '@/core/home/facts';
import { WAYS_ROUND, type WayRound } from '@/core/home/room';
import type { Member } from '@/core/people/member';
import { BUILT_YEAR_USE, FACT_QUESTIONS, LATITUDE_USE, WAY_WORDS } from '@/present/walk/fact-words';
import { css } from '@/ui/theme/made/css';
import type { ChangeActions } from '../parts/change-actions';
import { Check } from '../parts/check';
import { NativeSelect } from '../parts/native-select';
import { Sentence } from '../parts/sentence';
import { useChanges } from '../parts/use-changes';
import { NumberFact } from './number-fact';
import { QuietFields } from './quiet-fields';
import { WeatherFields } from './weather-fields';
import { WeeklyRoundFields } from './weekly-round-fields';

export type AboutHouseProps = {
  readonly facts: HomeFacts;
  /** Whether dates of which nothing is said go by the simulated forecast. */
  readonly forecast: boolean;
  readonly way: WayRound;
  readonly units: Units;
  readonly people: readonly Pick<Member, 'id' | 'name'>[];
  readonly actions: ChangeActions;
};

const UNIT_WORDS: Record<Units, string> = { metric: 'Metres', us: 'Feet' };

type Question = keyof typeof FACT_QUESTIONS;
const QUESTIONS = Object.keys(FACT_QUESTIONS) as Question[];

/** What is asked as a number, or left empty. */
const NUMBERS = [
  {
    fact: 'builtYear',
    label: 'Built in the year',
    range: [1000, 2200],
    keys: 'numeric',
    fault: 'Please give the year in four digits, or leave it empty.',
    use: BUILT_YEAR_USE,
  },
  {
    fact: 'latitude',
    label: 'Degrees of latitude',
    range: [-90, 90],
    // Keys for figures alone have no minus on some phones.
    keys: 'text',
    fault: 'Please give whole degrees from −90 to 90, or leave it empty.',
    use: LATITUDE_USE,
  },
] as const;

/** What is true of the whole house, with what each answer is used for; the way round; and the units. */
export function AboutHouse({ facts: stored, forecast, way, units, people, actions }: AboutHouseProps) {
  const [facts, show] = useOptimistic(stored, (_known, next: HomeFacts) => next);
  const changes = useChanges(actions);
  const say = (next: HomeFacts) => changes.send({ do: 'home-facts', facts: next }, 'Kept.', () => show(next));
  return (
    <div className={css({ display: 'flex', flexDirection: 'column', gap: 2, maxWidth: 720 })}>
      <Sentence>{changes.sentence}</Sentence>
      <span role="status" className="visually-hidden">
        {changes.said}
      </span>
      <InThisHouse facts={facts} onSay={say} />
      <WeeklyRoundFields
        round={facts.weeklyRound ?? { covers: [] }}
        people={people}
        onSay={(weeklyRound) => say({ ...facts, weeklyRound })}
      />
      <QuietFields
        quiet={facts.quiet ?? []}
        onSay={(quiet) => say({ ...facts, quiet: quiet.length > 0 ? quiet : undefined })}
      />
      <WeatherFields
        isOn={forecast}
        wetDays={facts.wetDays}
        onSwitch={(isOn) => changes.send({ do: 'forecast', ...(isOn && { seed: anySeed() }) }, 'Kept.')}
        onSay={(wetDays) => say({ ...facts, wetDays })}
      />
      {NUMBERS.map(({ fact, ...field }) => (
        <NumberFact
          key={fact}
          {...field}
          value={facts[fact]}
          onChange={(value) => {
            const { [fact]: _known, ...rest } = facts;
            say(value === undefined ? rest : { ...rest, [fact]: value });
          }}
        />
      ))}
      <div className={css({ display: 'flex', flexDirection: { base: 'column', sm: 'row' }, gap: 2 })}>
        <NativeSelect
          label="Way round a room"
          helperText="The strip, its order and the order of work follow."
          value={way}
          options={WAYS_ROUND.map((one) => [one, WAY_WORDS[one]])}
          onChange={(next) => changes.send({ do: 'way-round', way: next as WayRound })}
        />
        <NativeSelect
          label="Measured in"
          value={units}
          options={UNITS.map((one) => [one, UNIT_WORDS[one]])}
          onChange={(next) => changes.send({ do: 'units', units: next as Units })}
        />
      </div>
    </div>
  );
}

function InThisHouse({ facts, onSay }: { facts: HomeFacts; onSay: (facts: HomeFacts) => void }) {
  return (
    <fieldset className={css({ border: 0, p: 0, m: 0 })}>
      <legend className={css({ textStyle: 'body', m: 0, fontWeight: 620, mb: 0.5 })}>In this house</legend>
      {QUESTIONS.map((question) => (
        <div key={question} className={css({ mb: 0.5 })}>
          <Check
            label={FACT_QUESTIONS[question].ask}
            checked={facts[question]}
            onChange={(checked) => onSay({ ...facts, [question]: checked })}
            aria-describedby={`use-${question}`}
          />
          <p
            id={`use-${question}`}
            className={css({ textStyle: 'body', m: 0, fontSize: '0.9rem', color: 'quiet', pl: 4 })}
          >
            {FACT_QUESTIONS[question].use}
          </p>
        </div>
      ))}
    </fieldset>
  );
}

const SEEDS = 2 ** 31;
const anySeed = () => Math.floor(Math.random() * SEEDS);
