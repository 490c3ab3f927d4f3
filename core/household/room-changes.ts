import { z } from 'zod';
import { idSchema, nameSchema } from '../basics/scalars';
import { FIXTURE_KINDS, type FixtureKindName } from '../catalogue/fixture-kinds';
import { stopsWith, withThing } from '../furnish/listed-room';
import { MOST_LISTED_ROOMS } from '../furnish/pasted-list';
import { usualStops } from '../furnish/templates';
import {
  type Fixture,
  type Home,
  type Room,
  roomSizes,
  roomsOf,
  type Stop,
  USUAL_HEIGHT_M,
} from '../home/room';
import { fixtureSchema, type RoomFacts, roomFactsSchema, roomSchema } from '../home/room-schema';
import { rowsOn } from './change-row';
import { mapRooms, onFloor, onRoom } from './home-parts';
import { type Made, made, refuse } from './made';

/**
 * Floors and rooms. Ids of new things come with the change, so that it can be sent twice: adding something that is there
 * already changes nothing; so does removing what is gone.
 */

const row = rowsOn<Home>();

/** A room before anybody has said what stands in it. */
const bareRoomSchema = roomSchema.omit({ stops: true, opensTo: true, ventilation: true });

const kindSchema = z.enum(Object.keys(FIXTURE_KINDS) as [FixtureKindName, ...FixtureKindName[]]);

const listedRoomsSchema = z
  .array(
    z.strictObject({
      id: idSchema,
      name: nameSchema,
      kind: roomSchema.shape.kind,
      things: z
        .array(z.strictObject({ kind: kindSchema, count: fixtureSchema.shape.count }))
        .max(200)
        .readonly(),
    }),
  )
  .min(1)
  .max(MOST_LISTED_ROOMS)
  .readonly();
export type RoomToAdd = z.infer<typeof listedRoomsSchema>[number];

export const ROOM_CHANGES = {
  'add-floor': row({
    shape: { id: idSchema, name: nameSchema },
    apply: (home, said) => made(addFloor(home, said)),
    words: ({ name }) => `${name} added`,
  }),
  'rename-floor': row({
    shape: { id: idSchema, name: nameSchema },
    apply: (home, { id, name }) => onFloor(home, id, (floor) => ({ ...floor, name })),
    words: ({ id }, home) => `${floorName(home, id)} renamed`,
  }),
  'drop-floor': row({
    shape: { id: idSchema },
    apply: (home, { id }) => made({ ...home, floors: home.floors.filter((floor) => floor.id !== id) }),
    words: ({ id }, home) => `${floorName(home, id)} removed`,
  }),
  'add-room': row({
    shape: { floorId: idSchema, room: bareRoomSchema },
    apply: (home, { floorId, room }) =>
      addRoom(home, floorId, { ...room, ventilation: 'window', opensTo: [], stops: usualStops(room) }),
    words: ({ room }) => `${room.name} added`,
  }),
  /** Several at once, as they were pressed or listed; one that is there by its name gets what it lacks. */
  'add-rooms': row({
    shape: { floor: z.strictObject({ id: idSchema, name: nameSchema }), rooms: listedRoomsSchema },
    apply: addRooms,
    words: ({ rooms }) => (rooms.length === 1 ? `${rooms[0]?.name} added` : `${rooms.length} rooms added`),
  }),
  'change-room': row({
    shape: { id: idSchema, facts: roomFactsSchema },
    apply: (home, { id, facts }) => onRoom(home, id, (room) => withFacts(room, facts)),
    words: ({ id }, home) => `${roomName(home, id)} changed`,
  }),
  'drop-room': row({
    shape: { id: idSchema },
    apply: (home, { id }) => made(dropRoom(home, id)),
    words: ({ id }, home) => `${roomName(home, id)} removed`,
  }),
  'copy-room': row({
    shape: { id: idSchema, as: idSchema, name: nameSchema },
    apply: copyRoom,
    words: ({ id }, home) => `${roomName(home, id)} copied`,
  }),
};

function floorName(home: Home, id: string): string {
  return home.floors.find((floor) => floor.id === id)?.name ?? 'A floor';
}

function roomName(home: Home, id: string): string {
  return roomsOf(home).find((room) => room.id === id)?.name ?? 'A room';
}

function addFloor(home: Home, { id, name }: { id: string; name: string }): Home {
  if (home.floors.some((floor) => floor.id === id)) return home;
  return { ...home, floors: [...home.floors, { id, name, rooms: [] }] };
}

function addRoom(home: Home, floorId: string, room: Room): Made<Home> {
  if (roomsOf(home).some((known) => known.id === room.id)) return made(home);
  return onFloor(home, floorId, (floor) => ({ ...floor, rooms: [...floor.rooms, room] }));
}

type Added = {
  readonly floor: { readonly id: string; readonly name: string };
  readonly rooms: readonly RoomToAdd[];
};

function addRooms(before: Home, { floor, rooms }: Added): Made<Home> {
  const home = addFloor(before, floor);
  return rooms.reduce<Made<Home>>(
    (state, room) => (state.ok ? addListed(state.value, floor.id, room) : state),
    made(home),
  );
}

function addListed(home: Home, floorId: string, { things, ...said }: RoomToAdd): Made<Home> {
  const known = roomsOf(home).find(({ name }) => name.toLowerCase() === said.name.toLowerCase());
  if (known)
    return onRoom(home, known.id, (room) => ({
      ...room,
      stops: things.reduce<Stop[]>((stops, thing) => withThing(room, stops, thing), [...room.stops]),
    }));
  const [lengthM, widthM] = roomSizes(said.kind).middle;
  return addRoom(home, floorId, {
    ...said,
    lengthM,
    widthM,
    heightM: USUAL_HEIGHT_M,
    ventilation: 'window',
    opensTo: [],
    stops: stopsWith(said, things),
  });
}

function dropRoom(home: Home, id: string): Home {
  return mapRooms(home, (room) => {
    if (room.id === id) return undefined;
    return room.opensTo.includes(id) ? { ...room, opensTo: room.opensTo.filter((to) => to !== id) } : room;
  });
}

/** A room like another, with new ids; it stands right behind it. What is to mend is not copied. */
function copyRoom(home: Home, { id, as, name }: { id: string; as: string; name: string }): Made<Home> {
  if (roomsOf(home).some((room) => room.id === as)) return made(home);
  const floor = home.floors.find(({ rooms }) => rooms.some((room) => room.id === id));
  const room = floor?.rooms.find((known) => known.id === id);
  if (!floor || !room) return refuse('gone');
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
