'use client';
import type { Run } from '@/core/day/run';
import type { StepFace } from '@/present/day/step-face';
import { count } from '@/present/words/words';
import { css } from '@/ui/theme/made/css';
import { Unfold } from '../parts/unfold';
import { useStableEvents } from '../parts/use-stable-events';
import { useDay } from './day-context';
import { HINDRANCE_WORDS } from './now-step';
import { StepLine } from './step-line';

/** What is off for today, until somebody does it all the same. */
export function OffSteps() {
  const { run, view, face, store, signer } = useDay();
  const { begin } = useStableEvents({
    begin: (step: StepFace) => void store.carry({ do: 'start', step: step.id }, signer(step.item)),
  });
  const items = view.off;
  if (items.length === 0) return null;
  return (
    <Unfold title={`${count(items.length, 'step', 'steps')} not today`}>
      <ol className={css({ listStyle: 'none', p: 0, m: 0 })}>
        {items.map(face).map((step) => (
          <StepLine
            key={step.id}
            step={step}
            note={reasonWords(run.off.get(step.id))}
            press="Do it after all"
            onPress={begin}
            isQuiet
          />
        ))}
      </ol>
    </Unfold>
  );
}

function reasonWords(why: ReturnType<Run['off']['get']>): string | undefined {
  return why === undefined || why === 'not-today' ? undefined : HINDRANCE_WORDS[why];
}
