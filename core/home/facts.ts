import { z } from 'zod';
import { dailySchema } from '../basics/scalars';
import { weeklyRoundSchema } from './weekly-round';

/** Quiet times of a day that are told apart. */
export const MOST_QUIET = 6;

/** What is true of the whole home and changes how long things take, how often they are due, or what to beware of. */
export const homeFactsSchema = z.strictObject({
  hardWater: z.boolean().default(false),
  pets: z.boolean().default(false),
  birds: z.boolean().default(false),
  smokers: z.boolean().default(false),
  builtYear: z.int().min(1000).max(2200).optional(),
  /** Degrees north of the equator; south of it below nothing. */
  latitude: z.int().min(-90).max(90).optional(),
  /** Water from a well of one's own. */
  well: z.boolean().default(false),
  /** Waste water into a tank of one's own. */
  tank: z.boolean().default(false),
  /** Only one set of bedding for each bed. */
  singleBedding: z.boolean().default(false),
  /** Only one set of towels for each rail. */
  singleTowels: z.boolean().default(false),
  /** How many days of each month usually are wet, January first; absent: as in a temperate place. */
  wetDays: z.array(z.int().min(0).max(31)).length(12).optional(),
  /** Times of every day at which nothing makes noise: a nap, the neighbours. */
  quiet: z.array(dailySchema).max(MOST_QUIET).optional(),
  /** What is done every week anyhow; absent where nobody said. */
  weeklyRound: weeklyRoundSchema.optional(),
});
export type HomeFacts = z.infer<typeof homeFactsSchema>;
export type FactName = keyof HomeFacts;
