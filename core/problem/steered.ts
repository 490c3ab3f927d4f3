import { formatMinute, minuteOf } from '../basics/local-time';
import { lastOfEach, type Pin, type Steering } from '../clean/steering';
import type { Problem, ProblemStep, ProblemTask } from '../plan/problem';
import type { CleanTask } from '../work/task';
import { focusOf } from './focus';

/**
 * A problem with what was said by hand in it: pins as fixed entries, dates before which a task must not begin, who does
 * it, dates kept free, and work that is given its time. What does not hold any more is left aside: a pin that lies in the past and was not done, a
 * step or a person that is gone, somebody who must not do the work.
 */
export function steered(problem: Problem, steering: Steering, work: readonly CleanTask[]): Problem {
  const later = new Map(steering.later.map(({ task, from }) => [task, `${from}T00:00`]));
  const doers = new Map(steering.doers.map(({ task, person }) => [task, person]));
  const tasks = problem.tasks.map((task) =>
    withDoer(withEarliest(task, later.get(task.id)), doers.get(task.id), problem),
  );
  const free = steering.free.filter((date) => date >= problem.start && date <= problem.finish);
  const reserve = [...new Set([...problem.policy.reserve, ...free])].sort();
  const fixed = lastOfEach(steering.pins).flatMap((pin) => fixedOf(pin, problem));
  const focus = focusOf(steering.focus, problem, work);
  return {
    ...problem,
    tasks,
    policy: { ...problem.policy, reserve },
    ...(fixed.length > 0 && { fixed }),
    ...(focus.length > 0 && { focus }),
  };
}

function withEarliest(task: ProblemTask, from: string | undefined): ProblemTask {
  if (from === undefined || (task.earliest !== undefined && task.earliest >= from)) return task;
  return { ...task, earliest: from };
}

function withDoer(task: ProblemTask, person: string | undefined, { people }: Problem): ProblemTask {
  const known = people.find(({ id }) => id === person);
  if (!known) return task;
  const mayDo = task.steps.every(
    (step) =>
      step.mode === 'wait' ||
      ((step.crew ?? 1) === 1 && !step.tags?.some((tag) => known.cannot.includes(tag))),
  );
  return mayDo ? { ...task, person: known.id } : task;
}

function fixedOf(pin: Pin, problem: Problem): NonNullable<Problem['fixed']> {
  const step = stepIn(problem, pin.step);
  const isDone = problem.done?.some((done) => done.step === pin.step) ?? false;
  const people = new Set(problem.people.map(({ id }) => id));
  const isPast = problem.now !== undefined && pin.start < problem.now;
  if (step?.mode !== 'hands' || isDone || isPast || !pin.people.every((id) => people.has(id))) return [];
  if (pin.people.length !== (step.crew ?? 1)) return [];
  // How long it takes may be known better by now.
  const end = step.split === undefined ? formatMinute(minuteOf(pin.start) + step.minutes) : pin.end;
  return [{ step: pin.step, people: pin.people, start: pin.start, end }];
}

function stepIn(problem: Problem, id: string): ProblemStep | undefined {
  for (const task of problem.tasks) {
    const found = task.steps.find((step) => step.id === id);
    if (found) return found;
  }
  return undefined;
}
