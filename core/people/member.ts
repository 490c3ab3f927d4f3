import { z } from 'zod';
import { MOST_HOURS, MOST_IN_DOCUMENT } from '../basics/limits';
import {
  clockSchema,
  dateSchema,
  dateTimeSchema,
  idSchema,
  minutesSchema,
  nameSchema,
  positiveMinutesSchema,
  weeklyHoursSchema,
} from '../basics/scalars';
import { PACES, type Pace } from '../home/scales';
import { AT_HOME_NAMES } from './at-home';

/** Who does the work: somebody of the household, with the hours and the limits that they have. */

const hoursSchema = z
  .strictObject({ from: clockSchema, to: clockSchema })
  .refine((hours) => hours.from < hours.to, 'a time after the one it starts at');

export type { WeeklyHours } from '../basics/scalars';

export const memberSchema = z.strictObject({
  id: idSchema,
  name: nameSchema,
  hours: z.array(weeklyHoursSchema).max(MOST_HOURS),
  /** Most hands-on minutes a date. */
  dailyCap: minutesSchema.max(1440),
  cannot: z.array(z.string().max(40)).max(MOST_IN_DOCUMENT.tags),
  dislikes: z.record(z.string().max(40), z.int().min(1).max(3)),
  breakAfter: positiveMinutesSchema.max(720),
  breakLength: minutesSchema.max(240),
  pace: z.enum(Object.keys(PACES) as [Pace, ...Pace[]]).default('usual'),
  /** In years; what is for older people is never given to a younger one. Absent: grown up. */
  age: z.int().min(0).max(120).optional(),
  /** At home besides the hours of work; absent: nobody said, so only then. */
  atHome: z.enum(AT_HOME_NAMES).optional(),
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
