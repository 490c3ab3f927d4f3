import { PRIORITIES } from '@/core/basics/choices';
import { groupBy } from '@/core/basics/group-by';
import { taskOfStep } from '@/core/basics/ids';
import { roomsOf } from '@/core/home/room';
import type { Plan } from '@/core/plan/plan';
import type { Campaign, Current } from '@/core/problem/campaign';
import { brokenWishesOf } from '@/core/spread';

/** What a plan does not do, room by room along the walk. */

export type RoomItems<T> = {
  readonly id: string;
  readonly name: string;
  readonly items: readonly T[];
};

export type BrokenRow = {
  readonly id: string;
  readonly after: string;
  readonly before: string;
  readonly reason: string;
  /** Minutes' worth. */
  readonly cost: number;
  /** When what comes too early begins. */
  readonly date: string;
};

export type LeftOutRow = { readonly task: string; readonly message: string };

/** The wishes that the plan breaks, each on its room, with what it costs. */
export function brokenByRoom(state: Current, { problem, plans }: Campaign): RoomItems<BrokenRow>[] {
  if (!plans) return [];
  const titles = new Map(problem.tasks.map(({ id, title }) => [id, title]));
  const title = (id: string) => titles.get(id) as string;
  const starts = firstDates(plans.latest.plan);
  const broken = groupBy(brokenWishesOf(problem, plans.latest.plan), ({ room }) => room);
  return alongTheWalk(state, (room) =>
    (broken.get(room) ?? []).map(({ before, after, reason, cost }) => ({
      id: `${before} ${after} ${reason}`,
      before: title(before),
      after: title(after),
      reason,
      cost,
      date: starts.get(after) ?? '',
    })),
  );
}

export type BrokenAt = ReadonlyMap<string, number>;

/** Names a room on a date. */
export function atRoom(room: string, date: string): string {
  return `${room} ${date}`;
}

/** How many there are in each room on each date. */
export function brokenAt(rooms: readonly RoomItems<BrokenRow>[]): BrokenAt {
  const counted = new Map<string, number>();
  for (const { id, items } of rooms)
    for (const { date } of items) {
      const at = atRoom(id, date);
      counted.set(at, (counted.get(at) ?? 0) + 1);
    }
  return counted;
}

/** Those of one date. */
export function brokenOn(date: string, rooms: readonly RoomItems<BrokenRow>[]): BrokenRow[] {
  return rooms.flatMap(({ items }) => items.filter((row) => row.date === date));
}

/** When each task begins, by its date. */
function firstDates({ entries }: Plan): ReadonlyMap<string, string> {
  const dates = new Map<string, string>();
  for (const { step, start } of entries) {
    const [task, date] = [taskOfStep(step), start.slice(0, 10)];
    if (date < (dates.get(task) ?? '9999')) dates.set(task, date);
  }
  return dates;
}

/** What has no place in the plan, each on its room, with the reason; what must be done first. */
export function leftOutByRoom(state: Current, { problem, plans }: Campaign): RoomItems<LeftOutRow>[] {
  const tasks = new Map(problem.tasks.map((task) => [task.id, task]));
  const rank = ({ task }: LeftOutRow) => PRIORITIES.indexOf(tasks.get(task)?.priority ?? 'could');
  const unplaced = [...(plans?.latest.plan.unplaced ?? [])].sort((a, b) => rank(a) - rank(b));
  const out = groupBy(unplaced, ({ task }) => tasks.get(task)?.room);
  return alongTheWalk(state, (room) => (out.get(room) ?? []).map(({ task, message }) => ({ task, message })));
}

function alongTheWalk<T>({ household }: Current, itemsOf: (room: string) => T[]): RoomItems<T>[] {
  return roomsOf(household.home)
    .map(({ id, name }) => ({ id, name, items: itemsOf(id) }))
    .filter(({ items }) => items.length > 0);
}
