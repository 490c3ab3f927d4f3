'use client';
import { dayView } from '@/core/day/day-view';
import { type StepFace, workNote } from '@/present/day/step-face';
import { count } from '@/present/words/words';
import { css } from '@/ui/theme/made/css';
import { Unfold } from '../parts/unfold';
import { useStableEvents } from '../parts/use-stable-events';
import { useDay } from './day-context';
import { StepLine } from './step-line';

/** What the others have today, so that it can be taken over with one press. */
export function OthersSteps({ person }: { person: string }) {
  const { file, run, second, face, store } = useDay();
  const { take } = useStableEvents({
    take: (step: StepFace) => void store.carry({ do: 'hand', step: step.id, to: person }),
  });
  const all = dayView(file.pack, run, second);
  const theirs = [...(all.now ? [all.now] : []), ...all.next].filter(
    ({ people }) => !people.includes(person),
  );
  if (theirs.length === 0) return null;
  return (
    <Unfold title={`What the others have: ${count(theirs.length, 'step', 'steps')}`}>
      <ol className={css({ listStyle: 'none', p: 0, m: 0 })}>
        {theirs.map(face).map((step) => (
          <StepLine
            key={step.id}
            step={step}
            note={workNote(step.id, run, file)}
            press="Take over"
            onPress={take}
          />
        ))}
      </ol>
    </Unfold>
  );
}
