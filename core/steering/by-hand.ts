import { dayOf, formatMinute, midnightOf, minuteOf } from '../basics/local-time';
import type { Pin } from '../clean/steering';
import type { Plan } from '../plan/plan';
import type { Problem, ProblemTask } from '../plan/problem';
import {
  type Board,
  Draft,
  earlierPlaces,
  indexLinks,
  isFixedEntry,
  isSettled,
  type Model,
  modelOf,
  placeCluster,
  type Task,
} from '../spread';

/** Where a task is wanted: a date, and if it matters the time and the person. */
export type Wish = {
  readonly task: string;
  readonly date: string;
  /** `HH:mm`; without it, the first time of the date at which it fits. */
  readonly time?: string | undefined;
  readonly person?: string | undefined;
};

export type ByHand =
  | { readonly ok: true; readonly pins: readonly Pin[] }
  | { readonly ok: false; readonly why: NoPlace };

/** Why a task can't be where it is wanted. */
export type NoPlace = 'gone' | 'past' | 'outside' | 'person' | 'no-room';

/**
 * The pins that put a task where it is wanted: where the rest of the plan leaves room, else where the rest can make
 * room. What nobody could do at that time, with nothing else in the house to do, is refused.
 */
export function placeByHand(problem: Problem, plan: Plan, wish: Wish): ByHand {
  const task = problem.tasks.find(({ id }) => id === wish.task);
  if (!task) return { ok: false, why: 'gone' };
  if (wish.date < problem.start || wish.date > problem.finish) return { ok: false, why: 'outside' };
  const notBefore = wish.time ? `${wish.date}T${wish.time}` : `${wish.date}T00:00`;
  if (
    problem.now !== undefined &&
    (wish.time ? notBefore < problem.now : wish.date < problem.now.slice(0, 10))
  )
    return { ok: false, why: 'past' };
  if (wish.person !== undefined && !mayDo(task, wish.person, problem)) return { ok: false, why: 'person' };
  const model = modelOf(forWish(problem, task, wish.person));
  const subject = model.tasks.find(({ id }) => id === wish.task) as Task;
  for (const board of [withOthers(model, plan, subject), new Draft(model).board]) {
    const pins = pinsOn(board, subject, minuteOf(notBefore), wish);
    if (pins) return { ok: true, pins };
  }
  return { ok: false, why: 'no-room' };
}

function mayDo(task: ProblemTask, person: string, { people }: Problem): boolean {
  const known = people.find(({ id }) => id === person);
  return (
    known !== undefined &&
    task.steps.every((step) => step.mode === 'wait' || !step.tags?.some((tag) => known.cannot.includes(tag)))
  );
}

/** Without what was said of the task before; its wish for a person counts where one is enough. */
function forWish(problem: Problem, task: ProblemTask, person: string | undefined): Problem {
  const steps = new Set(task.steps.map((step) => step.id));
  const single = task.steps.every((step) => step.mode === 'wait' || (step.crew ?? 1) === 1);
  const { person: _before, earliest: _earlier, ...rest } = task;
  return {
    ...problem,
    tasks: problem.tasks.map((known) =>
      known === task ? { ...rest, ...(person !== undefined && single && { person }) } : known,
    ),
    fixed: (problem.fixed ?? []).filter((entry) => !steps.has(entry.step)),
  };
}

/** The plan as it is, but for the task. */
function withOthers(model: Model, plan: Plan, subject: Task): Board {
  const board = new Draft(model).board;
  for (const [step, entries] of earlierPlaces(model, plan)) {
    if (step.task === subject) continue;
    for (const entry of entries)
      if (!isFixedEntry(entry) && board.startOf(step) === undefined) board.put(entry);
  }
  return board;
}

function pinsOn(board: Board, task: Task, notBefore: number, wish: Wish): Pin[] | undefined {
  const placed = placeCluster(board, { tasks: [task] }, indexLinks(board.model), {
    wishes: false,
    notBefore,
  });
  if (!placed) return undefined;
  const open = task.steps.filter((step) => step.mode === 'hands' && !isSettled(step));
  const first = open[0] && board.entriesOf(open[0])[0];
  const end = midnightOf(dayOf(wish.date) + 1);
  if (!first || first.start >= end || (wish.time !== undefined && first.start !== notBefore))
    return undefined;
  return [
    {
      step: first.step.id,
      people: first.people.map((person) => person.id),
      start: formatMinute(first.start),
      end: formatMinute(first.end),
    },
  ];
}
