'use client';
import Box from '@mui/material/Box';
import Checkbox from '@mui/material/Checkbox';
import FormControlLabel from '@mui/material/FormControlLabel';
import Stack from '@mui/material/Stack';
import Typography from '@mui/material/Typography';
import { useOptimistic } from 'react';
import { UNITS, type Units } from '@/core/basics/choices';
import type { HomeFacts } from '@/core/home/facts';
import { WAYS_ROUND, type WayRound } from '@/core/home/room';
import type { Member } from '@/core/people/member';
import { BUILT_YEAR_USE, FACT_QUESTIONS, LATITUDE_USE, WAY_WORDS } from '@/present/walk/fact-words';
import type { ChangeActions } from '../parts/change-actions';
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
    <Stack spacing={2} sx={{ maxWidth: 720 }}>
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
      <Stack direction={{ xs: 'column', sm: 'row' }} spacing={2}>
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
      </Stack>
    </Stack>
  );
}

function InThisHouse({ facts, onSay }: { facts: HomeFacts; onSay: (facts: HomeFacts) => void }) {
  return (
    <Box component="fieldset" sx={{ border: 0, p: 0, m: 0 }}>
      <Typography component="legend" sx={{ fontWeight: 620, mb: 0.5 }}>
        In this house
      </Typography>
      {QUESTIONS.map((question) => (
        <Box key={question} sx={{ mb: 0.5 }}>
          <FormControlLabel
            control={
              <Checkbox
                checked={facts[question]}
                onChange={(_event, checked) => onSay({ ...facts, [question]: checked })}
                slotProps={{ input: { 'aria-describedby': `use-${question}` } }}
              />
            }
            label={FACT_QUESTIONS[question].ask}
          />
          <Typography id={`use-${question}`} sx={{ fontSize: '0.9rem', color: 'text.secondary', pl: 4 }}>
            {FACT_QUESTIONS[question].use}
          </Typography>
        </Box>
      ))}
    </Box>
  );
}

const SEEDS = 2 ** 31;
const anySeed = () => Math.floor(Math.random() * SEEDS);
