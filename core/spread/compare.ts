import { dayOfMinute, minuteOf } from '../basics/local-time';
import type { Metrics, Plan } from '../plan/plan';
import type { Problem } from '../plan/problem';
import { handsOf, openRoomsByNight, type Placed } from './metrics';
import { type Model, modelOf, type Person, type Task } from './model';

/** A plan's standing, most important figure first; the smaller, the better. See "Which plan is better" in docs/formats/plan.md. */
export type Score = readonly number[];

/** Where in a score the finish or the evenness of the load stands, by the wish for the spread. */
export const SCORE_OF_TIME = 3;

export function scoreOf(
  model: Model,
  entries: readonly Placed[],
  unplaced: readonly Task[],
  metrics: Metrics,
): Score {
  const { spread, openRooms } = model.policy;
  const nights = openRoomsByNight(model, entries, unplaced);
  return [
    metrics.unplaced.must,
    metrics.unplaced.should,
    metrics.unplaced.could,
    spread === 'early' ? (metrics.finish === null ? 0 : minuteOf(metrics.finish)) : squaredLoads(entries),
    nights.reduce((sum, open) => sum + Math.max(0, open - openRooms), 0),
    metrics.wishesBroken,
    metrics.idle,
    entries.reduce((sum, entry) => sum + dislikeOf(entry), 0),
    unfairnessOf(model, (person) => workedBy(person, entries)),
  ];
}

/** The same for a plan document. */
export function scoreOfPlan(problem: Problem, plan: Plan): Score {
  const model = modelOf(problem);
  const people = new Map(model.people.map((person) => [person.id, person]));
  const entries = plan.entries.flatMap(({ step, people: crew, start, end }): Placed[] => {
    const found = model.steps.get(step);
    if (!found) return [];
    return [
      {
        step: found,
        people: crew.flatMap((id) => people.get(id) ?? []),
        start: minuteOf(start),
        end: minuteOf(end),
      },
    ];
  });
  const out = new Set(plan.unplaced.map((item) => item.task));
  return scoreOf(
    model,
    entries,
    model.tasks.filter((task) => out.has(task.id)),
    plan.metrics,
  );
}

/** Below zero when `a` is the better plan. */
export function compareScores(a: Score, b: Score): number {
  for (let i = 0; i < a.length; i++) {
    const difference = (a[i] as number) - (b[i] as number);
    if (Math.abs(difference) > 1e-9) return difference;
  }
  return 0;
}

function squaredLoads(entries: readonly Placed[]): number {
  const loads = new Map<number, number>();
  for (const entry of entries) {
    const day = dayOfMinute(entry.start);
    loads.set(day, (loads.get(day) ?? 0) + handsOf(entry));
  }
  return sumOfSquares(loads.values());
}

export function sumOfSquares(loads: Iterable<number>): number {
  let sum = 0;
  for (const load of loads) sum += load * load;
  return sum;
}

/** Minutes of work that somebody would rather not do, times how much. */
export function dislikeOf(entry: Placed): number {
  return entry.people.reduce(
    (sum, person) => sum + (person.dislikes[entry.step.task.kind] ?? 0) * (entry.end - entry.start),
    0,
  );
}

/**
 * How far each person's share of the work lies from their share of the time offered, summed, in person-minutes.
 * `workedBy` gives a person's hands-on minutes.
 */
export function unfairnessOf(model: Model, workedBy: (person: Person) => number): number {
  const offered = model.people.map((person) =>
    person.windows.reduce((sum, window) => sum + window.end - window.start, 0),
  );
  const worked = model.people.map(workedBy);
  const allOffered = offered.reduce((a, b) => a + b, 0) || 1;
  const allWorked = worked.reduce((a, b) => a + b, 0);
  return worked.reduce(
    (sum, minutes, i) => sum + Math.abs(minutes - (allWorked * (offered[i] ?? 0)) / allOffered),
    0,
  );
}

function workedBy(person: Person, entries: readonly Placed[]): number {
  return entries.reduce(
    (sum, entry) => sum + (entry.people.includes(person) ? entry.end - entry.start : 0),
    0,
  );
}
