'use client';
import Add from '@mui/icons-material/Add';
import Remove from '@mui/icons-material/Remove';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import ButtonBase from '@mui/material/ButtonBase';
import IconButton from '@mui/material/IconButton';
import Stack from '@mui/material/Stack';
import { useState } from 'react';
import { MOST_LISTED_ROOMS } from '@/core/furnish/pasted-list';
import { ROOM_KINDS, type RoomKind } from '@/core/home/scales';
import { type Pressed, pressedRooms, roomsOfPressed } from '@/present/walk/new-rooms';
import { count } from '@/present/words/words';
import { Sentence } from '../parts/sentence';
import { newId } from '../state/new-id';
import type { NewRooms } from './use-new-rooms';

const KINDS = Object.entries(ROOM_KINDS) as [RoomKind, string][];

/** The rooms of a house by pressing what there is: each press is one more. */
export function RoomsAtOnce({ rooms }: { readonly rooms: NewRooms }) {
  const [pressed, setPressed] = useState<Pressed>({});
  const total = pressedRooms(pressed);
  const by = (kind: RoomKind, more: number) =>
    setPressed((before) => ({ ...before, [kind]: Math.max(0, (before[kind] ?? 0) + more) }));
  return (
    <Stack spacing={2}>
      <Box
        role="group"
        aria-label="Rooms that there are"
        sx={{ display: 'grid', gap: 1, gridTemplateColumns: 'repeat(auto-fill, minmax(164px, 1fr))' }}
      >
        {KINDS.map(([kind, name]) => (
          <Tile
            key={kind}
            name={name}
            number={pressed[kind] ?? 0}
            isFull={total >= MOST_LISTED_ROOMS}
            onMore={() => by(kind, 1)}
            onLess={() => by(kind, -1)}
          />
        ))}
      </Box>
      <Sentence>{rooms.fault}</Sentence>
      <Box>
        <Button
          variant="contained"
          size="large"
          disabled={total === 0}
          loading={rooms.pending}
          onClick={() => rooms.add(roomsOfPressed(pressed, rooms.names, newId), () => setPressed({}))}
        >
          {total === 0 ? 'Press the rooms first' : `Furnish ${count(total, 'room', 'rooms')}`}
        </Button>
      </Box>
    </Stack>
  );
}

type TileProps = {
  readonly name: string;
  readonly number: number;
  readonly isFull: boolean;
  readonly onMore: () => void;
  readonly onLess: () => void;
};

function Tile({ name, number, isFull, onMore, onLess }: TileProps) {
  return (
    <Box
      sx={{
        display: 'flex',
        border: '1px solid',
        borderColor: number > 0 ? 'thaw.water' : 'divider',
        borderRadius: 1,
        bgcolor: number > 0 ? 'thaw.waterSoft' : 'background.paper',
      }}
    >
      <ButtonBase
        onClick={onMore}
        disabled={isFull}
        aria-label={number === 0 ? name : `${name}: ${number}, one more`}
        sx={{
          flex: 1,
          minHeight: 56,
          fontSize: '1rem',
          px: 1.5,
          justifyContent: 'space-between',
          gap: 1,
          textAlign: 'left',
        }}
      >
        <span>{name}</span>
        {number > 0 ? (
          <Box component="span" sx={{ fontWeight: 650, fontVariantNumeric: 'tabular-nums' }}>
            {number}
          </Box>
        ) : (
          <Add fontSize="small" sx={{ color: 'text.secondary' }} />
        )}
      </ButtonBase>
      {number > 0 && (
        <IconButton aria-label={`${name}: one less`} onClick={onLess} sx={{ width: 48 }}>
          <Remove fontSize="small" />
        </IconButton>
      )}
    </Box>
  );
}
