import type { PartDone } from '../clean/tick';
import type { Plan, PlanEntry } from '../plan/plan';
import type { Problem, ProblemTask } from '../plan/problem';
import { RESTED, type Run } from './run';

/** What a day is carried out by: the part of the clean that it concerns, small enough for a phone to keep. */
export type DayPack = {
  readonly date: string;
  readonly tasks: readonly ProblemTask[];
  /** What binds the tasks of the day, of what is not done yet. */
  readonly rules: Problem['precedence'];
  /** Hands-on entries of the date. */
  readonly entries: readonly PlanEntry[];
  /** Steps that have a place in the plan, whenever it is. */
  readonly planned: readonly string[];
  /** Steps that are done when the pack is made, of the tasks in it. */
  readonly done: NonNullable<Problem['done']>;
  /** How far steps had come when their minutes in `tasks` were reckoned. */
  readonly parts: readonly PartDone[];
};

/**
 * The part of a problem and its plan that a date concerns: what is planned for it, what has begun and is not over, and
 * what either has to wait for.
 */
export function packFor(
  problem: Problem,
  plan: Plan,
  date: string,
  parts: readonly PartDone[] = [],
): DayPack {
  const byStep = new Map(
    problem.tasks.flatMap((task) => task.steps.map((step) => [step.id, { task, step }])),
  );
  const done = new Set((problem.done ?? []).map((entry) => entry.step));
  const entries = plan.entries.filter(
    ({ step, start }) => start.slice(0, 10) === date && byStep.get(step)?.step.mode === 'hands',
  );
  const today = new Set(entries.flatMap(({ step }) => byStep.get(step)?.task ?? []));
  for (const { step, end } of problem.done ?? []) {
    const task = byStep.get(step)?.task;
    if (task && end.slice(0, 10) === date) today.add(task);
  }
  for (const task of problem.tasks) if (isUnderWay(task, done)) today.add(task);
  const rules = problem.precedence.filter(
    ({ hard, after }) => hard && tasksAt(after, problem).some((task) => today.has(task)),
  );
  const held = new Set(rules.flatMap(({ before }) => tasksAt(before, problem)));
  const tasks = problem.tasks.filter((task) => today.has(task) || held.has(task));
  const steps = new Set(tasks.flatMap((task) => task.steps).map((step) => step.id));
  return {
    date,
    tasks,
    rules,
    entries,
    planned: [...new Set(plan.entries.map((entry) => entry.step))].filter((step) => steps.has(step)),
    done: (problem.done ?? []).filter(({ step }) => steps.has(step)),
    parts: parts.filter(({ step }) => steps.has(step)),
  };

  function tasksAt(id: string, { tasks: all }: Problem): ProblemTask[] {
    const found = byStep.get(id)?.task ?? all.find((task) => task.id === id);
    return found ? [found] : [];
  }
}

/** Where a day stands by what was done before anything more is told of it. */
export function runAtStart({ done, parts }: DayPack): Run {
  return {
    ...RESTED,
    done: new Map(done.map(({ step, end }) => [step, { at: end, by: undefined }])),
    shares: new Map(parts.map(({ step, share }) => [step, share])),
  };
}

function isUnderWay(task: ProblemTask, done: ReadonlySet<string>): boolean {
  const count = task.steps.filter((step) => done.has(step.id)).length;
  return count > 0 && count < task.steps.length;
}
