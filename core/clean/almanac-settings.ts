import { z } from 'zod';
import { MOST_METHOD_ID } from '../basics/limits';
import { dateSchema, idSchema, lineSchema } from '../basics/scalars';
import { learntSchema, NOTHING_LEARNT } from './learnt';

/** When in the year something is done, beside how long ago it was. */
export const SEASONS = {
  spring: 'Spring',
  summer: 'Summer',
  autumn: 'Autumn',
  winter: 'Winter',
  'before-frost': 'Before the frost',
  'after-heating': 'After the heating season',
} as const;
export type Season = keyof typeof SEASONS;
export const SEASON_NAMES = Object.keys(SEASONS) as [Season, ...Season[]];

/** A job that a household has put on the list of a season, or taken off it. */
export const seasonChangeSchema = z.strictObject({
  season: z.enum(SEASON_NAMES),
  method: z.string().min(1).max(MOST_METHOD_ID),
  on: z.boolean(),
});

/** Work for a trade that comes round: what, how often, and the date of the last invoice. */
export const tradeSchema = z.strictObject({
  id: idSchema,
  what: lineSchema(160).min(1),
  everyMonths: z.int().min(1).max(240),
  last: dateSchema.optional(),
  /** Not for this household. */
  off: z.boolean().default(false),
});
export type Trade = z.infer<typeof tradeSchema>;

/** What a household has said of its year, and what its estimates have learnt. */
export const almanacSettingsSchema = z.strictObject({
  learnt: learntSchema.default(NOTHING_LEARNT),
  seasons: z.array(seasonChangeSchema).max(2000).default([]),
  trades: z.array(tradeSchema).max(200).default([]),
  /** Since when a part of the house is done each month by turns; absent: it is done in cleans. */
  roundSince: dateSchema.optional(),
});
export type AlmanacSettings = z.infer<typeof almanacSettingsSchema>;

export const NOTHING_SAID_OF_THE_YEAR: AlmanacSettings = { learnt: NOTHING_LEARNT, seasons: [], trades: [] };
