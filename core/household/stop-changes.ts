import { z } from 'zod';
import { idSchema, nameSchema } from '../basics/scalars';
import { FIXTURE_KINDS, isFixtureKind } from '../catalogue/fixture-kinds';
import { type Fixture, fixturesOf, HEIGHTS, type Height, type Home, type Room, roomsOf } from '../home/room';
import { fixtureSchema, surfaceSchema } from '../home/room-schema';
import { type Made, made, refuse, rowsOn } from './change-row';
import { findStop, mapRooms, onRoom, onRoomOfStop, onStop } from './home-parts';

/** Stops on the walk round a room, and the fixtures at them. */

const row = rowsOn<Home>();

export const STOP_CHANGES = {
  'add-stop': row({
    shape: { roomId: idSchema, id: idSchema, name: nameSchema },
    apply: (home, said) => onRoom(home, said.roomId, (room) => addStop(room, said)),
    words: ({ name }) => `${name} added`,
  }),
  'rename-stop': row({
    shape: { id: idSchema, name: nameSchema },
    apply: (home, { id, name }) => onStop(home, id, (stop) => ({ ...stop, name })),
    words: ({ id }, home) => `${stopName(home, id)} renamed`,
  }),
  /** Behind another stop, or to the front. */
  'move-stop': row({
    shape: { id: idSchema, after: idSchema.nullable() },
    apply: (home, { id, after }) => onRoomOfStop(home, id, (room) => moveStop(room, id, after)),
    words: ({ id }, home) => `${stopName(home, id)} moved`,
  }),
  'drop-stop': row({
    shape: { id: idSchema },
    apply: (home, { id }) => dropStop(home, id),
    words: ({ id }, home) => `${stopName(home, id)} removed`,
  }),
  'put-fixture': row({
    shape: {
      stopId: idSchema,
      fixture: fixtureSchema.extend({ surface: surfaceSchema.optional() }),
    },
    apply: (home, { stopId, fixture }) => putFixture(home, stopId, fixture),
    words: ({ fixture }, home) =>
      `${kindName(fixture.kind)} ${findFixture(home, fixture.id) ? 'changed' : 'added'}`,
  }),
  'move-fixture': row({
    shape: { id: idSchema, stopId: idSchema, height: z.enum(HEIGHTS) },
    apply: moveFixture,
    words: ({ id }, home) => `${fixtureName(home, id)} moved`,
  }),
  'drop-fixture': row({
    shape: { id: idSchema },
    apply: (home, { id }) => made(withoutFixture(home, id)),
    words: ({ id }, home) => `${fixtureName(home, id)} removed`,
  }),
};

function stopName(home: Home, id: string): string {
  return findStop(home, id)?.name ?? 'A stop';
}

function findFixture(home: Home, id: string): Fixture | undefined {
  return roomsOf(home)
    .flatMap(fixturesOf)
    .find((fixture) => fixture.id === id);
}

function fixtureName(home: Home, id: string): string {
  return kindName(findFixture(home, id)?.kind ?? '');
}

function kindName(kind: string): string {
  return isFixtureKind(kind) ? FIXTURE_KINDS[kind].name : 'A thing';
}

function addStop(room: Room, { id, name }: { id: string; name: string }): Room {
  if (room.stops.some((stop) => stop.id === id)) return room;
  return { ...room, stops: [...room.stops, { id, name, shell: false, fixtures: [] }] };
}

function moveStop(room: Room, id: string, after: string | null): Room {
  const stop = room.stops.find((known) => known.id === id);
  if (!stop || stop.shell || after === id) return room;
  const rest = room.stops.filter((known) => known !== stop);
  const behind = rest.findIndex((known) => known.id === after);
  const shells = rest.findLastIndex((known) => known.shell) + 1;
  return { ...room, stops: rest.toSpliced(behind < 0 ? shells : behind + 1, 0, stop) };
}

function dropStop(home: Home, id: string): Made<Home> {
  if (findStop(home, id)?.shell) return refuse('shell');
  return made(
    mapRooms(home, (room) =>
      room.stops.some((known) => known.id === id)
        ? { ...room, stops: room.stops.filter((known) => known.id !== id) }
        : room,
    ),
  );
}

/** Adds a fixture at a stop or writes it anew; one that stood elsewhere moves. */
function putFixture(home: Home, stopId: string, fixture: Fixture): Made<Home> {
  if (!isFixtureKind(fixture.kind)) return refuse('unknown-kind');
  const here = findStop(home, stopId)?.fixtures.some((known) => known.id === fixture.id);
  if (here)
    return onStop(home, stopId, (stop) => ({
      ...stop,
      fixtures: stop.fixtures.map((known) => (known.id === fixture.id ? fixture : known)),
    }));
  return onStop(withoutFixture(home, fixture.id), stopId, (stop) => ({
    ...stop,
    fixtures: [...stop.fixtures, fixture],
  }));
}

function moveFixture(
  home: Home,
  { id, stopId, height }: { id: string; stopId: string; height: Height },
): Made<Home> {
  const fixture = findFixture(home, id);
  return fixture ? putFixture(home, stopId, { ...fixture, height }) : refuse('gone');
}

function withoutFixture(home: Home, id: string): Home {
  return mapRooms(home, (room) => {
    const stop = room.stops.find(({ fixtures }) => fixtures.some((fixture) => fixture.id === id));
    if (!stop) return room;
    const less = { ...stop, fixtures: stop.fixtures.filter((fixture) => fixture.id !== id) };
    return { ...room, stops: room.stops.map((known) => (known === stop ? less : known)) };
  });
}
