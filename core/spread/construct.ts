import { PRIORITIES } from '../basics/choices';
import { groupBy } from '../basics/group-by';
import type { UnplacedReason } from '../plan/plan';
import { Board, isFixedEntry, type Lifted, NEVER } from './board';
import { type Cluster, inOrder, loosen } from './clusters';
import {
  eligiblePeople,
  isSettled,
  type Link,
  type Model,
  type Room,
  remainingMinutes,
  type Step,
  type Task,
} from './model';
import { fitsOn, type PlaceOptions, placeCluster } from './place';
import type { LinkIndex } from './step-order';

/** One way to go about building a plan; the search tries several and keeps the best. */
export type Recipe = {
  /** All `must` tasks before any `should`, whatever the grouping says. */
  readonly priorityFirst: boolean;
  /** Tasks in the order of the problem, whatever grouping is wished for. */
  readonly asListed: boolean;
  /** Keep to the wishes wherever a task can be placed with them. */
  readonly wishes: boolean;
  /** Hands-on person-minutes a date that the load should stay below; infinite for "as early as can be". */
  readonly dayLoad: number;
  /** A room is begun only when few enough of those before it are still open. */
  readonly closeRooms: boolean;
  /** In which order rooms are taken. */
  readonly roomOrder: readonly Room[];
};

/** Tasks left out together. `waitsFor` marks those that only lack a predecessor. */
export type LeftOut = { readonly tasks: readonly Task[]; readonly waitsFor: boolean };

export type Construction = { readonly board: Board; readonly leftOut: readonly LeftOut[] };

/**
 * A valid plan, built task by task, each placed as early as it fits around those placed before it; undefined when
 * `stop` says so before it is whole.
 */
export function construct(
  model: Model,
  clusters: readonly Cluster[],
  links: LinkIndex,
  recipe: Recipe,
  stop: () => boolean,
): Construction | undefined {
  const { board, stuck } = givenBoard(model, recipe.dayLoad);
  const out = new Set<Task>();
  const leftOut: LeftOut[] = [];
  const doors = new Doors(board, recipe.roomOrder);
  const rank = rankOf(model, recipe);
  const byRank = (a: Cluster, b: Cluster) => compareRanks(rank(a), rank(b));
  for (const cluster of inOrder(clusters, links.hard, byRank)) {
    if (stop()) return undefined;
    place(cluster);
  }
  return { board, leftOut };

  function place(cluster: Cluster): void {
    const tasks = cluster.tasks.filter((task) =>
      task.steps.some((step) => step.doneAt === undefined && !step.over),
    );
    if (tasks.length === 0) return;
    const waitsFor = lacksPredecessor(tasks);
    if (!waitsFor && !tasks.some((task) => stuck.has(task)) && placedSomehow({ tasks })) return;
    const parts = tasks.length > 1 ? loosen({ tasks }, model) : [];
    if (parts.length > 1) {
      for (const part of parts) place(part);
      return;
    }
    leaveOut(tasks, waitsFor);
  }

  function lacksPredecessor(tasks: readonly Task[]): boolean {
    const into = tasks.flatMap((task) => task.steps).flatMap((step) => links.into.get(step) ?? []);
    return into.some((link) => !tasks.includes(link.before.task) && isMissing(link, out));
  }

  function placedSomehow(cluster: Cluster): boolean {
    const gate = recipe.closeRooms ? doors.opening(cluster) : undefined;
    const ways: PlaceOptions[] = [
      ...(gate !== undefined ? [{ wishes: recipe.wishes, notBefore: gate }] : []),
      ...(recipe.wishes ? [{ wishes: true }] : []),
      { wishes: false },
    ];
    const placed = ways.some((options) => placeCluster(board, cluster, links, options));
    if (placed || !Number.isFinite(recipe.dayLoad)) return placed;
    return board.withDayLoad(NEVER, () => placeCluster(board, cluster, links, { wishes: false }));
  }

  function leaveOut(tasks: readonly Task[], waitsFor: boolean): void {
    leftOut.push({ tasks, waitsFor });
    for (const task of tasks) {
      out.add(task);
      for (const step of task.steps) {
        for (const entry of board.entriesOf(step)) if (!isFixedEntry(entry)) board.take(entry);
      }
    }
  }
}

