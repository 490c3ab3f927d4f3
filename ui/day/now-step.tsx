'use client';
import { useRef, useState } from 'react';
import type { DayAct } from '@/core/clean/events';
import { HINDRANCES, type Hindrance } from '@/core/clean/names';
import { spentOn, type Work } from '@/core/day/run';
import type { DayPerson } from '@/present/day/day-file';
import type { RoomInLittle } from '@/present/day/here';
import { type StepFace, soakBefore } from '@/present/day/step-face';
import { inSentence } from '@/present/words/piece-of-work';
import { clock, duration } from '@/present/words/words';
import { css } from '@/ui/theme/made/css';
import { KindMark } from '../parts/kind-mark';
import { PourDrawing } from '../parts/pour-drawing';
import { ActRow } from './act-row';
import { placeOfStep } from './places';
import type { DayStore } from './run/day-store';
import { readAloud } from './run/read-aloud';
import { useSecond } from './run/use-day-store';
import { YouAreHere } from './you-are-here';

export const HINDRANCE_WORDS: Record<Hindrance, string> = {
  product: 'No product for it',
  tool: 'No tool for it',
  help: 'It needs another person',
  broken: 'It is broken',
  unsafe: 'It does not look safe',
};

const SHARES = [25, 50, 75] as const;

type NowStepProps = {
  readonly step: StepFace;
  readonly isToday: boolean;
  readonly work: Work | undefined;
  /** How far it has come, in hundredths. */
  readonly share: number | undefined;
  /** Who else could take it. */
  readonly others: readonly DayPerson[];
  /** What else of today is done to the same sort of thing; none for helpers. */
  readonly alike: readonly StepFace[];
  /** In the name of whose step it is. */
  readonly carry: (act: DayAct) => void;
  readonly store: DayStore;
  /** The room that it is in, drawn in little. */
  readonly little: RoomInLittle | undefined;
  /** The minutes that are left of the session, where the step takes longer. */
  readonly tooLong: string | undefined;
};

/** The one thing to do now, with everything one needs to know and one big press. */
export function NowStep(props: NowStepProps) {
  const { step, isToday, work, share, others, alike, carry, store, little, tooLong } = props;
  const section = useRef<HTMLElement>(null);
  // What was pressed is gone with its step: the focus stays with what comes up in its place.
  const carryOn = (act: DayAct) => {
    carry(act);
    if (ENDS.has(act.do)) section.current?.focus({ preventScroll: true });
  };
  return (
    <section
      ref={section}
      aria-labelledby="now"
      id={placeOfStep(step.id)}
      tabIndex={-1}
      className={css({
        background: 'var(--frost)',
        clipPath: 'var(--cut)',
        p: { base: 2, sm: 3 },
        '&:focus': { outlineOffset: '-6px' },
      })}
    >
      <WhatItIs step={step} isToday={isToday} share={share} />
      {little && step.stop && <YouAreHere room={little} stop={step.stop} />}
      {tooLong && <p className={css({ textStyle: 'body', m: 0, mt: 0.5, fontWeight: 600 })}>{tooLong}</p>}
      <HowItGoes step={step} />
      {work && <Spent work={work} store={store} />}
      <MoreAboutStep
        key={step.id}
        step={step}
        isToday={isToday}
        work={work}
        others={others}
        alike={alike}
        carry={carryOn}
      />
    </section>
  );
}

/** After these another step is the one to do now. */
const ENDS: ReadonlySet<DayAct['do']> = new Set(['not-today', 'cannot', 'hand', 'part', 'again']);

function WhatItIs({ step, isToday, share }: Pick<NowStepProps, 'step' | 'isToday' | 'share'>) {
  const { item } = step;
  return (
    <>
      <h2 id="now" className={css({ textStyle: 'body', m: 0, fontSize: '0.95rem', fontWeight: 600 })}>
        {[isToday ? 'Now' : 'First', `planned for ${clock(item.start)} to ${clock(item.end)}`, step.who]
          .filter(Boolean)
          .join(' · ')}
      </h2>
      <p className={css({ textStyle: 'h1', m: 0, mt: 0.5 })}>
        {step.mark && <KindMark mark={step.mark} className={MARK} />}
        {step.job}
        {step.manner && (
          <span className={css({ fontSize: '1.25rem', fontWeight: 400 })}>
            {` · ${inSentence(step.manner)}`}
          </span>
        )}
      </p>
      <p className={css({ textStyle: 'body', m: 0, mt: 0.5, fontSize: '1.1rem' })}>
        {step.where}, {duration(item.step.minutes)}.{share !== undefined && ` ${share} % of it is done.`}
      </p>
    </>
  );
}

