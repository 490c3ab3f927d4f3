import { isFixtureKind } from '../catalogue/fixture-kinds';
import { usualStops } from '../furnish/templates';
import type { HomeFacts } from '../home/facts';
import {
  type Fixture,
  type Floor,
  fixturesOf,
  type Height,
  type Home,
  type Room,
  roomsOf,
  type Stop,
  type WayRound,
} from '../home/room';

/** What a person does to the home on the walk. Ids of new things come with the change, so that it can be sent twice. */
export type HomeChange =
  | { readonly do: 'add-floor'; readonly id: string; readonly name: string }
  | { readonly do: 'rename-floor'; readonly id: string; readonly name: string }
  | { readonly do: 'drop-floor'; readonly id: string }
  | {
      readonly do: 'add-room';
      readonly floorId: string;
      readonly room: Omit<Room, 'stops' | 'opensTo' | 'ventilation'>;
    }
  | { readonly do: 'change-room'; readonly id: string; readonly facts: RoomFacts }
  | { readonly do: 'drop-room'; readonly id: string }
  | { readonly do: 'copy-room'; readonly id: string; readonly as: string; readonly name: string }
  | { readonly do: 'add-stop'; readonly roomId: string; readonly id: string; readonly name: string }
  | { readonly do: 'rename-stop'; readonly id: string; readonly name: string }
  /** Behind another stop, or to the front. */
  | { readonly do: 'move-stop'; readonly id: string; readonly after: string | null }
  | { readonly do: 'drop-stop'; readonly id: string }
  | { readonly do: 'put-fixture'; readonly stopId: string; readonly fixture: Fixture }
  | { readonly do: 'move-fixture'; readonly id: string; readonly stopId: string; readonly height: Height }
  | { readonly do: 'drop-fixture'; readonly id: string }
  | { readonly do: 'way-round'; readonly way: WayRound }
  | { readonly do: 'home-facts'; readonly facts: HomeFacts };

/** What is said of a room as a whole; the floor and the walls are made of what their fixtures are made of. */
export type RoomFacts = Partial<
  Pick<Room, 'name' | 'lengthM' | 'widthM' | 'heightM' | 'ventilation' | 'opensTo'>
> & {
  readonly floor?: string;
  readonly walls?: string;
};

/** Why a change could not be made. */
export type Refusal = 'gone' | 'unknown-kind' | 'shell' | 'forbidden-mix' | 'own-name' | 'too-much';

type Made = { readonly ok: true; readonly home: Home } | { readonly ok: false; readonly why: Refusal };

const GONE: Made = { ok: false, why: 'gone' };

/**
 * The home after a change. What did not change stays the same object. Adding something that is there already changes
 * nothing; so does removing what is gone.
 */
export function changeHome(home: Home, change: HomeChange): Made {
  switch (change.do) {
    case 'add-floor':
      return made(addFloor(home, change));
    case 'rename-floor':
      return onFloor(home, change.id, (floor) => ({ ...floor, name: change.name }));
    case 'drop-floor':
      return made({ ...home, floors: home.floors.filter((floor) => floor.id !== change.id) });
    case 'add-room':
      return addRoom(home, change.floorId, {
        ...change.room,
        ventilation: 'window',
        opensTo: [],
        stops: usualStops(change.room),
      });
    case 'change-room':
      return onRoom(home, change.id, (room) => withFacts(room, change.facts));
    case 'drop-room':
      return made(dropRoom(home, change.id));
    case 'copy-room':
      return copyRoom(home, change);
    case 'add-stop':
      return onRoom(home, change.roomId, (room) => addStop(room, change));
    case 'rename-stop':
      return onStop(home, change.id, (stop) => ({ ...stop, name: change.name }));
    case 'move-stop':
      return onRoomOfStop(home, change.id, (room) => moveStop(room, change.id, change.after));
    case 'drop-stop':
      return dropStop(home, change.id);
    case 'put-fixture':
      return putFixture(home, change.stopId, change.fixture);
    case 'move-fixture':
      return moveFixture(home, change);
    case 'drop-fixture':
      return made(withoutFixture(home, change.id));
    case 'way-round':
      return made({ ...home, wayRound: change.way });
    case 'home-facts':
      return made({ ...home, facts: change.facts });
  }
}

function made(home: Home): Made {
  return { ok: true, home };
}

function addFloor(home: Home, { id, name }: { id: string; name: string }): Home {
  if (home.floors.some((floor) => floor.id === id)) return home;
  return { ...home, floors: [...home.floors, { id, name, rooms: [] }] };
}

function addRoom(home: Home, floorId: string, room: Room): Made {
  if (roomsOf(home).some((known) => known.id === room.id)) return made(home);
  return onFloor(home, floorId, (floor) => ({ ...floor, rooms: [...floor.rooms, room] }));
}

function dropRoom(home: Home, id: string): Home {
  return mapRooms(home, (room) => {
    if (room.id === id) return undefined;
    return room.opensTo.includes(id) ? { ...room, opensTo: room.opensTo.filter((to) => to !== id) } : room;
  });
}

