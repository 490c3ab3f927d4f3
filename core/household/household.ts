import { z } from 'zod';
import { UNITS } from '../basics/choices';
import { MOST, MOST_EVENTS, MOST_PAST_CLEANS, MOST_PLANS, MOST_RECORD, MOST_TICKS } from '../basics/limits';
import { dateTimeSchema, nameSchema, timezoneSchema } from '../basics/scalars';
import { householdCatalogueSchema, UNCHANGED_CATALOGUE } from '../catalogue/household-catalogue';
import { almanacSettingsSchema, NOTHING_SAID_OF_THE_YEAR } from '../clean/almanac-settings';
import { callSchema } from '../clean/call';
import { cleanSchema } from '../clean/clean';
import { dayEventSchema } from '../clean/events';
import { leavingSchema } from '../clean/leaving';
import { markSchema } from '../clean/mark-schema';
import { pastCleanSchema } from '../clean/past-clean';
import { MOST_PICTURES, pictureInFileSchema } from '../clean/picture';
import { NOTHING_LEAVING } from '../clean/piles';
import { recordLineSchema } from '../clean/record-line';
import { householdRulesSchema, UNCHANGED_RULES } from '../clean/rule';
import { steeringSchema, UNSTEERED } from '../clean/steering';
import { NO_SUPPLIES, suppliesSchema } from '../clean/supplies';
import { partSchema, tickSchema } from '../clean/tick';
import { weatherSchema } from '../clean/weather';
import { homeSchema } from '../home/room-schema';
import { householdMachineSchema } from '../machines/household-machine';
import { memberSchema } from '../people/member';
import { keptPlanSchema } from '../plan/kept-plan';

/** A household as a whole: the home, who lives in it, and the clean they are about. */

export const householdSchema = z.strictObject({
  format: z.literal('early-thaw/household'),
  version: z.literal(1),
  name: nameSchema,
  timezone: timezoneSchema,
  units: z.enum(UNITS).default('metric'),
  home: homeSchema,
  people: z.array(memberSchema).max(MOST.people),
  machines: z.array(householdMachineSchema).max(MOST.machines),
  clean: cleanSchema,
  /** What was decided about tasks, rooms and kinds of work. */
  marks: z.array(markSchema).max(MOST.marks).default([]),
  catalogue: householdCatalogueSchema.default(UNCHANGED_CATALOGUE),
  /** Rules of order that are switched off, and those of the household's own. */
  rules: householdRulesSchema.default(UNCHANGED_RULES),
  supplies: suppliesSchema.default(NO_SUPPLIES),
  /** What leaves the house, where it is taken, and what gets another place in it. */
  leaving: leavingSchema.default(NOTHING_LEAVING),
  /** What was placed by hand. */
  steering: steeringSchema.default(UNSTEERED),
  /** Work for licensed trades. */
  calls: z.array(callSchema).max(500).default([]),
  /** What was said of the year, and what estimates have learnt. */
  almanac: almanacSettingsSchema.default(NOTHING_SAID_OF_THE_YEAR),
  /** Dates of which somebody has said whether they are dry. */
  weather: z.array(weatherSchema).max(2000),
  /** What the simulated forecast for all other dates is drawn from; absent: they are dry. */
  forecastSeed: z.int().min(0).max(2_147_483_647).optional(),
  ticks: z.array(tickSchema).max(MOST_TICKS),
  parts: z.array(partSchema).max(5000).default([]),
  /** What happened on the days of the clean, in its order. */
  events: z.array(dayEventSchema).max(MOST_EVENTS).default([]),
  /** Everything that was ever done, readable by itself. */
  record: z.array(recordLineSchema).max(MOST_RECORD).default([]),
  /** Cleans that are behind. */
  past: z.array(pastCleanSchema).max(MOST_PAST_CLEANS).default([]),
  /** Pictures before and after, where they are wanted in the file. */
  pictures: z.array(pictureInFileSchema).max(MOST_PICTURES).default([]),
  plans: z.array(keptPlanSchema).max(MOST_PLANS).default([]),
  now: dateTimeSchema.optional(),
});
export type Household = z.infer<typeof householdSchema>;

/** A household as it is kept in a file: one that has not set out on a clean yet has none. */
export const householdFileSchema = householdSchema.partial({ clean: true });
export type HouseholdFile = z.infer<typeof householdFileSchema>;