const MARK = css({
  float: 'inline-start',
  width: 38,
  height: 38,
  mr: 1.5,
  mt: 0.25,
  fill: 'currentColor',
});

function HowItGoes({ step }: { step: StepFace }) {
  return (
    <div className={css({ mt: 2, display: 'grid', gap: 1, fontSize: '1.05rem', maxWidth: '60ch' })}>
      {step.cautions.length > 0 && <Cautions cautions={step.cautions} />}
      {step.waters.length > 0 && <Waters step={step} />}
      {step.moves.map((move) => (
        <div key={move}>{move}</div>
      ))}
      <div>{step.how}</div>
      {step.kit.length > 0 && <div>With: {step.kit.join('; ')}.</div>}
      {step.doneWhen && <div>Done when: {step.doneWhen}</div>}
    </div>
  );
}

/** What to mix first, in words and drawn. */
function Waters({ step: { waters, pours } }: { step: StepFace }) {
  return (
    <div className={css({ display: 'flex', gap: 1, justifyContent: 'space-between', alignItems: 'center' })}>
      <div className={css({ display: 'grid', gap: 1, fontWeight: 600 })}>
        {waters.map((water) => (
          <div key={water}>{water}</div>
        ))}
      </div>
      <div className={css({ flexShrink: 0 })}>
        {pours.map((pour) => (
          <PourDrawing key={`${pour.doseWords} ${pour.waterWords}`} pour={pour} />
        ))}
      </div>
    </div>
  );
}

function Cautions({ cautions }: { cautions: readonly string[] }) {
  return (
    <section
      aria-label="Take care"
      className={css({
        borderInlineStart: '4px solid var(--colors-alarm)',
        pl: 1.5,
        bgcolor: 'paper',
        py: 0.75,
        pr: 1,
      })}
    >
      <strong>Take care.</strong>
      {cautions.map((caution) => (
        <div key={caution}>{caution}</div>
      ))}
    </section>
  );
}

function Spent({ work, store }: { work: Work; store: DayStore }) {
  const now = useSecond(store);
  const seconds = spentOn(work, now);
  const shown = `${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, '0')}`;
  return (
    <p className={css({ textStyle: 'body', m: 0, mt: 1, fontVariantNumeric: 'tabular-nums' })}>
      {work.since === undefined ? `Paused after ${shown}` : `${shown} so far`}
    </p>
  );
}

type MoreProps = Pick<NowStepProps, 'step' | 'isToday' | 'work' | 'others' | 'alike' | 'carry'>;

/** What else can become of a step: timed, in part, not at all, and on its day also later or by somebody else. */
function MoreAboutStep({ step, isToday, work, others, alike, carry }: MoreProps) {
  const [asks, setAsks] = useState<Question>();
  const { id } = step;
  const say = (act: DayAct) => {
    setAsks(undefined);
    carry(act);
  };
  const runs = work?.since !== undefined;
  const timing = {
    id: 'timing',
    words: runs ? 'Pause' : work ? 'Carry on' : 'Start',
    press: () => carry({ do: runs ? 'pause' : 'start', step: id }),
  };
  const soak = soakBefore(step.item);
  const later = [
    { words: 'Not today', press: () => say({ do: 'not-today', step: id }) },
    ...(alike.length > 0 && step.thing
      ? [
          {
            words: `Each ${step.thing.toLowerCase()} another day`,
            press: () => say({ do: 'not-today', step: id, also: alike.map((one) => one.id) }),
          },
        ]
      : []),
  ];
  const again = soak && { words: 'Not clean: soak again', press: () => say({ do: 'again', ...soak }) };
  const handOn = others.map((person) => ({
    words: `To ${person.name}`,
    label: `Hand on to ${person.name}`,
    press: () => say({ do: 'hand', step: id, to: person.id }),
  }));
  return (
    <div className={css({ mt: 2, display: 'grid', gap: 1.5 })}>
      <ActRow
        presses={[
          timing,
          { words: 'Part done', press: () => setAsks('part') },
          ...(isToday ? later : []),
          ...(isToday && again ? [again] : []),
          { words: 'Can’t', press: () => setAsks('cannot') },
          { words: 'Read aloud', press: () => readAloud(step) },
          ...(isToday ? handOn : []),
        ]}
      />
      {asks && <ActRow title={QUESTIONS[asks]} presses={answersTo(asks, id, say)} />}
    </div>
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
