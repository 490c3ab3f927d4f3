'use client';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useLayoutEffect, useRef, useState } from 'react';
import type { DayAct } from '@/core/clean/events';
import { HINDRANCES, type Hindrance } from '@/core/clean/names';
import { spentOn, type Work } from '@/core/day/run';
import type { DayPerson } from '@/present/day/day-file';
import type { StepFace } from '@/present/day/step-face';
import { inSentence } from '@/present/words/piece-of-work';
import { clock, duration } from '@/present/words/words';
import { CUT, FROST } from '../theme/frost';
import { ActRow } from './act-row';
import type { DayStore } from './run/day-store';
import { readAloud } from './run/read-aloud';
import { useSecond } from './run/use-day-store';

export const HINDRANCE_WORDS: Record<Hindrance, string> = {
  product: 'No product for it',
  tool: 'No tool for it',
  help: 'It needs another person',
  broken: 'It is broken',
  unsafe: 'It does not look safe',
};

/** So soon after a step has come up, a second press was meant for the one before. */
const DOUBLE_MS = 400;

const SHARES = [25, 50, 75] as const;

type NowStepProps = {
  readonly step: StepFace;
  readonly isToday: boolean;
  readonly work: Work | undefined;
  /** How far it has come, in hundredths. */
  readonly share: number | undefined;
  /** Who else could take it. */
  readonly others: readonly DayPerson[];
  /** In the name of whose step it is. */
  readonly carry: (act: DayAct) => void;
  readonly store: DayStore;
  readonly onDone: (step: StepFace) => void;
};

/** The one thing to do now, with everything one needs to know and one big press. */
export function NowStep(props: NowStepProps) {
  const { step, isToday, work, share, others, carry, store, onDone } = props;
  return (
    <Box
      component="section"
      aria-labelledby="now"
      sx={{ background: FROST, clipPath: CUT, p: { xs: 2, sm: 3 } }}
    >
      <WhatItIs step={step} isToday={isToday} share={share} />
      <HowItGoes step={step} />
      <Presses step={step} work={work} carry={carry} onDone={onDone} />
      {work && <Spent work={work} store={store} />}
      <MoreAboutStep key={step.id} step={step} isToday={isToday} others={others} carry={carry} />
    </Box>
  );
}

function WhatItIs({ step, isToday, share }: Pick<NowStepProps, 'step' | 'isToday' | 'share'>) {
  const { item } = step;
  return (
    <>
      <Typography id="now" component="h2" sx={{ fontSize: '0.95rem', fontWeight: 600 }}>
        {[isToday ? 'Now' : 'First', `planned for ${clock(item.start)} to ${clock(item.end)}`, step.who]
          .filter(Boolean)
          .join(' · ')}
      </Typography>
      <Typography component="p" variant="h1" sx={{ mt: 0.5 }}>
        {step.job}
        {step.manner && (
          <Box component="span" sx={{ fontSize: '1.25rem', fontWeight: 400 }}>
            {` · ${inSentence(step.manner)}`}
          </Box>
        )}
      </Typography>
      <Typography sx={{ mt: 0.5, fontSize: '1.1rem' }}>
        {step.where}, {duration(item.step.minutes)}.{share !== undefined && ` ${share} % of it is done.`}
      </Typography>
    </>
  );
}

function HowItGoes({ step }: { step: StepFace }) {
  return (
    <Box sx={{ mt: 2, display: 'grid', gap: 1, fontSize: '1.05rem', maxWidth: '60ch' }}>
      {step.cautions.length > 0 && <Cautions cautions={step.cautions} />}
      {step.waters.map((water) => (
        <Box key={water} sx={{ fontWeight: 600 }}>
          {water}
        </Box>
      ))}
      {step.moves.map((move) => (
        <div key={move}>{move}</div>
      ))}
      <div>{step.how}</div>
      {step.kit.length > 0 && <div>With: {step.kit.join('; ')}.</div>}
      {step.doneWhen && <div>Done when: {step.doneWhen}</div>}
    </Box>
  );
}

/** Under the thumb on a phone, however much there is to read; nothing to read shows through between. */
const UNDER_THUMB = {
  mt: 2.5,
  display: 'flex',
  flexWrap: 'wrap',
  gap: 1.5,
  maxWidth: { md: 620 },
  position: { xs: 'sticky', md: 'static' },
  bottom: 'var(--bar-height, 56px)',
  mx: { xs: -2, sm: -3, md: 0 },
  px: { xs: 2, sm: 3, md: 0 },
  py: { xs: 1.5, md: 0 },
  background: { xs: FROST, md: 'none' },
} as const;