/** A room like another, with new ids; it stands right behind it. What is to mend is not copied. */
function copyRoom(home: Home, { id, as, name }: { id: string; as: string; name: string }): Made {
  if (roomsOf(home).some((room) => room.id === as)) return made(home);
  const floor = home.floors.find(({ rooms }) => rooms.some((room) => room.id === id));
  const room = floor?.rooms.find((known) => known.id === id);
  if (!floor || !room) return GONE;
  const copy: Room = {
    ...room,
    id: as,
    name,
    stops: room.stops.map((stop, i) => copyOfStop(stop, `${as}-${i}`)),
  };
  const at = floor.rooms.indexOf(room) + 1;
  return onFloor(home, floor.id, (same) => ({ ...same, rooms: same.rooms.toSpliced(at, 0, copy) }));
}

function copyOfStop(stop: Stop, id: string): Stop {
  return {
    ...stop,
    id,
    fixtures: stop.fixtures.map(({ mend: _mend, ...fixture }, i) => ({ ...fixture, id: `${id}-${i}` })),
  };
}

const FLOOR_KINDS = ['hard-floor', 'carpet'];

/** The floor's and the walls' finish are those of the fixtures; carpet is a fixture of its own kind. */
function withFacts(room: Room, { floor, walls, ...facts }: RoomFacts): Room {
  const refit = (fixture: Fixture): Fixture => {
    if (floor !== undefined && FLOOR_KINDS.includes(fixture.kind))
      return { ...fixture, kind: floor === 'carpet' ? 'carpet' : 'hard-floor', surface: floor };
    if (walls !== undefined && fixture.kind === 'walls') return { ...fixture, surface: walls };
    return fixture;
  };
  const stops =
    floor === undefined && walls === undefined
      ? room.stops
      : room.stops.map((stop) => (stop.shell ? { ...stop, fixtures: stop.fixtures.map(refit) } : stop));
  return { ...room, ...facts, stops };
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

function dropStop(home: Home, id: string): Made {
  const stop = findStop(home, id);
  if (stop?.shell) return { ok: false, why: 'shell' };
  return made(
    mapRooms(home, (room) =>
      room.stops.some((known) => known.id === id)
        ? { ...room, stops: room.stops.filter((known) => known.id !== id) }
        : room,
    ),
  );
}

/** Adds a fixture at a stop or writes it anew; one that stood elsewhere moves. */
function putFixture(home: Home, stopId: string, fixture: Fixture): Made {
  if (!isFixtureKind(fixture.kind)) return { ok: false, why: 'unknown-kind' };
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
): Made {
  const fixture = roomsOf(home)
    .flatMap(fixturesOf)
    .find((known) => known.id === id);
  return fixture ? putFixture(home, stopId, { ...fixture, height }) : GONE;
}

function withoutFixture(home: Home, id: string): Home {
  return mapRooms(home, (room) => {
    const stop = room.stops.find(({ fixtures }) => fixtures.some((fixture) => fixture.id === id));
    if (!stop) return room;
    const less = { ...stop, fixtures: stop.fixtures.filter((fixture) => fixture.id !== id) };
    return { ...room, stops: room.stops.map((known) => (known === stop ? less : known)) };
  });
}

function findStop(home: Home, id: string): Stop | undefined {
  return roomsOf(home)
    .flatMap((room) => room.stops)
    .find((stop) => stop.id === id);
}

function onFloor(home: Home, id: string, change: (floor: Floor) => Floor): Made {
  if (!home.floors.some((floor) => floor.id === id)) return GONE;
  return made({ ...home, floors: home.floors.map((floor) => (floor.id === id ? change(floor) : floor)) });
}

function onRoom(home: Home, id: string, change: (room: Room) => Room): Made {
  if (!roomsOf(home).some((room) => room.id === id)) return GONE;
  return made(mapRooms(home, (room) => (room.id === id ? change(room) : room)));
}

function onRoomOfStop(home: Home, stopId: string, change: (room: Room) => Room): Made {
  const room = roomsOf(home).find(({ stops }) => stops.some((stop) => stop.id === stopId));
  return room ? onRoom(home, room.id, change) : GONE;
}

function onStop(home: Home, id: string, change: (stop: Stop) => Stop): Made {
  return onRoomOfStop(home, id, (room) => ({
    ...room,
    stops: room.stops.map((stop) => (stop.id === id ? change(stop) : stop)),
  }));
}

/** Rooms one by one; floors on which nothing changed stay the same object. */
function mapRooms(home: Home, change: (room: Room) => Room | undefined): Home {
  const floors = home.floors.map((floor) => {
    const rooms = floor.rooms.flatMap((room) => change(room) ?? []);
    const same = rooms.length === floor.rooms.length && rooms.every((room, i) => room === floor.rooms[i]);
    return same ? floor : { ...floor, rooms };
  });
  return { ...home, floors };
}
