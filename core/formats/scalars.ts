import { z } from 'zod';
import {
  CLOCK_PATTERN,
  isLocalDate,
  isLocalDateTime,
  LOCAL_DATE_PATTERN,
  LOCAL_DATE_TIME_PATTERN,
} from '../time/local-time';

/** The longest length of time that a document may name: a hundred days. */
const MOST_MINUTES = 144_000;

export const idSchema = z.string().min(1).max(200);
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

export const timezoneSchema = z.string().refine(isTimezone, 'an IANA time zone name such as "Europe/Berlin"');

function isTimezone(name: string): boolean {
  try {
    return new Intl.DateTimeFormat('en', { timeZone: name }).resolvedOptions().timeZone !== '';
  } catch {
    return false;
  }
}
