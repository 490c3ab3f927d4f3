import { z } from 'zod';
import { taskOfStep } from '../basics/ids';
import { dateSchema, idSchema, taskIdSchema } from '../basics/scalars';
import { focusSchema } from '../clean/focus';
import {
  type Later,
  lastOfEach,
  MOST_FOCUSES,
  type Pin,
  type Steering,
  steeringSchema,
} from '../clean/steering';
import { type AnyRow, type ChangeOf, rowsOn } from './change-row';
import { type Made, made, refuse } from './made';

const row = rowsOn<Steering>();

/** The most tasks of which one press may say something. */
const MOST_TASKS = 5000;

/** What a person says about where work lies. */
export const STEERING_CHANGES = {
  /** Places steps by hand; each replaces where the same step was put before. */
  pin: row({
    shape: { pins: steeringSchema.shape.pins.unwrap().readonly() },
    apply: (before, { pins }) => made(withPins(before, pins)),
    words: ({ pins }) => (pins.length === 1 ? 'A job placed by hand' : `${pins.length} jobs placed by hand`),
  }),
  /** Leaves where and by whom tasks are done to the planner again. */
  'let-go': row({
    shape: { tasks: z.array(taskIdSchema).max(MOST_TASKS).readonly() },
    apply: (before, { tasks }) => made(without(before, tasks)),
    words: () => 'Left to the plan again',
  }),
  /** Not before a date. */
  later: row({
    shape: { later: steeringSchema.shape.later.unwrap().readonly() },
    apply: (before, { later }) => made(putOff(before, later)),
    words: () => 'Put off',
  }),
  doer: row({
    shape: { task: taskIdSchema, person: idSchema },
    apply: (before, { task, person }) =>
      made({
        ...before,
        doers: [...before.doers.filter((known) => known.task !== task), { task, person }],
      }),
    words: () => 'Given to one person',
  }),
  /** Gives work its time, or time its work; one of the same id is said anew. */
  'put-focus': row({
    shape: { focus: focusSchema },
    apply: (before, { focus }) => {
      const others = before.focus.filter(({ id }) => id !== focus.id);
      if (others.length >= MOST_FOCUSES) return refuse('too-much');
      return made({ ...before, focus: [...others, focus] });
    },
    words: () => 'Work given its time',
  }),
  'drop-focus': row({
    shape: { focus: idSchema },
    apply: (before, { focus }) => made({ ...before, focus: before.focus.filter(({ id }) => id !== focus) }),
    words: () => 'Work at any time again',
  }),
  'free-day': row({
    shape: { date: dateSchema, free: z.boolean() },
    apply: (before, { date, free }) =>
      made({
        ...before,
        free: [...before.free.filter((known) => known !== date), ...(free ? [date] : [])].sort(),
      }),
    words: ({ free }) => (free ? 'A day kept free' : 'A day open for work again'),
  }),
} satisfies Record<string, AnyRow<Steering>>;
export type SteeringChange = ChangeOf<typeof STEERING_CHANGES>;

/** What is said, after a change of it. */
export function changeSteering(before: Steering, change: SteeringChange): Made<Steering> {
  const { apply }: AnyRow<Steering> = STEERING_CHANGES[change.do];
  return apply(before, change as never);
}

/** Where work is put is said anew: what was said of it before holds no longer. */
function withPins(before: Steering, pins: readonly Pin[]): Steering {
  const steps = new Set(pins.map((pin) => pin.step));
  const tasks = new Set<string>(pins.map((pin) => taskOfStep(pin.step)));
  return {
    ...before,
    pins: [...before.pins.filter((pin) => !steps.has(pin.step)), ...lastOfEach(pins)],
    later: before.later.filter(({ task }) => !tasks.has(task)),
  };
}

function without(before: Steering, tasks: readonly string[]): Steering {
  const gone = new Set(tasks);
  return {
    ...before,
    pins: before.pins.filter((pin) => !gone.has(taskOfStep(pin.step))),
    later: before.later.filter(({ task }) => !gone.has(task)),
    doers: before.doers.filter(({ task }) => !gone.has(task)),
  };
}

function putOff(before: Steering, later: readonly Later[]): Steering {
  const moved = new Set(later.map(({ task }) => task));
  return {
    ...before,
    pins: before.pins.filter((pin) => !moved.has(taskOfStep(pin.step))),
    later: [...before.later.filter(({ task }) => !moved.has(task)), ...later],
  };
}
