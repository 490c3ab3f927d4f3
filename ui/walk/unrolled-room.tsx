'use client';
import Box from '@mui/material/Box';
import Stack from '@mui/material/Stack';
import Typography from '@mui/material/Typography';
import dynamic from 'next/dynamic';
import { useDeferredValue, useEffect, useMemo, useOptimistic, useRef, useState } from 'react';
import type { FixtureKindName } from '@/core/catalogue/fixture-kinds';
import { newFixture } from '@/core/furnish/fixture';
import { oftenMissing } from '@/core/furnish/templates';
import type { Fixture, Height, Room } from '@/core/home/room';
import { fixtureName } from '@/present/walk/fixture-words';
import {
  addedTo,
  fixtureMoved,
  placeOf,
  roomAfter,
  type StripChange,
  stopMoved,
} from '@/present/walk/room-model';
import type { RoomOrderStep } from '@/present/walk/room-order';
import type { RoomSurroundings } from '@/present/walk/room-work';
import { openStops } from '@/present/walk/strip-model';
import type { ChangeActions, EditWords } from '../parts/change-actions';
import { Sentence } from '../parts/sentence';
import { useChanges } from '../parts/use-changes';
import { useSameList, useSameSet } from '../parts/use-same';
import { useStableEvents } from '../parts/use-stable-events';
import { afterPaint } from '../state/after-paint';
import { newId } from '../state/new-id';
import { AddStop } from './add-stop';
import type { PanelEvents } from './fixture-panel';
import { OftenHere } from './often-here';
import type { MoveTask } from './order-panel';
import { Selection, SelectionProvider } from './selection';
import { StopPanel } from './stop-panel';
import { Strip, type StripEvents, type StripMode } from './strip';
import { StripTools } from './strip-tools';

/** The catalogue comes with these two; the strip can be looked at without it. */
const FixturePanel = dynamic(() => import('./fixture-panel').then((module) => module.FixturePanel));
const OrderPanel = dynamic(() => import('./order-panel').then((module) => module.OrderPanel));
const AddFixture = dynamic(() => import('./add-fixture').then((module) => module.AddFixture));

/** How many things are offered that are often in such a room; the rest is found by its name. */
const MOST_OFFERED = 14;

type UnrolledRoomProps = {
  readonly room: Room;
  readonly around: RoomSurroundings;
  readonly steps: readonly RoomOrderStep[];
  readonly clear: readonly string[];
  readonly edits: EditWords;
  readonly actions: ChangeActions;
  readonly moveTask: MoveTask;
};

/** Pushes the strip along until a thing on it can be seen; what is open below it stays where it is. */
function bringIntoSight(fixture: string): void {
  const chip = document.querySelector<HTMLElement>(`[data-fixture="${CSS.escape(fixture)}"]`);
  const strip = chip?.closest<HTMLElement>('[role=region]');
  if (chip && strip) strip.scrollTo({ left: chip.offsetLeft + (chip.offsetWidth - strip.clientWidth) / 2 });
}

/** Each fixture where its first step comes. */
function fixturesInOrder(steps: readonly RoomOrderStep[]): string[] {
  return [...new Set(steps.map((step) => step.fixture))];
}

/** What is open below the strip. */
type Open =
  | { readonly what: 'fixture' | 'stop'; readonly id: string }
  | { readonly what: 'adding'; readonly id: string; readonly typed: string }
  | undefined;

