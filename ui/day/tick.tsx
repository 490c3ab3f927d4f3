'use client';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Stack from '@mui/material/Stack';
import { useState } from 'react';
import type { StepFace } from '@/present/day/step-face';
import { duration } from '@/present/words/words';
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
};

/** What was ticked off last: taken back with one press, or said to have taken longer. */
export function Tick({ step, next, seconds, onUndo, onTook }: TickProps) {
  const [asks, setAsks] = useState(false);
  const planned = step.item.step.minutes;
  const took = (minutes: number) => () => {
    setAsks(false);
    onTook(minutes);
  };
  return (
    <Stack spacing={1}>
      <Box role="status" sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, alignItems: 'center' }}>
        <IsDone step={step} seconds={seconds} next={next} />
        <Button onClick={onUndo}>Undo</Button>
        <Button color="inherit" onClick={() => setAsks((open) => !open)} aria-expanded={asks}>
          Took longer
        </Button>
      </Box>
      {asks && (
        <ActRow
          title={`Planned were ${duration(planned)}. In all it took`}
          presses={LONGER.map((more) => ({ words: duration(planned + more), press: took(planned + more) }))}
        />
      )}
    </Stack>
  );
}

function IsDone({ step, seconds, next }: Pick<TickProps, 'step' | 'seconds' | 'next'>) {
  return (
    <span>
      “{step.title}” is done.
      {seconds !== undefined && ` It took ${duration(Math.max(1, Math.round(seconds / 60)))}.`}
      {next && (
        <span className="visually-hidden">
          {' '}
          Now: {next.title}, {next.where}.
        </span>
      )}
    </span>
  );
}
