import { z } from 'zod';
import { taskOfStep } from '../basics/ids';
import { dateSchema, dateTimeSchema, idSchema, stepIdSchema, taskIdSchema } from '../basics/scalars';

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

export const steeringSchema = z.strictObject({
  pins: z.array(pinSchema).max(MOST).default([]),
  later: z.array(laterSchema).max(MOST).default([]),
  doers: z.array(doerSchema).max(MOST).default([]),
  /** Dates kept free of work. */
  free: z.array(dateSchema).max(MOST).default([]),
});
export type Steering = z.infer<typeof steeringSchema>;

export const UNSTEERED: Steering = { pins: [], later: [], doers: [], free: [] };

export type SteeringChange =
  /** Places steps by hand; each replaces where the same step was put before. */
  | { readonly do: 'pin'; readonly pins: readonly Pin[] }
  /** Leaves where and by whom tasks are done to the planner again. */
  | { readonly do: 'let-go'; readonly tasks: readonly string[] }
  /** Not before a date. */
  | { readonly do: 'later'; readonly later: readonly Later[] }
  | { readonly do: 'doer'; readonly task: string; readonly person: string }
  | { readonly do: 'free-day'; readonly date: string; readonly free: boolean };

/** One pin a step: the last word counts. */
export function lastOfEach(pins: readonly Pin[]): Pin[] {
  return [...new Map(pins.map((pin) => [pin.step, pin])).values()];
}

export function changeSteering(before: Steering, change: SteeringChange): Steering {
  switch (change.do) {
    case 'pin': {
      const steps = new Set(change.pins.map((pin) => pin.step));
      const tasks = new Set<string>(change.pins.map((pin) => taskOfStep(pin.step)));
      return {
        ...before,
        pins: [...before.pins.filter((pin) => !steps.has(pin.step)), ...lastOfEach(change.pins)],
        // Where it is put is said anew: what was said of it before holds no longer.
        later: before.later.filter(({ task }) => !tasks.has(task)),
      };
    }
    case 'let-go': {
      const gone = new Set(change.tasks);
      return {
        ...before,
        pins: before.pins.filter((pin) => !gone.has(taskOfStep(pin.step))),
        later: before.later.filter(({ task }) => !gone.has(task)),
        doers: before.doers.filter(({ task }) => !gone.has(task)),
      };
    }
    case 'later': {
      const moved = new Set(change.later.map(({ task }) => task));
      return {
        ...before,
        pins: before.pins.filter((pin) => !moved.has(taskOfStep(pin.step))),
        later: [...before.later.filter(({ task }) => !moved.has(task)), ...change.later],
      };
    }
    case 'doer':
      return {
        ...before,
        doers: [
          ...before.doers.filter(({ task }) => task !== change.task),
          { task: change.task, person: change.person },
        ],
      };
    case 'free-day':
      return {
        ...before,
        free: [
          ...before.free.filter((date) => date !== change.date),
          ...(change.free ? [change.date] : []),
        ].sort(),
      };
  }
}
