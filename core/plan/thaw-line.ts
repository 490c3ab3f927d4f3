import { dayOf, formatDate, minutesOf } from '../basics/local-time';
import type { Plan } from './plan';
import type { Problem } from './problem';

/** Hands-on person-minutes still frozen at the end of a date. */
export type ThawPoint = { readonly date: string; readonly minutes: number };

export type ThawLine = {
  /** All hands-on work of the clean, done and open. */
  readonly total: number;
  /** From the day before the start up to today: what was really left. */
  readonly done: readonly ThawPoint[];
  /** From today on: what is left if the plan is kept. */
  readonly planned: readonly ThawPoint[];
  /** The plan as it was first made, over all its dates. */
  readonly first: readonly ThawPoint[];
  /** What the plan could not place: the line does not reach the bottom. */
  readonly unplaced: number;
};

/**
 * The work still frozen, day by day, to the finish line.
 *
 * A step counts with its planned minutes times its crew, on the date on which it was ticked or is planned.
 */
export function thawLine(problem: Problem, plan: Plan, first: Plan, today: string): ThawLine {
  const weights = stepWeights(problem);
  const total = [...weights.values()].reduce((sum, minutes) => sum + minutes, 0);
  const doneByDate = new Map<string, number>();
  for (const { step, end } of problem.done ?? []) add(doneByDate, end.slice(0, 10), weights.get(step) ?? 0);
  const doneTotal = [...doneByDate.values()].reduce((sum, minutes) => sum + minutes, 0);
  const eve = formatDate(dayOf(problem.start) - 1);
  const done = falling(total, doneByDate, eve, today > eve ? today : eve);
  const planned = falling(
    total - doneTotal,
    handsByDate(plan, weights),
    formatDate(dayOf(today > problem.start ? today : problem.start) - 1),
    problem.finish,
  );
  return {
    total,
    done,
    planned: planned.map((point, i) => (i === 0 ? { ...point, minutes: total - doneTotal } : point)),
    first: falling(total, handsByDate(first, weights), eve, problem.finish),
    unplaced: planned[planned.length - 1]?.minutes ?? 0,
  };
}

function stepWeights(problem: Problem): Map<string, number> {
  const steps = problem.tasks.flatMap((task) => task.steps);
  return new Map(
    steps
      .filter((step) => step.mode === 'hands')
      .map((step) => [step.id, step.minutes * (step.mode === 'hands' ? (step.crew ?? 1) : 0)]),
  );
}

function handsByDate(plan: Plan, weights: ReadonlyMap<string, number>): Map<string, number> {
  const byDate = new Map<string, number>();
  for (const entry of plan.entries) {
    if (weights.has(entry.step))
      add(byDate, entry.start.slice(0, 10), minutesOf(entry) * entry.people.length);
  }
  return byDate;
}

/** One point a date, from `from` to `to`, each what is left at its end. */
function falling(start: number, byDate: ReadonlyMap<string, number>, from: string, to: string): ThawPoint[] {
  const points: ThawPoint[] = [];
  let left = start;
  for (let day = dayOf(from); day <= dayOf(to); day++) {
    const date = formatDate(day);
    left -= byDate.get(date) ?? 0;
    points.push({ date, minutes: left });
  }
  return points;
}

function add(map: Map<string, number>, key: string, minutes: number): void {
  map.set(key, (map.get(key) ?? 0) + minutes);
}
