'use client';
import { useState } from 'react';
import { type HowItCameOut, OUTCOMES } from '@/core/clean/names';
import type { StepFace } from '@/present/day/step-face';
import { CAME_OUT_WORDS } from '@/present/record/came-out-words';
import { duration } from '@/present/words/words';
import { css } from '@/ui/theme/made/css';
import { Button } from '../parts/button';
import { ActRow } from './act-row';

/** Added to what was planned where it took longer. */
const LONGER = [5, 10, 20, 30, 60] as const;

type TickProps = {
  readonly step: StepFace;
  /** What has come up by it. */
  readonly next: StepFace | undefined;
  readonly seconds: number | undefined;
  readonly onUndo: () => void;
  readonly onTook: (minutes: number) => void;
  /** How it came out; undefined while nobody has said so. */
  readonly cameOut: HowItCameOut | undefined;
  readonly onCameOut: (how: HowItCameOut) => void;
  readonly isPlannedAgain: boolean;
  /** Has it done once more; absent where that is no answer yet, or has been given. */
  readonly onSecondGo: (() => void) | undefined;
};

/** What was ticked off last: taken back with one press, said to have taken longer, or not to be clean by it. */
export function Tick({
  step,
  next,
  seconds,
  onUndo,
  onTook,
  cameOut,
  onCameOut,
  isPlannedAgain,
  onSecondGo,
}: TickProps) {
  const [asks, setAsks] = useState<'took' | 'cameOut'>();
  const planned = step.item.step.minutes;
  const ask = (question: 'took' | 'cameOut') => () =>
    setAsks((open) => (open === question ? undefined : question));
  const took = (minutes: number) => () => {
    setAsks(undefined);
    onTook(minutes);
  };
  const came = (how: HowItCameOut) => () => {
    setAsks(undefined);
    onCameOut(how);
  };
  return (
    <div className={css({ display: 'flex', flexDirection: 'column', gap: 1 })}>
      <div role="status" className={css({ display: 'flex', flexWrap: 'wrap', gap: 1, alignItems: 'center' })}>
        <IsDone {...{ step, seconds, cameOut, next, isPlannedAgain }} />
        <Button onClick={onUndo}>Undo</Button>
        <Button color="inherit" onClick={ask('took')} aria-expanded={asks === 'took'}>
          Took longer
        </Button>
        <Button color="inherit" onClick={ask('cameOut')} aria-expanded={asks === 'cameOut'}>
          Not clean by it
        </Button>
        {onSecondGo && <Button onClick={onSecondGo}>Plan a second go</Button>}
      </div>
      {asks === 'cameOut' && (
        <ActRow
          title="How did it come out? The record keeps it, and what is still dirty stays due"
          presses={OUTCOMES.map((how) => ({ words: CAME_OUT_WORDS[how], press: came(how) }))}
        />
      )}
      {asks === 'took' && (
        <ActRow
          title={`Planned were ${duration(planned)}. In all it took`}
          presses={LONGER.map((more) => ({ words: duration(planned + more), press: took(planned + more) }))}
        />
      )}
    </div>
  );
}

function IsDone({
  step,
  seconds,
  cameOut,
  next,
  isPlannedAgain,
}: Pick<TickProps, 'step' | 'seconds' | 'cameOut' | 'next' | 'isPlannedAgain'>) {
  return (
    <span>
      “{step.title}” is done.
      {seconds !== undefined && ` It took ${duration(Math.max(1, Math.round(seconds / 60)))}.`}
      {cameOut && cameOut !== 'clean' && ` In the record: ${CAME_OUT_WORDS[cameOut].toLowerCase()}.`}
      {isPlannedAgain && ' A second go is in the plan, with something stronger where that is safe.'}
      {next && (
        <span className="visually-hidden">
          {' '}
          Now: {next.title}, {next.where}.
        </span>
      )}
    </span>
  );
}
