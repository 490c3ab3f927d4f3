import { PRIORITIES } from '../basics/choices';
import { type DayNumber, dayOfMinute, type Minute } from '../basics/local-time';
import { oneOf } from '../basics/random';
import type { Cluster } from './clusters';
import { groupOf } from './costs';
import type { Draft } from './draft';
import type { Room, Step, Task } from './model';

/** Which clusters a round takes off the board and places anew; the first of them is what it is about. */
type Neighbourhood = (draft: Draft, index: Neighbours, random: () => number) => readonly Cluster[];

/** Clusters by what they have in common. */
export type Neighbours = {
  readonly byRoom: ReadonlyMap<Room, readonly Cluster[]>;
  readonly byKind: ReadonlyMap<string, readonly Cluster[]>;
};

/** The most that is placed anew at a time. */
const MOST_PICKED = 14;
/** Where something is to come in, all that may be in its way. */
const MOST_IN_THE_WAY = 40;

/** Draws one of the ways to choose by its share, and chooses by it. */
export function pickClusters(draft: Draft, index: Neighbours, random: () => number): readonly Cluster[] {
  let left = random();
  const [, pick] = NEIGHBOURHOODS.find(([share]) => {
    left -= share;
    return left < 0;
  }) ?? [0, aFew];
  const most = pick === whatCouldComeIn ? MOST_IN_THE_WAY : MOST_PICKED;
  return [...new Set(pick(draft, index, random))].slice(0, most);
}

const NEIGHBOURHOODS: readonly (readonly [share: number, pick: Neighbourhood])[] = [
  [0.12, whatCouldComeIn],
  [0.22, ofRoom],
  [0.08, ofRoomOnDate],
  [0.14, gathered],
  [0.18, aboutThen],
  [0.06, ofKind],
  [0.1, ofWish],
  [0.1, aFew],
];

function some(clusters: readonly Cluster[], share: number, random: () => number): Cluster[] {
  return clusters.filter(() => random() < share);
}

function roomOf(cluster: Cluster): Room {
  return (cluster.tasks[0] as Task).room;
}

/** When a cluster begins; undefined while it is not on the board. */
function startOf({ board }: Draft, { tasks }: Cluster): Minute | undefined {
  let first: Minute | undefined;
  for (const { steps } of tasks)
    for (const step of steps) {
      const start = board.startOf(step);
      if (start !== undefined) first = first === undefined ? start : Math.min(first, start);
    }
  return first;
}

/** Part of the work of a room. */
function ofRoom({ movable }: Draft, { byRoom }: Neighbours, random: () => number): Cluster[] {
  const seed = oneOf(movable, random);
  return [seed, ...some(byRoom.get(roomOf(seed)) ?? [], random() < 0.3 ? 1 : 0.4, random)];
}

/** All that lies in a room on one date. */
function ofRoomOnDate(draft: Draft, { byRoom }: Neighbours, random: () => number): Cluster[] {
  const seed = oneOf(draft.movable, random);
  const date = dateOf(draft, seed);
  return [seed, ...(byRoom.get(roomOf(seed)) ?? []).filter((one) => dateOf(draft, one) === date)];
}

/** What belongs together by the school and lies on one date, and part of the other work on another of its dates. */
function gathered(draft: Draft, _index: Neighbours, random: () => number): Cluster[] {
  const { grouping } = draft.model.policy;
  const seed = oneOf(draft.movable, random);
  const task = seed.tasks[0] as Task;
  const group = groupOf(task, grouping);
  const isOfGroup = (one: Cluster) => groupOf(one.tasks[0] as Task, grouping) === group;
  const from = dateOf(draft, seed);
  const to = oneOf(
    draft.tally.datesOf(task).filter((date) => date !== from),
    random,
  );
  const dated = draft.movable.map((one) => [one, dateOf(draft, one)] as const);
  return [
    ...dated.filter(([one, date]) => date === from && isOfGroup(one)),
    ...dated.filter(([one, date]) => date === to && !isOfGroup(one) && random() < MAKING_ROOM),
  ].map(([one]) => one);
}

const MAKING_ROOM = 0.4;

function dateOf(draft: Draft, cluster: Cluster): DayNumber | undefined {
  const start = startOf(draft, cluster);
  return start === undefined ? undefined : dayOfMinute(start);
}

/** So near each other that it is about the same time. */
const NEAR = 120;

/** What is done about the same time, by whomever. */
function aboutThen(draft: Draft, _index: Neighbours, random: () => number): Cluster[] {
  const seed = oneOf(draft.movable, random);
  const then = startOf(draft, seed);
  if (then === undefined) return [seed];
  const near = draft.movable.filter((one) => Math.abs((startOf(draft, one) ?? Number.NaN) - then) < NEAR);
  return [seed, ...some(near, 0.6, random)];
}

/** Some of one job, wherever it is done. */
function ofKind({ movable }: Draft, { byKind }: Neighbours, random: () => number): Cluster[] {
  const seed = oneOf(movable, random);
  return [seed, ...some(byKind.get((seed.tasks[0] as Task).kind) ?? [], 0.4, random)];
}

/** The two sides of a wish that is broken. */
function ofWish(draft: Draft, index: Neighbours, random: () => number): readonly Cluster[] {
  const link = oneOf(draft.tally.brokenWishes(), random);
  if (!link) return aFew(draft, index, random);
  return [draft.homeOf(link.after.task), draft.homeOf(link.before.task), ...aFew(draft, index, random)];
}

const FEW = 4;

function aFew({ movable }: Draft, _index: Neighbours, random: () => number): Cluster[] {
  return Array.from({ length: FEW }, () => oneOf(movable, random));
}

/** Something that is left out, and what lies on a date on which it might come in, or what has to come after it. */
export function whatCouldComeIn(draft: Draft, index: Neighbours, random: () => number): readonly Cluster[] {
  const out = draft.out.filter((task) => !draft.isHopeless(task));
  const wanted = oneOf(out, random);
  if (!wanted) return aFew(draft, index, random);
  const before = [...draft.needsOf(wanted).map((task) => draft.homeOf(task)), draft.homeOf(wanted)];
  if (random() < BY_FOLLOWERS) return [...before, ...followersIn(draft, wanted)];
  const date = oneOf(draft.datesFor(draft.homeOf(wanted)), random);
  const weight = random() < AT_ANY_WEIGHT ? 0 : PRIORITIES.indexOf(wanted.priority);
  const inTheWay = draft.movable.filter(
    (one) =>
      dateOf(draft, one) === date &&
      one.tasks.every((task) => PRIORITIES.indexOf(task.priority) >= weight) &&
      random() < IN_THE_WAY,
  );
  return [...before, ...inTheWay];
}

/** How often even what weighs more is placed anew, since it may find another place. */
const AT_ANY_WEIGHT = 0.5;
const IN_THE_WAY = 0.7;

/** How often what has to come after something makes room for it, rather than what lies on some date. */
const BY_FOLLOWERS = 0.5;

/** All that a hard rule puts after a task, directly or by others, in its room. */
function followersIn(draft: Draft, { steps, room }: Task): Cluster[] {
  const found = new Set<Task>();
  const look = (step: Step) => {
    for (const { hard, after } of draft.links.outOf.get(step) ?? []) {
      if (!hard || after.task.room !== room || found.has(after.task)) continue;
      found.add(after.task);
      after.task.steps.forEach(look);
    }
  };
  steps.forEach(look);
  return [...new Set([...found].map((task) => draft.homeOf(task)))];
}