function Presses({ step, work, carry, onDone }: Pick<NowStepProps, 'step' | 'work' | 'carry' | 'onDone'>) {
  const runs = work?.since !== undefined;
  const shownAt = useShownAt(step.id);
  return (
    <Box sx={UNDER_THUMB}>
      <Button
        variant="contained"
        size="large"
        // The second press of a double one would land on the next step.
        onClick={(event) =>
          (event.detail <= 1 || performance.now() - shownAt.current > DOUBLE_MS) && onDone(step)
        }
        // A key that is held down is one press.
        onKeyDown={(event) => event.repeat && event.preventDefault()}
        sx={{ minHeight: 64, flex: '2 1 160px', fontSize: '1.25rem' }}
      >
        Done
      </Button>
      <Button
        variant="outlined"
        size="large"
        color="inherit"
        onClick={() => carry({ do: runs ? 'pause' : 'start', step: step.id })}
        sx={{ minHeight: 64, flex: '1 1 110px', bgcolor: 'background.paper' }}
      >
        {runs ? 'Pause' : work ? 'Carry on' : 'Start'}
      </Button>
    </Box>
  );
}

/** When the step has come up, in milliseconds of the page. */
function useShownAt(step: string) {
  const shownAt = useRef(0);
  // biome-ignore lint/correctness/useExhaustiveDependencies: another step has come up.
  useLayoutEffect(() => {
    shownAt.current = performance.now();
  }, [step]);
  return shownAt;
}

function Cautions({ cautions }: { cautions: readonly string[] }) {
  return (
    <Box
      component="section"
      aria-label="Take care"
      sx={{
        borderInlineStart: '4px solid',
        borderColor: 'error.main',
        pl: 1.5,
        bgcolor: 'background.paper',
        py: 0.75,
        pr: 1,
      }}
    >
      <strong>Take care.</strong>
      {cautions.map((caution) => (
        <div key={caution}>{caution}</div>
      ))}
    </Box>
  );
}

function Spent({ work, store }: { work: Work; store: DayStore }) {
  const now = useSecond(store);
  const seconds = spentOn(work, now);
  const shown = `${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, '0')}`;
  return (
    <Typography sx={{ mt: 1, fontVariantNumeric: 'tabular-nums' }}>
      {work.since === undefined ? `Paused after ${shown}` : `${shown} so far`}
    </Typography>
  );
}

type MoreProps = Pick<NowStepProps, 'step' | 'isToday' | 'others' | 'carry'>;

/** What else can become of a step: in part, not at all, and on its day also later or by somebody else. */
function MoreAboutStep({ step, isToday, others, carry }: MoreProps) {
  const [asks, setAsks] = useState<Question>();
  const { id } = step;
  const say = (act: DayAct) => {
    setAsks(undefined);
    carry(act);
  };
  const later = { words: 'Not today', press: () => say({ do: 'not-today', step: id }) };
  const handOn = others.map((person) => ({
    words: `To ${person.name}`,
    label: `Hand on to ${person.name}`,
    press: () => say({ do: 'hand', step: id, to: person.id }),
  }));
  return (
    <Box sx={{ mt: 2, display: 'grid', gap: 1.5 }}>
      <ActRow
        presses={[
          { words: 'Part done', press: () => setAsks('part') },
          ...(isToday ? [later] : []),
          { words: 'Can’t', press: () => setAsks('cannot') },
          { words: 'Read aloud', press: () => readAloud(step) },
          ...(isToday ? handOn : []),
        ]}
      />
      {asks && <ActRow title={QUESTIONS[asks]} presses={answersTo(asks, id, say)} />}
    </Box>
  );
}

const QUESTIONS = { part: 'How far has it come?', cannot: 'What is in the way?' } as const;
type Question = keyof typeof QUESTIONS;

function answersTo(question: Question, step: StepFace['id'], say: (act: DayAct) => void) {
  return question === 'part'
    ? SHARES.map((share) => ({ words: `${share} %`, press: () => say({ do: 'part', step, share }) }))
    : HINDRANCES.map((why) => ({
        words: HINDRANCE_WORDS[why],
        press: () => say({ do: 'cannot', step, why }),
      }));
}