/** The room unrolled from its door, with what stands in it; everything on it is counted, rated and added in place. */
export function UnrolledRoom({
  room: stored,
  around,
  steps,
  clear,
  edits,
  actions,
  moveTask,
}: UnrolledRoomProps) {
  const [room, show] = useOptimistic(stored, roomAfter);
  const [open, setOpen] = useState<Open>();
  const [mode, setMode] = useState<StripMode>('choose');
  const changes = useChanges(actions);
  const panel = useRef<HTMLDivElement>(null);
  const stops = useMemo(() => openStops(room, around.way), [room, around.way]);
  const [selection] = useState(() => new Selection());
  // The strip answers a press at once; what opens below it may take a moment longer.
  const shown = useDeferredValue(open);
  const offered = useDeferredValue(room);
  const often = useSameList(useMemo(() => oftenMissing(offered).slice(0, MOST_OFFERED), [offered]));
  const members = useSameSet(clear);
  const order = useSameList(fixturesInOrder(steps));
  const waiting = useSameList(fixturesInOrder(steps.filter((step) => step.sets)));
  const [at, setAt] = useState(0);
  /** The strip shows at once what is chosen; what opens below it comes with the next picture. */
  const goTo = (next: number) => {
    const step = steps[next];
    if (!step) return;
    setAt(next);
    selection.choose(step.fixture);
    bringIntoSight(step.fixture);
  };
  const turn = (next: StripMode) => {
    setMode(next);
    if (next !== 'order') return;
    setOpen(undefined);
    goTo(0);
  };
  const choose = (next: Extract<Open, { what: 'fixture' | 'stop' }>) => {
    selection.choose(next.id);
    afterPaint(() => setOpen(next));
  };
  const make = (change: StripChange, words?: string) => changes.send(change, words, () => show(change));

  /** At the stop that is open, else where such a thing stands. */
  const add = (kind: FixtureKindName) => {
    const fixture = { ...newFixture(newId(), kind), kind };
    const meant = open?.what === 'adding' || open?.what === 'stop' ? open.id : undefined;
    const { change, stop } = addedTo(room, fixture, meant, newId);
    make(change, `${fixtureName(fixture)} added at ${stop}.`);
  };
  const { addHere, addStop } = useStableEvents({
    addStop: (name: string) => {
      const id = newId();
      make({ do: 'add-stop', roomId: room.id, id, name });
      setOpen({ what: 'adding', id, typed: '' });
    },
    addHere: add,
  });
  const drop = (fixture: Fixture) => {
    make({ do: 'drop-fixture', id: fixture.id }, `${fixtureName(fixture)} removed.`);
    setOpen(undefined);
  };
  const count = (fixture: Fixture, next: number) => {
    const stop = placeOf(room, fixture.id)?.stop;
    if (next < 1) drop(fixture);
    else if (stop) make({ do: 'put-fixture', stopId: stop.id, fixture: { ...fixture, count: next } });
  };
  const moveStop = (id: string, way: 'left' | 'right') => {
    const change = stopMoved(stops, id, way);
    if (change) make(change, 'Moved.');
  };
  const { turnTo } = useStableEvents({ turnTo: turn });
  const events = useStableEvents<StripEvents>({
    onStep: (by) => goTo(at + by),
    onSelect: (id) =>
      mode === 'order'
        ? goTo(steps.findIndex((step) => step.fixture === id))
        : choose({ what: 'fixture', id }),
    onSelectStop: (id) => choose({ what: 'stop', id }),
    // Letters that come before the field is there are not lost.
    onAddAt: (id, typed = '') =>
      setOpen((known) => ({
        what: 'adding',
        id,
        typed: known?.what === 'adding' && known.id === id ? known.typed + typed : typed,
      })),
    onCount: count,
    onMoveStop: moveStop,
    onMoveFixture: (id, way) => {
      const place = placeOf(room, id);
      const change = place && fixtureMoved(stops, place, way);
      if (change) make(change, 'Moved.');
    },
    onDrop: (what) => {
      if (what.what === 'stop') {
        const others = stops.filter((stop) => stop.id !== what.id);
        const at = others.findIndex((stop) => stop.id === what.over);
        const after = what.behind ? what.over : (others[at - 1]?.id ?? null);
        make({ do: 'move-stop', id: what.id, after }, 'Moved.');
      } else
        make(
          { do: 'move-fixture', id: what.id, stopId: what.stopId, height: what.height as Height },
          'Moved.',
        );
    },
  });

  const place = shown?.what === 'fixture' ? placeOf(room, shown.id) : undefined;
  const panelEvents = useStableEvents<PanelEvents>({
    onChange: (fixture) => place && make({ do: 'put-fixture', stopId: place.stop.id, fixture }),
    onMove: (stopId) =>
      place &&
      make({ do: 'move-fixture', id: place.fixture.id, stopId, height: place.fixture.height }, 'Moved.'),
    onMark: (mark) => changes.send({ do: 'mark', marks: [mark] }),
    onDrop: () => place && drop(place.fixture),
    onClose: () => setOpen(undefined),
  });
  // What was opened below a long strip comes into sight, and what is closed is no longer chosen.
  useEffect(() => {
    if (open?.what !== 'fixture' && open?.what !== 'stop' && mode !== 'order') selection.choose(undefined);
  }, [open, mode, selection]);
  useEffect(() => {
    if (shown) panel.current?.scrollIntoView({ block: 'nearest' });
  }, [shown]);

  return (
    <Stack spacing={2}>
      <Sentence>{changes.sentence}</Sentence>
      <StripTools mode={mode} onMode={turnTo} edits={edits} undo={changes.undo} redo={changes.redo} />
      <SelectionProvider value={selection}>
        <Strip
          room={room}
          way={around.way}
          stops={stops}
          order={order}
          waiting={waiting}
          clear={members}
          mode={mode}
          events={events}
        />
      </SelectionProvider>
      <span role="status" className="visually-hidden">
        {changes.said}
      </span>
      <Box ref={panel} sx={{ contain: 'layout', scrollMarginBottom: { xs: 120, md: 24 } }}>
        {below()}
      </Box>
      <OftenHere kinds={often} onAdd={addHere} />
      <AddStop onAdd={addStop} />
    </Stack>
  );

  /** What is open below the strip, or what can be done on it. */
  function below() {
    if (mode === 'order')
      return <OrderPanel steps={steps} at={Math.min(at, steps.length - 1)} onAt={goTo} move={moveTask} />;
    if (place)
      return (
        <FixturePanel
          room={room}
          around={around}
          stop={place.stop}
          stops={stops}
          fixture={place.fixture}
          {...panelEvents}
        />
      );
    const stop = room.stops.find((known) => known.id === shown?.id);
    if (stop && shown?.what === 'adding')
      return (
        <AddFixture
          key={`${stop.id} ${shown.typed}`}
          stop={stop}
          roomKind={room.kind}
          typed={shown.typed}
          onAdd={add}
          onClose={() => setOpen(undefined)}
        />
      );
    if (stop && shown?.what === 'stop')
      return (
        <StopPanel
          key={stop.id}
          stop={stop}
          onRename={(name) => make({ do: 'rename-stop', id: stop.id, name })}
          onMove={(way) => moveStop(stop.id, way)}
          onAdd={() => setOpen({ what: 'adding', id: stop.id, typed: '' })}
          onDrop={() => {
            make({ do: 'drop-stop', id: stop.id }, `${stop.name} removed.`);
            setOpen(undefined);
          }}
        />
      );
    return (
      <Typography id="strip-keys" sx={{ color: 'text.secondary' }}>
        Press a thing to rate it, + to add what else stands there, or just type its name. Drag things and
        stops to where they are, or move them with Alt and the arrow keys.
      </Typography>
    );
  }
}
