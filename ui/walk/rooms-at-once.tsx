'use client';
import Add from '@mui/icons-material/Add';
import Remove from '@mui/icons-material/Remove';
import { useState } from 'react';
import { MOST_LISTED_ROOMS } from '@/core/furnish/pasted-list';
import { ROOM_KINDS, type RoomKind } from '@/core/home/scales';
import { type Pressed, pressedRooms, roomsOfPressed } from '@/present/walk/new-rooms';
import { count } from '@/present/words/words';
import { css } from '@/ui/theme/made/css';
import { Button } from '../parts/button';
import { IconButton } from '../parts/icon-button';
import { Press } from '../parts/press';
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
    <div className={css({ display: 'flex', flexDirection: 'column', gap: 2 })}>
      <div
        role="group"
        aria-label="Rooms that there are"
        className={css({
          display: 'grid',
          gap: 1,
          gridTemplateColumns: 'repeat(auto-fill, minmax(164px, 1fr))',
        })}
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
      </div>
      <Sentence>{rooms.fault}</Sentence>
      <div>
        <Button
          variant="contained"
          size="large"
          disabled={total === 0}
          loading={rooms.pending}
          onClick={() => rooms.add(roomsOfPressed(pressed, rooms.names, newId), () => setPressed({}))}
        >
          {total === 0 ? 'Press the rooms first' : `Furnish ${count(total, 'room', 'rooms')}`}
        </Button>
      </div>
    </div>
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
    <div
      className={css({
        display: 'flex',
        border: '1px solid',
        borderColor: number > 0 ? 'water' : 'line',
        borderRadius: 1,
        bgcolor: number > 0 ? 'waterSoft' : 'paper',
      })}
    >
      <Press
        onClick={onMore}
        disabled={isFull}
        aria-label={number === 0 ? name : `${name}: ${number}, one more`}
        className={css({
          flex: 1,
          minHeight: 56,
          fontSize: '1rem',
          px: 1.5,
          justifyContent: 'space-between',
          gap: 1,
          textAlign: 'left',
        })}
      >
        <span>{name}</span>
        {number > 0 ? (
          <span className={css({ fontWeight: 650, fontVariantNumeric: 'tabular-nums' })}>{number}</span>
        ) : (
          <Add fontSize="small" className={css({ color: 'quiet' })} />
        )}
      </Press>
      {number > 0 && (
        <IconButton aria-label={`${name}: one less`} onClick={onLess} className={css({ width: 48 })}>
          <Remove fontSize="small" />
        </IconButton>
      )}
    </div>
  );
}
