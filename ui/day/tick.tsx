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

/** What was ticked off last: taken back with one press, or said to have taken longer. */
export function Tick({
  step,
  next,
  seconds,
  onUndo,
  onTook,
}: {
  step: StepFace;
  /** What has come up by it. */
  next: StepFace | undefined;
  seconds: number | undefined;
  onUndo: () => void;
  onTook: (minutes: number) => void;
}) {
  const [asks, setAsks] = useState(false);
  const planned = step.item.step.minutes;
  return (
    <Stack spacing={1}>
      <Box role="status" sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, alignItems: 'center' }}>
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
        <Button onClick={onUndo}>Undo</Button>
        <Button color="inherit" onClick={() => setAsks((open) => !open)} aria-expanded={asks}>
          Took longer
        </Button>
      </Box>
      {asks && (
        <ActRow
          title={`Planned were ${duration(planned)}. In all it took`}
          presses={LONGER.map((more) => ({
            words: duration(planned + more),
            press: () => {
              setAsks(false);
              onTook(planned + more);
            },
          }))}
        />
      )}
    </Stack>
  );
}
