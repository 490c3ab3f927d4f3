import { z } from 'zod';
import { householdCatalogueSchema, UNCHANGED_CATALOGUE } from '../catalogue/household-catalogue';
import { machineKindSchema } from '../catalogue/method';
import { PRODUCT_SCHOOLS } from '../catalogue/work-kinds';
import { dayEventSchema } from '../day/events';
import { BELONGINGS, PACES, type Pace } from '../home/room';
import { homeSchema } from '../home/room-schema';
import { householdRulesSchema, UNCHANGED_RULES } from '../order/rule';
import { callSchema } from '../safety/calls';
import { useSchema } from '../safety/use';
import { markSchema } from '../scope/mark-schema';
import { steeringSchema, UNSTEERED } from '../steering/steering';
import { NO_SUPPLIES, suppliesSchema } from '../supplies/supplies';
import { ESTIMATES, FIRST_JOBS, UNITS } from './choices';
import { MOST, MOST_EVENTS, MOST_HOURS, MOST_MARKS, MOST_TICKS } from './limits';
import { planSchema } from './plan';
import { GROUPINGS, SPREADS } from './problem';
import {
  clockSchema,
  dateSchema,
  dateTimeSchema,
  idSchema,
  lineSchema,
  minutesSchema,
  nameSchema,
  positiveMinutesSchema,
  stepIdSchema,
  timezoneSchema,
} from './scalars';

export type { Units } from './choices';

/** A household as a file and in the application: the home, who lives in it, and the clean they are about. */

const hoursSchema = z
  .strictObject({ from: clockSchema, to: clockSchema })
  .refine((hours) => hours.from < hours.to, 'a time after the one it starts at');

export const weeklyHoursSchema = z
  .strictObject({
    /** 1 Monday … 7 Sunday. */
    weekday: z.int().min(1).max(7),
    from: clockSchema,
    to: clockSchema,
  })
  .refine((hours) => hours.from < hours.to, 'a time after the one it starts at');
export type WeeklyHours = z.infer<typeof weeklyHoursSchema>;

export const memberSchema = z.strictObject({
  id: idSchema,
  name: nameSchema,
  hours: z.array(weeklyHoursSchema).max(MOST_HOURS),
  /** Most hands-on minutes a date. */
  dailyCap: minutesSchema.max(1440),
  cannot: z.array(z.string().max(40)),
  dislikes: z.record(z.string(), z.int().min(1).max(3)),
  breakAfter: positiveMinutesSchema.max(720),
  breakLength: minutesSchema.max(240),
  pace: z.enum(Object.keys(PACES) as [Pace, ...Pace[]]).default('usual'),
  /** In years; what is for older people is never given to a younger one. Absent: grown up. */
  age: z.int().min(0).max(120).optional(),
  /** Dates on which other hours hold than those of the weekday; none: not there. */
  exceptions: z
    .array(z.strictObject({ date: dateSchema, hours: z.array(hoursSchema).max(20) }))
    .max(1000)
    .default([]),
  /** Times at which a person is busy with other things. */
  busy: z
    .array(z.strictObject({ start: dateTimeSchema, end: dateTimeSchema }))
    .max(5000)
    .default([]),
});
export type Member = z.infer<typeof memberSchema>;

export const householdMachineSchema = z.strictObject({
  id: idSchema,
  kind: machineKindSchema,
  /** Every day it may run from … to …; absent: at any time. */
  from: clockSchema.optional(),
  to: clockSchema.optional(),
});
export type HouseholdMachine = z.infer<typeof householdMachineSchema>;

/** How a stretch of work is cut: as long as each person's breaks allow, in sprints with a rest, or until it is done. */
export const blockSchema = z.discriminatedUnion('kind', [
  z.strictObject({ kind: z.literal('fixed') }),
  z.strictObject({
    kind: z.literal('sprints'),
    minutes: z.int().min(10).max(120),
    rest: z.int().min(1).max(60),
  }),
  z.strictObject({ kind: z.literal('until-done') }),
]);
export type Block = z.infer<typeof blockSchema>;

export const cleanSchema = z.strictObject({
  id: idSchema,
  name: nameSchema,
  reason: lineSchema(300),
  reward: lineSchema(200),
  start: dateSchema,
  finish: dateSchema,
  spread: z.enum(SPREADS),
  grouping: z.enum(GROUPINGS),
  firstJob: z.enum(FIRST_JOBS).default('any'),
  block: blockSchema.default({ kind: 'fixed' }),
  openRooms: z.int().min(0).max(50),
  reserve: z.array(dateSchema).max(1000),
  sessionCap: positiveMinutesSchema.max(1440),
  products: z.enum(PRODUCT_SCHOOLS),
  belongings: z.enum(BELONGINGS).default('stop'),
  estimates: z.enum(ESTIMATES).default('rates'),
});
export type Clean = z.infer<typeof cleanSchema>;

export const tickSchema = z.strictObject({
  step: stepIdSchema,
  at: dateTimeSchema,
  used: useSchema.optional(),
  /** How long it took, where a clock ran along. */
  seconds: z.int().min(0).max(86_400).optional(),
  /** Who did it, where somebody said so. */
  person: idSchema.optional(),
});
export type Tick = z.infer<typeof tickSchema>;

/** How far a step has come that is not done, in hundredths. */
export const partSchema = z.strictObject({ step: stepIdSchema, share: z.int().min(1).max(99) });
export type PartDone = z.infer<typeof partSchema>;

/** A plan as kept: `basis` tells what it was made from, so that one can see whether it still fits. */
export const keptPlanSchema = z.strictObject({
  version: z.int().min(1),
  basis: z.string().max(64),
  madeAt: dateTimeSchema,
  plan: planSchema,
});
export type KeptPlan = z.infer<typeof keptPlanSchema>;

export const weatherSchema = z.strictObject({ date: dateSchema, dry: z.boolean() });

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
  marks: z.array(markSchema).max(MOST_MARKS).default([]),
  catalogue: householdCatalogueSchema.default(UNCHANGED_CATALOGUE),
  /** Rules of order that are switched off, and those of the household's own. */
  rules: householdRulesSchema.default(UNCHANGED_RULES),
  supplies: suppliesSchema.default(NO_SUPPLIES),
  /** What was placed by hand. */
  steering: steeringSchema.default(UNSTEERED),
  /** Work for licensed trades. */
  calls: z.array(callSchema).max(500).default([]),
  /** Dates of which somebody has said whether they are dry. */
  weather: z.array(weatherSchema).max(2000),
  /** What the simulated forecast for all other dates is drawn from; absent: they are dry. */
  forecastSeed: z.int().min(0).max(2_147_483_647).optional(),
  ticks: z.array(tickSchema).max(MOST_TICKS),
  parts: z.array(partSchema).max(5000).default([]),
  /** What happened on the days of the clean, in its order. */
  events: z.array(dayEventSchema).max(MOST_EVENTS).default([]),
  plans: z.array(keptPlanSchema).default([]),
  now: dateTimeSchema.optional(),
});
export type Household = z.infer<typeof householdSchema>;

/** A household as it is kept in a file: one that has not set out on a clean yet has none. */
export const householdFileSchema = householdSchema.partial({ clean: true });
export type HouseholdFile = z.infer<typeof householdFileSchema>;
