import { type Fixture, fixturesOf, type Height, type Home, type Room, roomsOf } from '../home/room';
import { findStop, mapRooms, onRoom, onRoomOfStop, onStop } from './home-parts';
import { type Made, made, refuse } from './made';

/** What changes on the walk round a room, one edit a kind; what comes with it has been looked at before. */
export const STOP_EDITS = {
  'add-stop': (home: Home, said: { readonly roomId: string; readonly id: string; readonly name: string }) =>
    onRoom(home, said.roomId, (room) => addStop(room, said)),
  'rename-stop': (home: Home, { id, name }: { readonly id: string; readonly name: string }) =>
    onStop(home, id, (stop) => ({ ...stop, name })),
  'move-stop': (home: Home, { id, after }: { readonly id: string; readonly after: string | null }) =>
    onRoomOfStop(home, id, (room) => moveStop(room, id, after)),
  'drop-stop': dropStop,
  'put-fixture': putFixture,
  'move-fixture': moveFixture,
  'drop-fixture': (home: Home, { id }: { readonly id: string }) => made(withoutFixture(home, id)),
} as const;

export function findFixture(home: Home, id: string): Fixture | undefined {
  return roomsOf(home)
    .flatMap(fixturesOf)
    .find((fixture) => fixture.id === id);
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

function dropStop(home: Home, { id }: { readonly id: string }): Made<Home> {
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
function putFixture(
  home: Home,
  { stopId, fixture }: { readonly stopId: string; readonly fixture: Fixture },
): Made<Home> {
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
  { id, stopId, height }: { readonly id: string; readonly stopId: string; readonly height: Height },
): Made<Home> {
  const fixture = findFixture(home, id);
  return fixture ? putFixture(home, { stopId, fixture: { ...fixture, height } }) : refuse('gone');
}

function withoutFixture(home: Home, id: string): Home {
  return mapRooms(home, (room) => {
    const stop = room.stops.find(({ fixtures }) => fixtures.some((fixture) => fixture.id === id));
    if (!stop) return room;
    const less = { ...stop, fixtures: stop.fixtures.filter((fixture) => fixture.id !== id) };
    return { ...room, stops: room.stops.map((known) => (known === stop ? less : known)) };
  });
}
