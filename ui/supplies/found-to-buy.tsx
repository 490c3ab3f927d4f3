'use client';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useOptimistic } from 'react';
import type { FoundThing } from '@/core/day/run';
import { Sentence } from '../parts/sentence';
import type { CommandAction } from '../state/command';
import { useCommand } from '../state/use-command';

export type SettleAct = CommandAction;

type FoundToBuyProps = {
  readonly found: readonly FoundThing[];
  readonly roomNames: ReadonlyMap<string, string>;
  readonly settle: SettleAct;
};

/** What somebody wrote down to buy while they were at something else. */
export function FoundToBuy({ found, roomNames, settle }: FoundToBuyProps) {
  const [left, takeOff] = useOptimistic(found, (things, id: string) =>
    things.filter((thing) => thing.id !== id),
  );
  const { send, fault } = useCommand();
  const bought = (id: string) => send(settle, { found: id }, { show: () => takeOff(id) });
  if (left.length === 0 && fault === undefined) return null;
  return (
    <Box component="section" aria-labelledby="found-to-buy" sx={{ mt: 4 }}>
      <Typography variant="h2" id="found-to-buy" sx={{ mb: 1 }}>
        Written down on the way
      </Typography>
      <Sentence>{fault}</Sentence>
      <Box component="ul" sx={{ listStyle: 'none', p: 0, m: 0 }}>
        {left.map(({ id, text, room }) => (
          <ThingLine
            key={id}
            text={text}
            room={room === undefined ? undefined : roomNames.get(room)}
            onBought={() => bought(id)}
          />
        ))}
      </Box>
    </Box>
  );
}

type ThingLineProps = {
  readonly text: string;
  readonly room: string | undefined;
  readonly onBought: () => void;
};

function ThingLine({ text, room, onBought }: ThingLineProps) {
  return (
    <Box
      component="li"
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
        {room !== undefined && (
          <Box component="span" sx={{ color: 'text.secondary' }}>
            {' · '}
            {room}
          </Box>
        )}
      </Box>
      <Button onClick={onBought} aria-label={`Bought: ${text}`} className="not-printed">
        Bought
      </Button>
    </Box>
  );
}
