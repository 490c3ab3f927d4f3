'use client';
import Box from '@mui/material/Box';
import { count } from '@/present/words/words';
import { Sentence } from '../parts/sentence';
import { Unfold } from '../parts/unfold';
import type { SteeringState } from './use-steering';

/** What a change by hand has come to: how much moved, and what. */
export function Outcome({ steering: { pending, done, sentence } }: { steering: SteeringState }) {
  return (
    <Box sx={{ mb: 1.5 }}>
      <Sentence>{sentence}</Sentence>
      <span role="status">{pending ? 'The rest makes room …' : done?.words}</span>
      {done && done.moved.length > 0 && (
        <Unfold slim title={`What moved: ${count(done.moved.length, 'job', 'jobs')}`}>
          <Box component="ul" sx={{ m: 0, pl: 2.5 }}>
            {done.moved.map((line) => (
              <li key={line}>{line}</li>
            ))}
          </Box>
        </Unfold>
      )}
    </Box>
  );
}
