'use client';
import Box from '@mui/material/Box';
import { memo, useState } from 'react';
import type { DayFile } from '@/present/day/day-file';
import { Unfold } from '../parts/unfold';
import { ActRow } from './act-row';
import type { DayStore } from './run/day-store';

const LITTLE_TIME = 20;

/** What comes between: each a press, and the rest of the day and the plan make room for it. */
export const Mishaps = memo(function Mishaps({ file, store }: { file: DayFile; store: DayStore }) {
  const [asks, setAsks] = useState<'product' | 'ill'>();
  const { people, products, person, helper } = file;
  const say = (act: Parameters<DayStore['carry']>[0]) => {
    setAsks(undefined);
    void store.carry(act);
  };
  return (
    <Unfold title="Something has come between">
      <Box sx={{ display: 'grid', gap: 1.5 }}>
        <ActRow
          presses={[
            ...(person === undefined
              ? []
              : [
                  {
                    words: `Only ${LITTLE_TIME} minutes left`,
                    press: () => say({ do: 'short', who: person, minutes: LITTLE_TIME }),
                  },
                ]),
            ...(helper
              ? []
              : [
                  { words: 'It rains', press: () => say({ do: 'rain' }) },
                  { words: 'Somebody is ill', press: () => setAsks('ill') },
                ]),
            ...(products.length > 0 && !helper
              ? [{ words: 'A product has run out', press: () => setAsks('product') }]
              : []),
          ]}
        />
        {asks === 'ill' && (
          <ActRow
            title="Who rests today?"
            presses={people.map(({ id, name }) => ({
              words: name,
              press: () => say({ do: 'short', who: id, minutes: 0 }),
            }))}
          />
        )}
        {asks === 'product' && (
          <ActRow
            title="Which one?"
            presses={products.map(({ id, name }) => ({
              words: name,
              press: () => say({ do: 'run-out', product: id }),
            }))}
          />
        )}
      </Box>
    </Unfold>
  );
});
