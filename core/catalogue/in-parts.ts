import type { HandsStep, Method, MethodStep } from './method';

/** Floors of rooms that can't be emptied: one half after the other, with what stands on it moved over in between. */

/** Whether a method makes a floor wet or sticky as a whole, so that it could be done half by half. */
export function canBeInParts({ kind, steps }: Pick<Method, 'kind' | 'steps'>): boolean {
  return kind === 'floors' && steps.some(isClosed);
}

/** A floor half by half; what comes after it has dried is done once. */
export function inParts(method: Method): Method {
  if (!canBeInParts(method)) return method;
  const end = method.steps.findLastIndex(isClosed) + 1;
  const half = method.steps.slice(0, end).map(halved);
  return {
    ...method,
    steps: [
      moving('aside', 'What stands there onto one half'),
      ...half.map((step) => ({ ...step, key: `${step.key}-first` })),
      moving('over', 'What stands there over onto the dry half'),
      ...half.map((step) => ({ ...step, key: `${step.key}-second` })),
      moving('back', 'Everything back to its place'),
      ...method.steps.slice(end),
    ],
  };
}

function isClosed(step: MethodStep): boolean {
  return step.mode === 'wait' && step.closesRoom;
}

function halved(step: MethodStep): MethodStep {
  if (step.mode === 'wait' || !step.rate) return step;
  return { ...step, rate: { ...step.rate, perHour: step.rate.perHour * 2 } };
}

const MOVING_MINUTES = 8;

/** Moved a corner at a time, on felt where it is heavy. */
function moving(key: string, title: string): HandsStep {
  return {
    key,
    mode: 'hands',
    title,
    setUpMinutes: MOVING_MINUTES,
    soiled: false,
    tags: ['heavy'],
    crew: 1,
  };
}
