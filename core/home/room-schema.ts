import { z } from 'zod';
import { MOST } from '../basics/limits';
import { dateSchema, idSchema, lineSchema, nameSchema } from '../basics/scalars';
import { homeFactsSchema } from './facts';
import { NO_FACTS } from './no-facts';
import {
  FULLNESSES,
  HEIGHTS,
  MOST_COUNT,
  MOST_PLACES,
  MOST_ROOM_M,
  ROOM_KINDS,
  type RoomKind,
  SOILS,
  VENTILATIONS,
  WAYS_ROUND,
} from './scales';
import { SURFACES } from './surfaces';
import { THING_NAMES } from './thing-names';

/** What a home has to look like to be taken in; the types of its parts follow from it. */

const roomKindSchema = z.enum(Object.keys(ROOM_KINDS) as [RoomKind, ...RoomKind[]]);

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
  /** When it was last deep cleaned, as far as anybody knows. */
  lastDone: dateSchema.optional(),
  /** What is broken, worn or needs paint. */
  mend: lineSchema(300).min(1).optional(),
  /** What is worn out at it, so that a new one is bought by the day on which it is seen to. */
  needs: z.enum(THING_NAMES).optional(),
  /** What its single places are called, in the order in which one goes; those without a name are counted. */
  places: z.array(lineSchema(60)).max(MOST_PLACES).optional(),
});
export type Fixture = z.infer<typeof fixtureSchema>;

/** A surface of which the catalogue knows what it stands. */
export const surfaceSchema = fixtureSchema.shape.surface
  .unwrap()
  .refine((surface) => (SURFACES as readonly string[]).includes(surface));

export const stopSchema = z.strictObject({
  id: idSchema,
  name: nameSchema,
  /** The room itself: ceiling, walls, skirting and floor run along the whole strip. */
  shell: z.boolean(),
  fixtures: z.array(fixtureSchema).max(MOST.fixtures),
});
export type Stop = z.infer<typeof stopSchema>;

export const roomSchema = z.strictObject({
  id: idSchema,
  name: nameSchema,
  kind: roomKindSchema,
  lengthM: metresSchema,
  widthM: metresSchema,
  heightM: metresSchema,
  ventilation: z.enum(VENTILATIONS).default('window'),
  /** Ids of rooms into which the floor runs on. */
  opensTo: z.array(idSchema).max(20).default([]),
  /** In the order in which one comes to them, walking clockwise from the door. */
  stops: z.array(stopSchema).max(MOST.stops),
});
export type Room = z.infer<typeof roomSchema>;

/** What is said of a room as a whole; the floor and the walls are made of what their fixtures are made of. */
export const roomFactsSchema = z
  .strictObject({
    name: nameSchema,
    lengthM: metresSchema,
    widthM: metresSchema,
    heightM: metresSchema,
    ventilation: z.enum(VENTILATIONS),
    opensTo: roomSchema.shape.opensTo.unwrap(),
    floor: surfaceSchema,
    walls: surfaceSchema,
  })
  .partial();
export type RoomFacts = z.infer<typeof roomFactsSchema>;

export const floorSchema = z.strictObject({
  id: idSchema,
  name: nameSchema,
  rooms: z.array(roomSchema).max(MOST.rooms),
});
export type Floor = z.infer<typeof floorSchema>;

export const homeSchema = z.strictObject({
  /** From the lowest floor up. */
  floors: z.array(floorSchema).max(MOST.floors),
  wayRound: z.enum(WAYS_ROUND).default('clockwise'),
  facts: homeFactsSchema.default(NO_FACTS),
});
export type Home = z.infer<typeof homeSchema>;
