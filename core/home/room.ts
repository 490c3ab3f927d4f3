import type { Fixture, Floor, Home, Room, Stop } from './room-schema';
import type { WayRound } from './scales';
import { stopsInOrder } from './way-round';

/** A home as it stands: floors, rooms, the stops on the walk round each room, and the fixtures at each stop. */

export type { Fixture, Floor, Home, Room, Size, Stop } from './room-schema';
export {
  BELONGINGS,
  type BelongingsSchool,
  FULLNESSES,
  type Fullness,
  HEIGHTS,
  type Height,
  MOST_COUNT,
  MOST_PLACES,
  MOST_ROOM_M,
  PACES,
  type Pace,
  ROOM_KINDS,
  ROOM_SIZES,
  type RoomKind,
  type RoomSize,
  roomSizes,
  SOILS,
  type Soil,
  USUAL_HEIGHT_M,
  VENTILATIONS,
  type Ventilation,
  WAYS_ROUND,
  type WayRound,
} from './scales';

export type Place = {
  readonly floor: Floor;
  readonly room: Room;
  readonly stop: Stop;
  readonly fixture: Fixture;
};

/** Every fixture with where it stands, in walking order. */
export function placesOf(home: Home): Place[] {
  return home.floors.flatMap((floor) =>
    floor.rooms.flatMap((room) => placesInRoom(floor, room, home.wayRound)),
  );
}

function placesInRoom(floor: Floor, room: Room, way: WayRound): Place[] {
  return stopsInOrder(room, way).flatMap((stop) =>
    stop.fixtures.map((fixture) => ({ floor, room, stop, fixture })),
  );
}

export function roomsOf(home: Home): Room[] {
  return home.floors.flatMap((floor) => floor.rooms);
}

export function fixturesOf(room: Room): Fixture[] {
  return room.stops.flatMap((stop) => stop.fixtures);
}
