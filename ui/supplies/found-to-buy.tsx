'use client';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useOptimistic, useState, useTransition } from 'react';
import type { FoundThing } from '@/core/day/run';
import type { ActionResult } from '../forms/result';
import { newId } from '../parts/new-id';
import { Sentence } from '../parts/sentence';

export type SettleAct = (input: unknown) => Promise<ActionResult>;

const NOT_KEPT = 'The server did not answer. It is still on the list; try again in a moment.';

/** What somebody wrote down to buy while they were at something else. */
export function FoundToBuy({
  found,
  roomNames,
  settle,
}: {
  found: readonly FoundThing[];
  roomNames: ReadonlyMap<string, string>;
  settle: SettleAct;
}) {
  const [left, takeOff] = useOptimistic(found, (things, id: string) =>
    things.filter((thing) => thing.id !== id),
  );
  const [sentence, setSentence] = useState<string>();
  const [, start] = useTransition();
  const bought = (id: string) =>
    start(async () => {
      takeOff(id);
      const result = await settle({ id: newId(), found: id }).catch(() => undefined);
      setSentence(result === undefined ? NOT_KEPT : result.ok ? undefined : result.faults[0]?.sentence);
    });
  if (left.length === 0 && sentence === undefined) return null;
  return (
    <Box component="section" aria-labelledby="found-to-buy" sx={{ mt: 4 }}>
      <Typography variant="h2" id="found-to-buy" sx={{ mb: 1 }}>
        Written down on the way
      </Typography>
      <Sentence>{sentence}</Sentence>
      <Box component="ul" sx={{ listStyle: 'none', p: 0, m: 0 }}>
        {left.map(({ id, text, room }) => (
          <Box
            component="li"
            key={id}
            sx={{
              display: 'flex',
              alignItems: 'center',
              justifyContent: 'space-between',
              gap: 2,
              borderTop: '1px solid',
              borderColor: 'divider',
              py: 1,
            }}
          >
            <Box sx={{ minWidth: 0, overflowWrap: 'anywhere' }}>
              <Box component="span" sx={{ fontWeight: 600 }}>
                {text}
              </Box>
              {room !== undefined && roomNames.has(room) && (
                <Box component="span" sx={{ color: 'text.secondary' }}>
                  {' · '}
                  {roomNames.get(room)}
                </Box>
              )}
            </Box>
            <Button onClick={() => bought(id)} aria-label={`Bought: ${text}`} className="not-printed">
              Bought
            </Button>
          </Box>
        ))}
      </Box>
    </Box>
  );
}
