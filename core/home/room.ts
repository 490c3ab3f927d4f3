import { z } from 'zod';
import { idSchema } from '../formats/scalars';

/** A home as it stands: floors, rooms, the stops on the walk round each room, and the fixtures at each stop. */

export const ROOM_KINDS = {
  kitchen: 'Kitchen',
  pantry: 'Pantry',
  dining: 'Dining room',
  living: 'Living room',
  bedroom: 'Bedroom',
  child: 'Child’s room',
  guest: 'Guest room',
  study: 'Study',
  bathroom: 'Bathroom',
  shower: 'Shower room',
  toilet: 'Toilet',
  hall: 'Hall',
  stairs: 'Stairs',
  landing: 'Landing',
  laundry: 'Laundry',
  cupboard: 'Cupboard',
  loft: 'Loft',
  cellar: 'Cellar',
  garage: 'Garage',
  porch: 'Porch',
  balcony: 'Balcony',
  terrace: 'Terrace or yard',
  store: 'Store or shed',
} as const;
export type RoomKind = keyof typeof ROOM_KINDS;
const roomKindSchema = z.enum(Object.keys(ROOM_KINDS) as [RoomKind, ...RoomKind[]]);

/** From the ceiling down: the rows of the unrolled room. */
export const HEIGHTS = ['ceiling', 'high', 'middle', 'low', 'floor'] as const;
export type Height = (typeof HEIGHTS)[number];

export const SOILS = ['light', 'normal', 'heavy', 'years'] as const;
export type Soil = (typeof SOILS)[number];

/** How full of belongings a fixture is. */
export const FULLNESSES = ['empty', 'sparse', 'half', 'full', 'crammed'] as const;
export type Fullness = (typeof FULLNESSES)[number];

export const MOST_COUNT = 500;
export const MOST_ROOM_M = 40;

const metresSchema = z.number().gt(0).max(MOST_ROOM_M);

/** Sizes of one fixture; what is left out is taken from its kind. */
export const sizeSchema = z.strictObject({
  widthM: metresSchema.optional(),
  heightM: metresSchema.optional(),
  shelfM: z.number().gt(0).max(200).optional(),
  drawers: z.int().min(1).max(100).optional(),
  slats: z.int().min(1).max(400).optional(),
});
export type Size = z.infer<typeof sizeSchema>;

export const fixtureSchema = z.strictObject({
  id: idSchema,
  kind: z.string().min(1).max(60),
  height: z.enum(HEIGHTS),
  count: z.int().min(1).max(MOST_COUNT),
  size: sizeSchema,
  surface: z.string().min(1).max(60).optional(),
  soil: z.enum(SOILS),
  fullness: z.enum(FULLNESSES),
  /** Left as it is this time. */
  leave: z.boolean(),
});
export type Fixture = z.infer<typeof fixtureSchema>;

export const stopSchema = z.strictObject({
  id: idSchema,
  name: z.string().min(1).max(80),
  /** The room itself: ceiling, walls, skirting and floor run along the whole strip. */
  shell: z.boolean(),
  fixtures: z.array(fixtureSchema),
});
export type Stop = z.infer<typeof stopSchema>;

export const roomSchema = z.strictObject({
  id: idSchema,
  name: z.string().min(1).max(80),
  kind: roomKindSchema,
  lengthM: metresSchema,
  widthM: metresSchema,
  heightM: metresSchema,
  /** In the order in which one comes to them, walking clockwise from the door. */
  stops: z.array(stopSchema),
});
export type Room = z.infer<typeof roomSchema>;

export const floorSchema = z.strictObject({
  id: idSchema,
  name: z.string().min(1).max(80),
  rooms: z.array(roomSchema),
});
export type Floor = z.infer<typeof floorSchema>;

export const homeSchema = z.strictObject({
  /** From the lowest floor up. */
  floors: z.array(floorSchema),
});
export type Home = z.infer<typeof homeSchema>;

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