/** Why each task is left out. Of tasks that only go together, the first that can't be placed is the cause. */
export function reasonsFor({ board, leftOut }: Construction, links: LinkIndex): Map<Task, UnplacedReason> {
  const reasons = new Map<Task, UnplacedReason>();
  const empty = emptyBoard(board.model);
  for (const { tasks, waitsFor } of leftOut) {
    const cause = waitsFor
      ? undefined
      : (tasks.find((task) => !fits(board, { tasks: [task] }, links, undefined)) ?? tasks[0]);
    for (const task of tasks) {
      reasons.set(task, task === cause ? diagnose([empty, board], { tasks }, links) : 'predecessor');
    }
  }
  return reasons;
}

/** A board with nothing on it but what is given, and the tasks for which what is given can't be. */
export function givenBoard(model: Model, dayLoad: number): { board: Board; stuck: ReadonlySet<Task> } {
  const board = new Board(model, dayLoad);
  return { board, stuck: setOut(board) };
}

export function emptyBoard(model: Model): Board {
  return givenBoard(model, Number.POSITIVE_INFINITY).board;
}

/** When a room may be begun so that, of those before it, fewer than the wished number are still open. */
class Doors {
  private readonly openings = new Map<Room, number>();
  private readonly steps: ReadonlyMap<Room, readonly Step[]>;

  constructor(
    private readonly board: Board,
    private readonly order: readonly Room[],
  ) {
    const tasks = board.model.tasks.filter((task) => !task.dry);
    this.steps = groupBy(
      tasks.flatMap((task) => task.steps),
      (step) => step.task.room,
    );
  }

  opening(cluster: Cluster): number {
    const { room } = cluster.tasks[0] as Task;
    const known = this.openings.get(room);
    if (known !== undefined) return known;
    const wished = Math.max(1, this.board.model.policy.openRooms);
    const before = new Set(this.order.slice(0, this.order.indexOf(room)));
    const closings = [...before].map((other) => this.closing(other)).sort((a, b) => b - a);
    const opening = closings[wished - 1] ?? Number.NEGATIVE_INFINITY;
    this.openings.set(room, opening);
    return opening;
  }

  /** The end of a room's work so far; work that waits for the weather does not keep the next room shut. */
  private closing(room: Room): number {
    const ends = (this.steps.get(room) ?? []).map(
      (step) => this.board.endOf(step) ?? Number.NEGATIVE_INFINITY,
    );
    return Math.max(Number.NEGATIVE_INFINITY, ...ends);
  }
}

/** A hard predecessor that is left out, and not only an order of two that may each be left out. */
export function isMissing(link: Link, out: ReadonlySet<Task>): boolean {
  if (!link.hard || link.orderOnly || !out.has(link.before.task)) return false;
  if (link.after.doneAt !== undefined || link.after.over) return false;
  return link.beforeIsTask || !isSettled(link.before);
}

/** Puts what is given on the board: fixed entries, and waits that a done or fixed step has set going. */
function setOut(board: Board): Set<Task> {
  for (const step of board.model.steps.values()) {
    for (const fixed of step.fixed) if (step.doneAt === undefined) board.put({ ...fixed, step });
  }
  const stuck = new Set<Task>();
  for (const step of board.model.steps.values()) {
    const start = givenStart(step, board);
    if (start === undefined) continue;
    if (board.waitStart(step, start, undefined) === start)
      board.put({ step, people: [], start, end: start + step.minutes });
    else stuck.add(step.task);
  }
  return stuck;
}

