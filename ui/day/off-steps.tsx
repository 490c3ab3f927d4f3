'use client';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import type { DayItem } from '@/core/day/day-item';
import type { Run } from '@/core/day/run';
import { Unfold } from '../parts/unfold';
import { count } from '../parts/words';
import type { DayFile } from './day-file';
import { HINDRANCE_WORDS } from './now-step';
import type { DayStore } from './run/day-store';
import { faceOf } from './step-face';
import { StepLine } from './step-line';

/** What is off for today, until somebody does it all the same. */
export function OffSteps({
  items,
  file,
  run,
  store,
}: {
  items: readonly DayItem[];
  file: DayFile;
  run: Run;
  store: DayStore;
}) {
  if (items.length === 0) return null;
  return (
    <Unfold title={`${count(items.length, 'step', 'steps')} not today`}>
      <Box component="ol" sx={{ listStyle: 'none', p: 0, m: 0 }}>
        {items
          .map((item) => faceOf(item, file))
          .map((step) => (
            <StepLine
              key={step.id}
              step={step}
              note={reasonWords(run.off.get(step.id))}
              action={
                <Button
                  color="inherit"
                  onClick={() => void store.carry({ do: 'start', step: step.id })}
                  aria-label={`Do it after all: ${step.title}, ${step.where}`}
                >
                  Do it after all
                </Button>
              }
            />
          ))}
      </Box>
    </Unfold>
  );
}

function reasonWords(why: ReturnType<Run['off']['get']>): string | undefined {
  return why === undefined || why === 'not-today' ? undefined : HINDRANCE_WORDS[why];
}
