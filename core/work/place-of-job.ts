import { placeTaskId, type TaskId } from '../basics/ids';
import type { Method } from '../catalogue/method';

/** A job at one of several places: its name, its id and its share of the whole. */

/** The one place of several at which a job is done. */
export type PlaceOfJob = {
  /** From 1. */
  readonly number: number;
  readonly of: number;
  readonly name: string;
};

/** What a job is called with the place it is done at: the one place that says it. */
export function jobName(task: {
  readonly method: Pick<Method, 'title'>;
  readonly part?: PlaceOfJob;
}): string {
  return task.part ? `${task.method.title}: ${task.part.name}` : task.method.title;
}

/** The share of a fixture's work that a task is. */
export function shareOfJob({ part }: { readonly part?: PlaceOfJob }): number {
  return part ? 1 / part.of : 1;
}

/** The task at one of several places. */
export function taskIdAt(whole: TaskId, part: PlaceOfJob | undefined): TaskId {
  return part ? placeTaskId(whole, part.number) : whole;
}

const AT_PLACE = 'at-';

/** The key of the step at one of several places, from 1. */
export function keyAtPlace(number: number): string {
  return `${AT_PLACE}${number}`;
}

/** Whether a step is one of several places, by its key. */
export function isAtPlace(key: string): boolean {
  return key.startsWith(AT_PLACE);
}
