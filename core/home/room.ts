import type { Fixture, Floor, Home, Room, Stop } from './room-schema';

/** A home as it stands: floors, rooms, the stops on the walk round each room, and the fixtures at each stop. */

export type { Fixture, Floor, Home, Room, Size, Stop } from './room-schema';
export {
  FULLNESSES,
  type Fullness,
  HEIGHTS,
  type Height,
  MOST_COUNT,
  MOST_ROOM_M,
  ROOM_KINDS,
  type RoomKind,
  SOILS,
  type Soil,
} from './scales';

export type Place = {
  readonly floor: Floor;
  readonly room: Room;
  readonly stop: Stop;
  readonly fixture: Fixture;
};

/** Every fixture with where it stands, in walking order. */
export function placesOf(home: Home): Place[] {
  return home.floors.flatMap((floor) => floor.rooms.flatMap((room) => placesInRoom(floor, room)));
}

function placesInRoom(floor: Floor, room: Room): Place[] {
  return room.stops.flatMap((stop) => stop.fixtures.map((fixture) => ({ floor, room, stop, fixture })));
}

export function roomsOf(home: Home): Room[] {
  return home.floors.flatMap((floor) => floor.rooms);
}

export function fixturesOf(room: Room): Fixture[] {
  return room.stops.flatMap((stop) => stop.fixtures);
}
