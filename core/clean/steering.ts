import { z } from 'zod';
import { dateSchema, dateTimeSchema, idSchema, stepIdSchema, taskIdSchema } from '../basics/scalars';
import { focusSchema } from './focus';

/** What a person has said about where work lies, over the head of the planner. */

/** A step placed by hand: who does it, from when to when. A wait has nobody. */
const pinSchema = z.strictObject({
  step: stepIdSchema,
  people: z.array(idSchema).max(20),
  start: dateTimeSchema,
  end: dateTimeSchema,
});
export type Pin = z.infer<typeof pinSchema>;

/** A task that is not to begin before a date. */
const laterSchema = z.strictObject({ task: taskIdSchema, from: dateSchema });
export type Later = z.infer<typeof laterSchema>;

/** A task that only one person does. */
const doerSchema = z.strictObject({ task: taskIdSchema, person: idSchema });
export type Doer = z.infer<typeof doerSchema>;

const MOST = 5000;
/** So many are said one by one. */
export const MOST_FOCUSES = 100;

export const steeringSchema = z.strictObject({
  pins: z.array(pinSchema).max(MOST).default([]),
  later: z.array(laterSchema).max(MOST).default([]),
  doers: z.array(doerSchema).max(MOST).default([]),
  /** Dates kept free of work. */
  free: z.array(dateSchema).max(MOST).default([]),
  /** Work that is given its time, and time that is given its work. */
  focus: z.array(focusSchema).max(MOST_FOCUSES).default([]),
});
export type Steering = z.infer<typeof steeringSchema>;

export const UNSTEERED: Steering = { pins: [], later: [], doers: [], free: [], focus: [] };

/** One pin a step: the last word counts. */
export function lastOfEach(pins: readonly Pin[]): Pin[] {
  return [...new Map(pins.map((pin) => [pin.step, pin])).values()];
}
