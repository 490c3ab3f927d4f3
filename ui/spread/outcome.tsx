'use client';
import { count } from '@/present/words/words';
import { css } from '@/ui/theme/made/css';
import { Sentence } from '../parts/sentence';
import { Unfold } from '../parts/unfold';
import type { SteeringState } from './use-steering';

/** What a change by hand has come to: how much moved, and what. */
export function Outcome({ steering: { pending, done, sentence } }: { steering: SteeringState }) {
  return (
    <div className={css({ mb: 1.5 })}>
      <Sentence>{sentence}</Sentence>
      <span role="status">{pending ? 'The rest makes room …' : done?.words}</span>
      {done && done.moved.length > 0 && (
        <Unfold slim title={`What moved: ${count(done.moved.length, 'job', 'jobs')}`}>
          <ul className={css({ m: 0, pl: 2.5 })}>
            {done.moved.map((line) => (
              <li key={line}>{line}</li>
            ))}
          </ul>
        </Unfold>
      )}
    </div>
  );
}
