import { type Catalogue, methodsFor } from '../catalogue/catalogue';
import type { Method } from '../catalogue/method';
import {
  estimateTask,
  type Range,
  type StepEstimate,
  sumRanges,
  type TaskEstimate,
} from '../estimate/estimate';
import { type Home, type Place, placesOf } from '../home/room';

/** One method at one place in this clean. */
export type CleanTask = Place & {
  /** `fixture:method`; it stays the same as long as both do. */
  readonly id: string;
  readonly method: Method;
  readonly estimate: TaskEstimate;
};

/** Every task of a clean, room by room in walking order; fixtures that are left this time have none. */
export function tasksOf(home: Home, catalogue: Catalogue): CleanTask[] {
  return placesOf(home)
    .filter((place) => !place.fixture.leave)
    .flatMap((place) =>
      methodsFor(place.fixture, catalogue).map((method) => ({
        ...place,
        id: `${place.fixture.id}:${method.id}`,
        method,
        estimate: estimateTask(method, place.fixture, place.room),
      })),
    );
}

export function stepIdOf(task: CleanTask, step: StepEstimate): string {
  return `${task.id}/${step.step.key}`;
}

/** The place and method that a step id names; undefined for text of another shape. */
export function partsOfStepId(
  stepId: string,
): { taskId: string; fixtureId: string; key: string } | undefined {
  const found = /^((.+):[a-z0-9-]+)\/([a-z-]+)$/.exec(stepId);
  return found
    ? { taskId: found[1] as string, fixtureId: found[2] as string, key: found[3] as string }
    : undefined;
}

/** Hands-on person-minutes of several tasks, with the range of the sum. */
export function handsRange(tasks: readonly CleanTask[]): Range {
  return sumRanges(
    tasks.flatMap((task) =>
      task.estimate.steps
        .filter((estimate) => estimate.step.mode === 'hands')
        .map((estimate) => timesCrew(estimate, estimate.step.mode === 'hands' ? estimate.step.crew : 1)),
    ),
  );
}

function timesCrew(range: Range, crew: number): Range {
  return { minutes: range.minutes * crew, low: range.low * crew, high: range.high * crew };
}
