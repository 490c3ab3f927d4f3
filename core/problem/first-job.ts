import type { Clean } from '../clean/clean';
import type { RoomKind } from '../home/room';
import type { Precedence, ProblemTask } from '../plan/problem';

/** What comes first in a clean, as wishes for the planner. */

type FirstJob = Clean['firstJob'];

const REASONS: Readonly<Record<Exclude<FirstJob, 'any'>, string>> = {
  easy: 'An easy one to get going',
  'way-in': 'The way in first, so that no dirt follows',
  dreaded: 'What is dreaded most first, so that it is behind you',
};

/** Whether something is wished for only until the clean has begun. */
export function isFirstJobWish({ hard, reason }: Precedence): boolean {
  return !hard && Object.values(REASONS).includes(reason);
}

/** Rooms through which one comes in: cleaned first, no dirt follows from there. */
const WAY_IN: readonly RoomKind[] = ['porch', 'garage', 'hall'];

/** Rooms or work in the order in which they are listed for the planner: the way in first, where that is wished for. */
export function listedFor<Item>(
  first: FirstJob,
  items: readonly Item[],
  kindOf: (item: Item) => RoomKind | undefined,
): Item[] {
  if (first !== 'way-in') return [...items];
  const isWayIn = (item: Item) => WAY_IN.includes(kindOf(item) as RoomKind);
  return [...items.filter(isWayIn), ...items.filter((item) => !isWayIn(item))];
}

/** An easy job takes no longer than this and nobody minds it. */
const EASY_MINUTES = 20;
const EASY_HARDNESS = 2;

/** The wishes: each of the first jobs before whatever may come first in every other room by the rules. */
export function firstJobWishes(
  first: FirstJob,
  tasks: readonly ProblemTask[],
  rules: readonly Precedence[],
  kindOf: (task: ProblemTask) => RoomKind | undefined,
): Precedence[] {
  if (first === 'easy') return easyFirst(tasks);
  if (first === 'way-in') return wayInFirst(tasks, rules, kindOf);
  if (first === 'dreaded') return dreadedFirst(tasks, rules);
  return [];
}

function easyFirst(tasks: readonly ProblemTask[]): Precedence[] {
  const easy = tasks
    .filter((task) => task.hardness <= EASY_HARDNESS && task.needs === undefined)
    .filter((task) => task.steps.every((step) => step.mode === 'hands'))
    .map((task) => ({ task, minutes: task.steps.reduce((sum, step) => sum + step.minutes, 0) }))
    .filter(({ minutes }) => minutes <= EASY_MINUTES)
    .sort(
      (a, b) => a.task.hardness - b.task.hardness || a.task.layer - b.task.layer || b.minutes - a.minutes,
    )[0];
  if (!easy) return [];
  return tasks.filter((task) => task !== easy.task).map((task) => wish(easy.task.id, task.id, REASONS.easy));
}

function wayInFirst(
  tasks: readonly ProblemTask[],
  rules: readonly Precedence[],
  kindOf: (task: ProblemTask) => RoomKind | undefined,
): Precedence[] {
  const isWayIn = (task: ProblemTask) => WAY_IN.includes(kindOf(task) as RoomKind);
  const wayIn = tasks.filter((task) => isWayIn(task) && task.needs === undefined);
  const elsewhere = mayComeFirst(
    tasks.filter((task) => !isWayIn(task)),
    rules,
  );
  return wayIn.flatMap((before) => elsewhere.map((after) => wish(before.id, after.id, REASONS['way-in'])));
}

/** The room of what one would rather not do than anything else, before the others. */
function dreadedFirst(tasks: readonly ProblemTask[], rules: readonly Precedence[]): Precedence[] {
  const most = Math.max(...tasks.map(({ hardness }) => hardness));
  const room = tasks.find(({ hardness }) => hardness === most)?.room;
  const [begin] = mayComeFirst(
    tasks.filter((task) => task.room === room && task.needs === undefined),
    rules,
  );
  if (!begin) return [];
  const elsewhere = mayComeFirst(
    tasks.filter((task) => task.room !== room),
    rules,
  );
  return elsewhere.map((after) => wish(begin.id, after.id, REASONS.dreaded));
}

/** What nothing else in its room has to come before. */
export function mayComeFirst(tasks: readonly ProblemTask[], rules: readonly Precedence[]): ProblemTask[] {
  const homes = new Map(
    tasks.flatMap((task) => [task.id, ...task.steps.map(({ id }) => id)].map((id) => [id, task])),
  );
  const later = new Set<ProblemTask>();
  for (const { before, after, hard } of rules) {
    const [one, other] = [homes.get(before), homes.get(after)];
    if (hard && one && other && one !== other && one.room === other.room) later.add(other);
  }
  return tasks.filter((task) => !later.has(task));
}

/** Minutes' worth of each room that is begun before it. */
const WHAT_IT_IS_WORTH = 40;

function wish(before: string, after: string, reason: string): Precedence {
  return { before, after, hard: false, cost: WHAT_IT_IS_WORTH, reason };
}
