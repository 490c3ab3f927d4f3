/**
 * How tasks and steps are named: a task by its fixture and its method, a step by its task and its key in the method. This is
 * the one place where such a name is put together and taken apart.
 */

/**
 * `fixture:method`, such as `hall-1-door:door-wash`, with a number where each of its places is a job, such as
 * `bedroom-2-wardrobe:wardrobe-sort.2`: in tasks, marks, steering, problems and plans.
 */
export type TaskId = string & { readonly brand: 'TaskId' };

/** `fixture:method/key`, such as `hall-1-door:door-wash/wash`: in steps, ticks, events, problems and plans. */
export type StepId = string & { readonly brand: 'StepId' };

export function taskIdOf(fixtureId: string, methodId: string): TaskId {
  return `${fixtureId}:${methodId}` as TaskId;
}

/** The job at one of several places of a fixture, by its number. */
export function placeTaskId(whole: TaskId, number: number): TaskId {
  return `${whole}.${number}` as TaskId;
}

/** Second goes are numbered behind all places, of which there are far fewer. */
export const SECOND_GOES_FROM = 50;

/** Whether a task is what did not come clean the first time, done once more. */
export function isSecondGo(taskId: string): boolean {
  return Number(/\.(\d+)$/.exec(taskId)?.[1] ?? 0) >= SECOND_GOES_FROM;
}

/** The task of all places of a fixture together, of which one may be a part. */
export function wholeTaskOf(taskId: TaskId): TaskId {
  return taskId.replace(/\.\d+$/, '') as TaskId;
}

export function stepIdIn(taskId: string, key: string): StepId {
  return `${taskId}/${key}` as StepId;
}

const STEP_ID = /^((.+):[a-z0-9-]+(?:\.\d+)?)\/([a-z0-9-]+)$/s;

/**
 * What a step id names; undefined for text of another shape.
 *
 *     partsOfStepId('sink:wash/rinse') // => { taskId: 'sink:wash', fixtureId: 'sink', key: 'rinse' }
 */
export function partsOfStepId(
  stepId: string,
): { taskId: TaskId; fixtureId: string; key: string } | undefined {
  const found = STEP_ID.exec(stepId);
  return found
    ? { taskId: found[1] as TaskId, fixtureId: found[2] as string, key: found[3] as string }
    : undefined;
}

/** The task of which a step is part. */
export function taskOfStep(stepId: string): TaskId {
  return stepId.slice(0, stepId.lastIndexOf('/')) as TaskId;
}

/** The fixture at which a task is done. */
export function fixtureOfTask(taskId: string): string {
  return taskId.slice(0, taskId.lastIndexOf(':'));
}