function givenStart(step: Step, board: Board): number | undefined {
  const previous = step.task.steps[step.position - 1];
  if (step.mode !== 'wait' || isSettled(step) || !previous || previous.over || !isSettled(previous))
    return undefined;
  return board.endOf(previous);
}

function fits(board: Board, cluster: Cluster, links: LinkIndex, lifted: Lifted): boolean {
  return fitsOn(board, cluster, links, { wishes: false, lifted });
}

/**
 * Why a task could not be placed, found by lifting one condition after the other: with nothing else in the way first,
 * since what keeps a task out then would keep it out of any plan.
 */
function diagnose(
  [empty, board]: readonly [Board, Board],
  cluster: Cluster,
  links: LinkIndex,
): UnplacedReason {
  for (const task of cluster.tasks) {
    const reason = reasonByItself(task, board);
    if (reason !== undefined) return reason;
  }
  const lifts: readonly [Lifted, UnplacedReason, (task: Task) => boolean][] = [
    ['dry', 'weather', (task) => task.dry],
    ['daylight', 'daylight', (task) => task.daylight],
    ['machine', 'machine', (task) => task.steps.some((step) => step.machine?.windows !== undefined)],
    ['latest', 'deadline', (task) => Number.isFinite(task.latest)],
  ];
  for (const where of [empty, board]) {
    if (where === empty && fits(empty, cluster, links, undefined)) continue;
    const found = lifts.find(
      ([lifted, , concerns]) => cluster.tasks.some(concerns) && fits(where, cluster, links, lifted),
    );
    if (found) return found[1];
  }
  return 'no-time';
}

function reasonByItself(task: Task, board: Board): UnplacedReason | undefined {
  const { people, policy } = board.model;
  for (const step of task.steps) {
    if (step.mode === 'wait' || isSettled(step)) continue;
    const eligible = eligiblePeople(step, people);
    if (eligible.length < step.crew) return 'person';
    const least = Math.min(step.split ?? step.minutes, remainingMinutes(step));
    const able = eligible.filter(
      (person) =>
        least <= Math.min(person.breakAfter, person.dailyCap, policy.sessionCap) &&
        person.windows.some((window) => window.end - window.start >= least),
    );
    if (able.length < step.crew)
      return eligible.some((person) => person.windows.length > 0) ? 'too-long' : 'no-time';
  }
  return undefined;
}

type Rank = readonly number[];

function rankOf(model: Model, recipe: Recipe): (cluster: Cluster) => Rank {
  const { grouping, hardestFirst } = model.policy;
  const kinds = [...new Set([...model.tasks].sort((a, b) => a.layer - b.layer).map((task) => task.kind))];
  const groupBy: Record<typeof grouping, (task: Task) => number> = {
    room: (task) => recipe.roomOrder.indexOf(task.room),
    kind: (task) => kinds.indexOf(task.kind),
    layer: (task) => task.layer,
    none: () => 0,
  };
  const waiting = (task: Task) =>
    task.steps.reduce((sum, step) => sum + (step.mode === 'wait' ? step.minutes : 0), 0);
  const ranks = new Map<Task, Rank>(
    model.tasks.map((task) => [
      task,
      recipe.asListed
        ? [task.index]
        : [
            recipe.priorityFirst ? PRIORITIES.indexOf(task.priority) : 0,
            groupBy[grouping](task),
            hardestFirst && grouping === 'none' ? -task.hardness : 0,
            task.layer,
            -waiting(task),
            task.index,
          ],
    ]),
  );
  return (cluster) =>
    cluster.tasks.map((task) => ranks.get(task) as Rank).reduce((a, b) => (compareRanks(a, b) <= 0 ? a : b));
}

function compareRanks(a: Rank, b: Rank): number {
  for (let i = 0; i < a.length; i++) if (a[i] !== b[i]) return (a[i] as number) - (b[i] as number);
  return 0;
}
