import type { UnplacedReason } from '../../plan/plan';
import { openHands, type Task } from '../model/model';
import type { Cause } from './reasons';

/** Why a task is left out, and what would bring it back, as one sentence or two. */
export function messageOf(task: Task, cause: Cause): string {
  return MESSAGES[cause.reason](task, cause);
}

const MESSAGES: Record<UnplacedReason, (task: Task, cause: Cause) => string> = {
  'no-time': (task, { alone }) =>
    alone
      ? nowhere(task)
      : `“${task.title}” needs ${inWords(openHands(task))} more: other work takes the time.`,
  person: ({ title }) =>
    `Nobody who may do “${title}” is there, or too few at once. Somebody who may, with free time, would bring it back.`,
  machine: ({ title }) =>
    `No machine is free long enough for “${title}”. Longer running hours would bring it back.`,
  weather: ({ title }) => `“${title}” needs a dry day, and none of them has time for it.`,
  daylight: ({ title }) => `“${title}” needs daylight, and nobody is free in it for long enough.`,
  'too-long': ({ title, steps }) =>
    `“${title}” takes ${inWords(longestStretch(steps))} in one go, longer than anybody works without a break or has free.`,
  predecessor: ({ title }, { waitsFor }) =>
    waitsFor
      ? `“${title}” waits for “${waitsFor.title}”, which has no place.`
      : `“${title}” waits for something that is not planned.`,
  focus: ({ title }) => `“${title}” fits into none of the times that are given to it.`,
  attendance: ({ title }) => `“${title}” needs a grown-up at home, and nobody is for long enough.`,
  deadline: ({ title }) => `“${title}” can’t be done by its latest time.`,
};

/** Where it finds no place even by itself. */
function nowhere({ title, steps, sameDay }: Task): string {
  const waits = steps.filter((step) => step.mode === 'wait').reduce((sum, step) => sum + step.minutes, 0);
  const whole = steps.reduce((sum, step) => sum + step.minutes, 0);
  if (sameDay && waits > 0)
    return `All of “${title}” belongs on one day, ${inWords(whole)} with its waits, and no day has hours so far apart. A longer day would bring it back.`;
  return `No free time is long enough for “${title}”, even with nothing else planned.`;
}

function longestStretch(steps: Task['steps']): number {
  const hands = steps.filter((step) => step.mode === 'hands');
  return Math.max(...hands.map((step) => Math.min(step.split ?? step.minutes, step.minutes)));
}

function inWords(minutes: number): string {
  const [hours, rest] = [Math.floor(minutes / 60), minutes % 60];
  if (hours === 0) return `${rest} min`;
  return rest === 0 ? `${hours} h` : `${hours} h ${rest} min`;
}
