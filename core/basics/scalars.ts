import { z } from 'zod';
import { MOST_ID, MOST_NAME, MOST_STEP_ID, MOST_TASK_ID } from './limits';
import {
  CLOCK_PATTERN,
  isLocalDate,
  isLocalDateTime,
  LOCAL_DATE_PATTERN,
  LOCAL_DATE_TIME_PATTERN,
} from './local-time';
import { isTimezone } from './wall-clock';

/** The longest length of time that a document may name: a hundred days. */
const MOST_MINUTES = 144_000;

export const idSchema = z.string().min(1).max(MOST_ID);
export const taskIdSchema = z.string().min(1).max(MOST_TASK_ID);
export const stepIdSchema = z.string().min(1).max(MOST_STEP_ID);

const CONTROLS = /[\p{Cc}\u2028\u2029]+/gu;

/** What breaks lines or controls a screen counts as a blank. */
export function oneLine(text: string): string {
  return text.replace(CONTROLS, ' ').trim();
}

export const lineSchema = (most: number, tooLong?: string) =>
  z.string().overwrite(oneLine).max(most, tooLong);
export const nameSchema = lineSchema(MOST_NAME).min(1);
export const titleSchema = z.string().max(500);
export const minutesSchema = z.int().min(0).max(MOST_MINUTES);
export const positiveMinutesSchema = z.int().min(1).max(MOST_MINUTES);

export const dateSchema = z
  .string()
  .regex(LOCAL_DATE_PATTERN, 'a date as YYYY-MM-DD')
  .refine(isLocalDate, 'a date that is on the calendar');

export const dateTimeSchema = z
  .string()
  .regex(LOCAL_DATE_TIME_PATTERN, 'a local time as YYYY-MM-DDTHH:mm')
  .refine(isLocalDateTime, 'a date that is on the calendar');

export const clockSchema = z.string().regex(CLOCK_PATTERN, 'a time of day as HH:mm');

const ZONE = 'an IANA time zone name such as "Europe/Berlin"';
export const timezoneSchema = z.string().max(64, ZONE).refine(isTimezone, ZONE);

/** A stretch of one weekday in every week. */
export const weeklyHoursSchema = z
  .strictObject({
    /** 1 Monday … 7 Sunday. */
    weekday: z.int().min(1).max(7),
    from: clockSchema,
    to: clockSchema,
  })
  .refine((hours) => hours.from < hours.to, 'a time after the one it starts at');
export type WeeklyHours = z.infer<typeof weeklyHoursSchema>;

/** A time of every day; one that ends before it begins runs past midnight. */
export const dailySchema = z.strictObject({ from: clockSchema, to: clockSchema });
export type Daily = z.infer<typeof dailySchema>;
