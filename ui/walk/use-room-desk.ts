'use client';
import { useMemo, useOptimistic, useState } from 'react';
import type { FixtureKindName } from '@/core/catalogue/fixture-kinds';
import type { Fixture, Height, Room, Stop, WayRound } from '@/core/home/room';
import { fixtureMoved, placeOf, roomAfter, type StripChange, stopMoved } from '@/present/walk/room-model';
import { openStops } from '@/present/walk/strip-model';
import type { ChangeActions } from '../parts/change-actions';
import { type Changes, useChanges } from '../parts/use-changes';
import { newId } from '../state/new-id';
import { meetKind, useFaces } from './kind-faces';
import type { StripEvents } from './strip';

/** What is open below the strip. */
export type Open =
  | { readonly what: 'fixture' | 'stop'; readonly id: string; readonly byKey?: boolean }
  | { readonly what: 'adding'; readonly id: string; readonly typed: string }
  | undefined;

type Dropped = Parameters<StripEvents['onDrop']>[0];
type Way = Parameters<StripEvents['onMoveFixture']>[1];

export type RoomDesk = {
  /** The room with what was just done to it. */
  readonly room: Room;
  readonly stops: readonly Stop[];
  readonly open: Open;
  readonly setOpen: (open: Open | ((known: Open) => Open)) => void;
  readonly changes: Changes;
  readonly make: (change: StripChange, words?: string) => void;
  /** At the stop that is open, else where such a thing stands. */
  readonly add: (kind: FixtureKindName) => void;
  readonly addStop: (name: string) => void;
  readonly drop: (fixture: Fixture) => void;
  readonly dropStop: (stop: Stop) => void;
  readonly count: (fixture: Fixture, next: number) => void;
  readonly moveStop: (id: string, way: 'left' | 'right') => void;
  readonly moveFixture: (id: string, way: Way) => void;
  /** Where something was dragged to. */
  readonly putDown: (what: Dropped) => void;
};

/** A room on the desk: as it is shown, what is open of it, and all that can be done to it. */
export function useRoomDesk(stored: Room, way: WayRound, actions: ChangeActions): RoomDesk {
  const [room, show] = useOptimistic(stored, roomAfter);
  const [open, setOpen] = useState<Open>();
  const changes = useChanges(actions);
  const stops = useMemo(() => openStops(room, way), [room, way]);
  const make = (change: StripChange, words?: string) => changes.send(change, words, () => show(change));
  const faces = useFaces();
  const hand: Hand = { room, stops, open, setOpen, make, nameOf: ({ kind }) => faces(kind).name };
  const { nameOf: _nameOf, ...shown } = hand;
  return { ...shown, changes, ...onThings(hand), ...onStops(hand) };
}

type Hand = Pick<RoomDesk, 'room' | 'stops' | 'open' | 'setOpen' | 'make'> & {
  readonly nameOf: (fixture: Pick<Fixture, 'kind'>) => string;
};

function onThings({ room, stops, open, setOpen, make, nameOf }: Hand) {
  const drop = (fixture: Fixture) => {
    make({ do: 'drop-fixture', id: fixture.id }, `${nameOf(fixture)} removed.`);
    setOpen(undefined);
  };
  return {
    drop,
    add: (kind: FixtureKindName) => {
      const meant = open?.what === 'adding' || open?.what === 'stop' ? open.id : undefined;
      // The catalogue comes with the first thing that is added.
      void import('@/present/walk/added').then(({ added, faceOfKind }) => {
        const { change, stop } = added(room, kind, meant, newId);
        const face = faceOfKind(kind);
        meetKind(kind, face);
        make(change, `${face.name} added at ${stop}.`);
      });
    },
    count: (fixture: Fixture, next: number) => {
      const stop = placeOf(room, fixture.id)?.stop;
      if (next < 1) drop(fixture);
      else if (stop) make({ do: 'put-fixture', stopId: stop.id, fixture: { ...fixture, count: next } });
    },
    moveFixture: (id: string, way: Way) => {
      const place = placeOf(room, id);
      const change = place && fixtureMoved(stops, place, way);
      if (change) make(change, 'Moved.');
    },
  };
}

function onStops({ room, stops, setOpen, make }: Hand) {
  return {
    addStop: (name: string) => {
      const id = newId();
      make({ do: 'add-stop', roomId: room.id, id, name });
      setOpen({ what: 'adding', id, typed: '' });
    },
    dropStop: (stop: Stop) => {
      make({ do: 'drop-stop', id: stop.id }, `${stop.name} removed.`);
      setOpen(undefined);
    },
    moveStop: (id: string, way: 'left' | 'right') => {
      const change = stopMoved(stops, id, way);
      if (change) make(change, 'Moved.');
    },
    putDown: (what: Dropped) => make(whereTo(what, stops), 'Moved.'),
  };
}

function whereTo(what: Dropped, stops: readonly Stop[]): StripChange {
  if (what.what !== 'stop')
    return { do: 'move-fixture', id: what.id, stopId: what.stopId, height: what.height as Height };
  const others = stops.filter((stop) => stop.id !== what.id);
  const at = others.findIndex((stop) => stop.id === what.over);
  return { do: 'move-stop', id: what.id, after: what.behind ? what.over : (others[at - 1]?.id ?? null) };
}
