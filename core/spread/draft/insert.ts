import { type DayNumber, dayOfMinute, type Minute, midnightOf } from '../../basics/local-time';
import { oneOf } from '../../basics/random';
import type { Placed } from '../cost/metrics';
import type { Cluster } from '../model/clusters';
import { isSettled, type Person, type Step, type Task } from '../model/model';
import { stepOrder } from '../model/step-order';
import type { Draft } from './draft';
import { type Trial, tryPlacing } from './place';
import { compareScores, type Score } from './tally';

/** Where a cluster could go: from a moment on, and by whom. */
type Spot = { readonly notBefore: Minute; readonly notAfter?: Minute; readonly who?: Person };

/** How many moments beside work in the same room are looked at, and how many dates besides. */
export type Look = { readonly beside: number; readonly dates: number };

/** How long a task can go on after it has begun: so much earlier its followers may have been worked on. */
const BACK = 600;

/**
 * Puts a cluster, or what it falls into, where it costs least of some spots: beside other work in its room, and on dates
 * that are drawn. False where something found no place; that is left out then, with what can't be without it.
 */
export function insertBest(draft: Draft, cluster: Cluster, look: Look, random: () => number): boolean {
  const tasks = cluster.tasks.filter((task) => draft.homeOf(task) !== undefined);
  if (draft.lacksPredecessor(cluster)) {
    draft.leaveOut(tasks);
    return false;
  }
  if (placeBest(draft, cluster, stepOrder(cluster, draft.links), look, random)) return true;
  const parts = draft.partsOf(cluster);
  if (parts.length <= 1) {
    draft.leaveOut(tasks);
    return false;
  }
  return parts.map((part) => insertBest(draft, part, look, random)).every((placed) => placed);
}

/**
 * Puts clusters of one room, each after what has to come before it, where all of them together cost least, as one visit
 * or as many as they take; false where that finds no place, and the board is as it was.
 */
export function insertTogether(
  draft: Draft,
  clusters: readonly Cluster[],
  look: Look,
  random: () => number,
): boolean {
  if (clusters.some((cluster) => draft.lacksPredecessor(cluster))) return false;
  const orders = clusters.map((cluster) => stepOrder(cluster, draft.links));
  if (orders.some((order) => order === undefined)) return false;
  return placeBest(draft, clusters[0] as Cluster, orders.flat() as Step[], look, random);
}

function placeBest(
  draft: Draft,
  cluster: Cluster,
  order: readonly Step[] | undefined,
  look: Look,
  random: () => number,
): boolean {
  const { board, links, tally } = draft;
  if (!order) return false;
  let best: { trial: Trial; score: Score } | undefined;
  draft.aside(() => {
    for (const spot of spotsFor(draft, cluster, order, look, random)) {
      const trial = tryPlacing(board, order, links, { wishes: false, ...spot });
      if (!trial) continue;
      const score = tally.score();
      trial.takeBack();
      if (!best || compareScores(score, best.score) < 0) best = { trial, score };
    }
  });
  best?.trial.again();
  return best !== undefined;
}

function spotsFor(
  draft: Draft,
  { tasks }: Cluster,
  order: readonly Step[],
  look: Look,
  random: () => number,
): Spot[] {
  const { board } = draft;
  const { from, to } = rangeOf(draft, order);
  if (from > to) return [];
  const { room } = tasks[0] as Task;
  const hands = order.find((step) => step.mode === 'hands' && !isSettled(step));
  const able = hands ? board.eligibleFor(hands) : [];
  const uses = board
    .workIn(room)
    .filter(
      ({ start, end, people }) =>
        end >= from - BACK && start <= to && people.some((one) => able.includes(one)),
    );
  const spots: Spot[] = [{ notBefore: from }];
  for (const use of drawn(uses, look.beside, random)) spots.push(...spotsBeside(use, able, from, to));
  for (const date of drawn(draft.tally.datesOf(tasks[0] as Task), look.dates, random))
    if (midnightOf(date + 1) > from && midnightOf(date) <= to) spots.push(onDate(date, from));
  const last = dayOfMinute(Math.min(to, board.model.end - 1));
  const dates = last - dayOfMinute(from) + 1;
  for (let i = 0; i < look.dates && dates > 0; i++) {
    const spot = onDate(dayOfMinute(from) + Math.floor(random() * dates), from);
    const who = random() < 0.5 ? oneOf(able, random) : undefined;
    spots.push({ notBefore: spot.notBefore, ...(who && { who }) });
  }
  return unlike(spots);
}

/** Each spot once. */
function unlike(spots: readonly Spot[]): Spot[] {
  return [...new Map(spots.map((spot) => [`${spot.notBefore} ${spot.who?.index}`, spot])).values()];
}

/** Right after work in the room, and on its date before it, by who does it. */
function spotsBeside(use: Placed, able: readonly Person[], from: Minute, to: Minute): Spot[] {
  const who = use.people.find((one) => able.includes(one)) as Person;
  const spot = onDate(dayOfMinute(use.start), from);
  return [...(use.end <= to ? [{ ...spot, notBefore: Math.max(from, use.end), who }] : []), { ...spot, who }];
}

/** Beginning on a date, and not before a moment. */
function onDate(day: DayNumber, from: Minute): Spot {
  return { notBefore: Math.max(from, midnightOf(day)), notAfter: midnightOf(day + 1) };
}

/** Between what comes before and what comes after, as far as both are on the board. */
function rangeOf({ board, links }: Draft, order: readonly Step[]): { from: Minute; to: Minute } {
  const { model } = board;
  const inside = new Set(order);
  let from = Math.max(model.start, model.now ?? model.start);
  let to = model.end;
  for (const step of order) {
    from = Math.max(from, step.task.earliest);
    to = Math.min(to, step.task.latest);
    for (const link of links.into(step)) {
      const end = !inside.has(link.before) ? board.endOf(link.before) : undefined;
      if (end !== undefined && step.position === 0) from = Math.max(from, end + link.minGap);
    }
    for (const link of links.outOf(step)) {
      const start = !inside.has(link.after) ? board.startOf(link.after) : undefined;
      if (start !== undefined) to = Math.min(to, start - link.minGap);
    }
  }
  return { from, to };
}

function drawn<T>(items: readonly T[], count: number, random: () => number): readonly T[] {
  if (items.length <= count) return items;
  return Array.from({ length: count }, () => oneOf(items, random) as T);
}
