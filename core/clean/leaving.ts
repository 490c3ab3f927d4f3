import { z } from 'zod';
import { idSchema, lineSchema, nameSchema, weeklyHoursSchema } from '../basics/scalars';
import { NEW_HOME_REASONS, PILES } from './names';

/** What leaves the house and what only moves in it: piles of one's own, places that take things, and new homes for things. */

/** A pile that the household gave a name: for a person, the food bank, the season's store. */
export const ownPileSchema = z.strictObject({
  id: z.uuid(),
  name: nameSchema,
  /** Whether it is carried out of the house. */
  leaves: z.boolean(),
});
export type OwnPile = z.infer<typeof ownPileSchema>;

/** One that ships, or the id of one's own. */
export const pileSchema = z.union([z.enum(PILES), z.uuid()]);
export type PileId = z.infer<typeof pileSchema>;

/** Where what leaves can be taken, and when. */
export const dropOffSchema = z.strictObject({
  id: idSchema,
  name: nameSchema,
  address: lineSchema(200),
  /** Piles that it takes; none: all that leave. */
  takes: z.array(pileSchema).max(30),
  opens: z.array(weeklyHoursSchema).min(1, 'Please say when it is open: a trip is planned by that.').max(30),
});
export type DropOff = z.infer<typeof dropOffSchema>;

/** One place in the home: something that holds things, and which of its places where there are several. */
const spotSchema = z.strictObject({ fixture: idSchema, place: z.int().min(1).max(1000).optional() });
export type Spot = z.infer<typeof spotSchema>;

/** A thing that is to live elsewhere: nearer to where it is used, out of reach of children, or where there is room. */
export const newHomeSchema = z.strictObject({
  id: idSchema,
  what: lineSchema(120).min(1),
  from: spotSchema,
  to: spotSchema,
  why: z.enum(NEW_HOME_REASONS),
});
export type NewHome = z.infer<typeof newHomeSchema>;

export const MOST_LEAVING = { piles: 20, places: 20, homes: 200 } as const;

export const leavingSchema = z.strictObject({
  piles: z.array(ownPileSchema).max(MOST_LEAVING.piles).default([]),
  places: z.array(dropOffSchema).max(MOST_LEAVING.places).default([]),
  homes: z.array(newHomeSchema).max(MOST_LEAVING.homes).default([]),
});
export type Leaving = z.infer<typeof leavingSchema>;
