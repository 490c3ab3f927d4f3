import type { Metrics, Plan } from '../formats/plan';
import type { Problem } from '../formats/problem';
import { dayOfMinute, minuteOf } from '../time/local-time';
import { handsOf, openRoomsByNight, type Placed } from './metrics';
import { type Model, modelOf, type Task } from './model';

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
    unfairness(model, entries),
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
  return [...loads.values()].reduce((sum, load) => sum + load * load, 0);
}

function dislikeOf(entry: Placed): number {
  return entry.people.reduce(
    (sum, person) => sum + (person.dislikes[entry.step.task.kind] ?? 0) * (entry.end - entry.start),
    0,
  );
}

/** How far each person's share of the work lies from their share of the time offered, summed, in person-minutes. */
function unfairness(model: Model, entries: readonly Placed[]): number {
  const offered = model.people.map((person) =>
    person.windows.reduce((sum, window) => sum + window.end - window.start, 0),
  );
  const worked = model.people.map(() => 0);
  for (const entry of entries)
    for (const person of entry.people)
      worked[person.index] = (worked[person.index] ?? 0) + entry.end - entry.start;
  const allOffered = offered.reduce((a, b) => a + b, 0) || 1;
  const allWorked = worked.reduce((a, b) => a + b, 0);
  return worked.reduce(
    (sum, minutes, i) => sum + Math.abs(minutes - (allWorked * (offered[i] ?? 0)) / allOffered),
    0,
  );
}
