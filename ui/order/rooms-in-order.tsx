'use client';
import ArrowDownward from '@mui/icons-material/ArrowDownward';
import ArrowUpward from '@mui/icons-material/ArrowUpward';
import DragIndicator from '@mui/icons-material/DragIndicator';
import { useEffect, useRef, useState } from 'react';
import { ROOM_WAYS } from '@/core/clean/rule';
import { type RoomInOrder, type RoomsInOrderScreen, WAY_WORDS } from '@/present/order/rooms-in-order';
import { css } from '@/ui/theme/made/css';
import { Button } from '../parts/button';
import { IconButton } from '../parts/icon-button';
import { NativeSelect } from '../parts/native-select';
import type { Changes } from '../parts/use-changes';

type RoomsInOrderProps = {
  readonly screen: RoomsInOrderScreen;
  readonly changes: Changes;
};

/** The rooms one after the other, by dragging, by arrows or by one press, and how each is gone through. */
export function RoomsInOrder({ screen, changes }: RoomsInOrderProps) {
  const { rows, put, list } = useRows(screen, changes);
  return (
    <section aria-labelledby="rooms-in-order" className={css({ maxWidth: 860, mb: 5 })}>
      <h2 id="rooms-in-order" className={css({ textStyle: 'h2', m: 0, mb: 0.5 })}>
        The rooms, one after the other
      </h2>
      <p className={css({ textStyle: 'body', m: 0, color: 'quiet', mb: 1, maxWidth: '68ch' })}>
        {screen.isSaid
          ? 'You gave them this order. The plan keeps to it where it can, and says where it doesn’t.'
          : 'Nobody has said an order yet: the plan chooses. Drag a room, or press an order.'}
      </p>
      <div className={css({ display: 'flex', flexWrap: 'wrap', gap: 1 })}>
        {screen.presets.map(({ words, rooms }) => (
          <Button key={words} variant="outlined" onClick={() => put(rooms)}>
            {words}
          </Button>
        ))}
        {screen.isSaid && (
          <Button color="inherit" onClick={() => put([])}>
            As the plan likes
          </Button>
        )}
      </div>
      <ol ref={list} className={css({ listStyle: 'none', p: 0, m: 0, mt: 1 })}>
        {rows.map((room, at) => (
          <RoomRow key={room.id} room={room} at={at} rows={rows} put={put} changes={changes} />
        ))}
      </ol>
    </section>
  );
}

/** The rows as they were put last, before the server has answered; dragged by pointer. */
function useRows(screen: RoomsInOrderScreen, changes: Changes) {
  const [rows, setRows] = useState(screen.rows);
  useEffect(() => setRows(screen.rows), [screen.rows]);
  const list = useRef<HTMLOListElement>(null);
  const put = (rooms: readonly string[]) =>
    changes.send({ do: 'room-order', rooms: [...rooms] }, 'The plan keeps to this order.', () =>
      setRows((before) =>
        rooms.length === 0 ? before : before.toSorted((a, b) => rooms.indexOf(a.id) - rooms.indexOf(b.id)),
      ),
    );
  const latest = useRef({ rows, put });
  latest.current = { rows, put };
  useEffect(() => {
    let stop: (() => void) | undefined;
    let gone = false;
    const begin = () =>
      import('./drag-rooms').then(({ dragRooms }) => {
        if (gone || !list.current) return;
        stop = dragRooms(list.current, ({ room, over }) => {
          const { rows: now, put: send } = latest.current;
          send(
            movedTo(
              now,
              room,
              now.findIndex(({ id }) => id === over),
            ),
          );
        });
        list.current.dataset.drag = 'ready';
      });
    window.addEventListener('pointermove', begin, { once: true });
    return () => {
      gone = true;
      window.removeEventListener('pointermove', begin);
      stop?.();
    };
  }, []);
  return { rows, put, list };
}

/** The ids with one room at another place. */
function movedTo(rows: readonly RoomInOrder[], room: string, to: number): string[] {
  const others = rows.map(({ id }) => id).filter((id) => id !== room);
  return [...others.slice(0, to), room, ...others.slice(to)];
}

type RoomRowProps = {
  readonly room: RoomInOrder;
  readonly at: number;
  readonly rows: readonly RoomInOrder[];
  readonly put: (rooms: readonly string[]) => void;
  readonly changes: Changes;
};

function RoomRow({ room, at, rows, put, changes }: RoomRowProps) {
  const { id, name, floor, way, cost } = room;
  const move = (by: number) => put(movedTo(rows, id, at + by));
  return (
    <li data-room={id} className={css(ROW)}>
      <div data-grip aria-hidden className={css({ cursor: 'grab', display: 'flex', color: 'quiet' })}>
        <DragIndicator />
      </div>
      <div className={css({ minWidth: 28, color: 'quiet', fontVariantNumeric: 'tabular-nums' })}>
        {at + 1}
      </div>
      <div className={css({ flex: '1 1 170px', minWidth: 0, overflowWrap: 'anywhere' })}>
        <div className={css({ fontWeight: 560 })}>{name}</div>
        <div className={css({ color: 'quiet', fontSize: '0.92rem' })}>{floor}</div>
      </div>
      <div className={css({ display: 'flex' })}>
        <IconButton onClick={() => move(-1)} disabled={at === 0} aria-label={`${name} earlier`}>
          <ArrowUpward />
        </IconButton>
        <IconButton onClick={() => move(1)} disabled={at === rows.length - 1} aria-label={`${name} later`}>
          <ArrowDownward />
        </IconButton>
      </div>
      <NativeSelect
        size="small"
        label={`How ${name} is gone through`}
        value={way}
        options={['' as const, ...ROOM_WAYS].map((one) => [one, WAY_WORDS[one]] as const)}
        onChange={(chosen) =>
          changes.send(
            { do: 'room-way', rooms: [id], way: ROOM_WAYS.find((known) => known === chosen) ?? null },
            `${name} is gone through that way.`,
          )
        }
        helperText={cost}
        className={css({ flex: '1 1 300px', minWidth: 0 })}
      />
    </li>
  );
}

const ROW = {
  display: 'flex',
  flexWrap: 'wrap',
  gap: 1,
  alignItems: 'center',
  py: 1,
  borderTop: '1px solid var(--colors-line)',
  bgcolor: 'page',
  position: 'relative',
} as const;
