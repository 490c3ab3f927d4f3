import { dayOfMinute, type Minute, midnightOf } from '../time/local-time';
import type { Board } from './board';
import { type Cluster, inOrder } from './clusters';
import { compareScores, type Score } from './compare';
import { type Construction, isFixedEntry, isMissing, type LeftOut } from './construct';
import type { Placed } from './metrics';
import { isSettled, type Model, type Task } from './model';
import { placeCluster } from './place';
import type { LinkIndex } from './step-order';

export type Search = {
  readonly clusters: readonly Cluster[];
  readonly links: LinkIndex;
  readonly random: () => number;
  /** Asked between rounds. */
  readonly stop: () => boolean;
  readonly rounds: number;
  readonly scoreOf: (construction: Construction) => Score;
  /** Loads by date to keep below while placing anew, as hands-on person-minutes; infinite for none. */
  readonly dayLoads: readonly number[];
};

/**
 * Betters a plan by taking part of it off the board and placing that anew, in another order, from another day on, or
 * with another load by day; kept when the plan is no worse for it. Each round is valid in itself, so that it can stop
 * at any of them. Changes the construction that it is given, and returns it.
 */
export function improve(model: Model, start: Construction, search: Search): Construction {
  const { board } = start;
  const movable = search.clusters.filter((cluster) => cluster.tasks.some(isOpen));
  let { leftOut } = start;
  let score = search.scoreOf(start);
  for (let round = 0; round < search.rounds && movable.length > 0 && !search.stop(); round++) {
    const before = new Set(board.entries());
    const out = new Set(leftOut.flatMap((item) => item.tasks));
    const picked = pick(movable, board, search.random).filter(
      (cluster) => !cluster.tasks.some((task) => out.has(task)),
    );
    for (const cluster of picked) takeOff(board, cluster);
    const placed = placeAnew(model, board, picked, search);
    const next = placed ? { board, leftOut: withPlaced(board, leftOut, search) } : undefined;
    const reached = next && search.scoreOf(next);
    if (next && reached && compareScores(reached, score) <= 0) {
      score = reached;
      leftOut = next.leftOut;
    } else restore(board, before);
  }
  return { board, leftOut };
}

function isOpen(task: Task): boolean {
  return task.steps.some((step) => step.doneAt === undefined && !step.over && !isSettled(step));
}

function hasBegun(task: Task): boolean {
  return task.steps.some((step) => step.over || isSettled(step));
}

/** Ways to choose what is placed anew, drawn in turn. */
const NEIGHBOURHOODS: readonly ((
  movable: readonly Cluster[],
  board: Board,
  random: () => number,
) => Cluster[])[] = [ofRooms, ofDays, ofFew];

function pick(movable: readonly Cluster[], board: Board, random: () => number): Cluster[] {
  const choose = NEIGHBOURHOODS[
    Math.floor(random() * NEIGHBOURHOODS.length)
  ] as (typeof NEIGHBOURHOODS)[number];
  return choose(movable, board, random);
}

function oneOf<Item>(list: readonly Item[], random: () => number): Item {
  return list[Math.floor(random() * list.length)] as Item;
}

/** All of a room, or of two. */
function ofRooms(movable: readonly Cluster[], _board: Board, random: () => number): Cluster[] {
  const rooms = new Set([roomOf(oneOf(movable, random)), roomOf(oneOf(movable, random))]);
  return movable.filter((cluster) => rooms.has(roomOf(cluster)));
}

function roomOf(cluster: Cluster) {
  return (cluster.tasks[0] as Task).room;
}

const MOST_DAYS = 4;

/** What lies on a few days in a row. */
function ofDays(movable: readonly Cluster[], board: Board, random: () => number): Cluster[] {
  const entry = oneOf(board.entries(), random);
  if (!entry) return [];
  const from = dayOfMinute(entry.start);
  const to = from + Math.floor(random() * MOST_DAYS);
  const lies = ({ start }: Placed) => dayOfMinute(start) >= from && dayOfMinute(start) <= to;
  return movable.filter((cluster) =>
    cluster.tasks.some((task) => task.steps.some((step) => board.entriesOf(step).some(lies))),
  );
}

const MOST_FEW = 10;

/** A few, wherever they lie; of a small plan all. */
function ofFew(movable: readonly Cluster[], _board: Board, random: () => number): Cluster[] {
  const share = (1 + random() * MOST_FEW) / movable.length;
  return movable.filter(() => random() < share);
}

function takeOff(board: Board, cluster: Cluster): void {
  for (const task of cluster.tasks)
    for (const step of task.steps) {
      const previous = task.steps[step.position - 1];
      const isGiven = step.mode === 'wait' && previous !== undefined && isSettled(previous);
      if (isGiven) continue;
      for (const entry of board.entriesOf(step)) if (!isFixedEntry(entry)) board.take(entry);
    }
}

/** How often what is placed anew keeps to its usual order, and how often it waits for a later day. */
const USUAL_ORDER = 0.4;
const LATER_DAY = 0.3;

function placeAnew(model: Model, board: Board, picked: readonly Cluster[], search: Search): boolean {
  const { random, links, dayLoads } = search;
  const drawn = new Map(picked.map((cluster) => [cluster, random()]));
  const usual = random() < USUAL_ORDER;
  const rank = (cluster: Cluster) => (usual ? cluster.tasks[0]?.index : drawn.get(cluster)) ?? 0;
  const hard = model.links.filter((link) => link.hard);
  const notBefore = random() < LATER_DAY ? laterDay(model, random) : undefined;
  return board.withDayLoad(oneOf(dayLoads, random), () =>
    inOrder(picked, hard, (a, b) => rank(a) - rank(b)).every(
      (cluster) =>
        (notBefore !== undefined && placeCluster(board, cluster, links, { wishes: true, notBefore })) ||
        placeCluster(board, cluster, links, { wishes: true }) ||
        placeCluster(board, cluster, links, { wishes: false }),
    ),
  );
}

function laterDay(model: Model, random: () => number): Minute {
  return midnightOf(model.firstDay + Math.floor(random() * (model.lastDay - model.firstDay + 1)));
}

/** What was left out so far and has found a place by now is left out no longer. */
function withPlaced(board: Board, leftOut: readonly LeftOut[], search: Search): LeftOut[] {
  const out = new Set(leftOut.flatMap((item) => item.tasks));
  return leftOut.filter(({ tasks }) => {
    // A wait that a done step has set going left the board with its task; it has only the one place there.
    if (tasks.some(hasBegun)) return true;
    const into = tasks.flatMap((task) => task.steps).flatMap((step) => search.links.into.get(step) ?? []);
    if (into.some((link) => !tasks.includes(link.before.task) && isMissing(link, out))) return true;
    if (!placeCluster(board, { tasks }, search.links, { wishes: false })) return true;
    for (const task of tasks) out.delete(task);
    return false;
  });
}

function restore(board: Board, before: ReadonlySet<Placed>): void {
  const now = new Set(board.entries());
  for (const entry of now) if (!before.has(entry)) board.take(entry);
  for (const entry of before) if (!now.has(entry)) board.put(entry);
}
