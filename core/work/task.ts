import { type StepId, stepIdIn, type TaskId, taskIdOf } from '../basics/ids';
import type { AtHand } from '../catalogue/at-hand';
import type { Catalogue } from '../catalogue/catalogue';
import type { Method } from '../catalogue/method';
import type { ProductSchool } from '../catalogue/work-kinds';
import type { Clean, Sweep } from '../clean/clean';
import { lastDoneKey } from '../clean/last-done';
import type { Learnt } from '../clean/learnt';
import type { PastUse } from '../clean/use';
import {
  guessedEstimate,
  plannedMinutes,
  type Range,
  type StepEstimate,
  sumRanges,
  type TaskEstimate,
} from '../estimate/estimate';
import type { BelongingsSchool, Home, Place } from '../home/room';
import type { ProductChoice } from '../products/product-choice';
import { type Marks, type Scope, scopeOf } from '../scope/scope';
import { type PlaceOfJob, taskIdAt } from './place-of-job';

/** One method at one place in this clean. */
export type CleanTask = Place & {
  /** `fixture:method`; it stays the same as long as both do. */
  readonly id: TaskId;
  /** As it is done in this household. */
  readonly method: Method;
  /** What is planned with. */
  readonly estimate: TaskEstimate;
  /** From rates and the walk, whatever is planned with. */
  readonly byRates: TaskEstimate;
  readonly scope: Scope;
  /** What it is done with. */
  readonly products: ProductChoice;
  /** Of a load: the places from which it was gathered, and what washes there. */
  readonly from?: readonly (Place & { readonly methodId: string })[];
  /** Of what is taken off and goes back: the load that it is washed in, and what is done with it there. */
  readonly away?: { readonly load: TaskId; readonly steps: readonly StepEstimate[] };
  /** At which of several places of the fixture it is done, where each is a job. */
  readonly part?: PlaceOfJob;
};

/** What a list of tasks is made from. */
export type Work = {
  readonly home: Home;
  readonly catalogue: Catalogue;
  readonly marks: Marks;
  readonly pace: number;
  /** What the household's own times have said of its estimates. */
  readonly learnt: Learnt;
  /** When each job was done last, by `fixture:method`. */
  readonly lastDone: ReadonlyMap<string, string>;
  /** By what the household has, jobs are done in one way or another. */
  readonly atHand: AtHand;
  readonly belongings: BelongingsSchool;
  readonly sweep: Sweep;
  readonly estimates: Clean['estimates'];
  /** The school of products, where nothing else was said of a room or a task. */
  readonly school: ProductSchool;
  /** What has been used already, by task. */
  readonly uses: ReadonlyMap<string, PastUse>;
  /** Jobs at several places that are done as one: all, or those that were begun so. */
  readonly asOne: ReadonlySet<TaskId> | 'all';
  /** The finish line, by which something is due or not. */
  readonly finish: string | undefined;
  /** Whether all of it is done on one date, so that nothing can wait for another. */
  readonly lastsOneDay: boolean;
  /** Whether one room is done after the other, so that nothing is missing in one while another is done. */
  readonly roomByRoom: boolean;
  /** Steps that are done. */
  readonly ticked: ReadonlySet<string>;
};

/** A task with its scope, and with the estimate that is planned with. */
export function scopedTask(
  place: Place,
  method: Method,
  byRates: TaskEstimate,
  products: ProductChoice,
  work: Work,
  part?: PlaceOfJob,
): CleanTask {
  const id = taskId(place, method, part);
  const { floor, room, stop, fixture } = place;
  const scope = scopeOf({ id, method, fixture, room, ...(part && { part }) }, work.marks, work.home.facts, {
    finish: work.finish,
    lastDone: work.lastDone.get(lastDoneKey(fixture.id, method.id)),
  });
  const guessed = work.estimates === 'guess' && scope.guessMinutes !== undefined;
  const estimate = guessed ? guessedEstimate(byRates, scope.guessMinutes as number) : byRates;
  return {
    floor,
    room,
    stop,
    fixture,
    id,
    method,
    estimate,
    byRates,
    scope,
    products,
    ...(part && { part }),
  };
}

export function taskId({ fixture }: Place, method: Method, part?: PlaceOfJob): TaskId {
  return taskIdAt(taskIdOf(fixture.id, method.id), part);
}

export function stepIdOf(task: CleanTask, step: StepEstimate): StepId {
  return stepIdIn(task.id, step.step.key);
}

/**
 * Hands-on person-minutes of several tasks, as they are planned: whole minutes for each step; with the range of the sum.
 */
export function handsRange(tasks: readonly CleanTask[]): Range {
  const range = sumRanges(
    tasks.flatMap((task) =>
      task.estimate.steps.flatMap((estimate) =>
        estimate.step.mode === 'hands'
          ? [timesCrew({ ...estimate, minutes: plannedMinutes(estimate) }, estimate.step.crew)]
          : [],
      ),
    ),
  );
  return {
    ...range,
    low: Math.min(range.low, range.minutes),
    high: Math.max(range.high, range.minutes),
  };
}

function timesCrew(range: Range, crew: number): Range {
  return { minutes: range.minutes * crew, low: range.low * crew, high: range.high * crew };
}
