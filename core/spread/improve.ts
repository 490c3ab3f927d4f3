import { dayOfMinute, type Minute, midnightOf } from '../time/local-time';
import { type Board, isFixedEntry, NEVER } from './board';
import { Bottleneck } from './bottleneck';
import { type Cluster, inOrder } from './clusters';
import { compareScores, SCORE_OF_TIME, type Score } from './compare';
import { type Construction, emptyBoard, isMissing, type LeftOut } from './construct';
import type { Placed } from './metrics';
import { isSettled, type Model, type Step, type Task } from './model';
import { FEW_CLUSTERS, pickClusters } from './neighbourhoods';
import { fitsOn, placeCluster } from './place';
import { oneOf } from './random';
import { placeInOrder, type Sequence, sequenceOf } from './resequence';
import type { Segment } from './segments';
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
 * Betters a plan by taking part of it off the board and placing that anew: in another order, from another day on, with
 * another load by day, step by step in between each other, or by what holds up its end. Kept when the plan is no worse
 * for it. Each round is valid in itself, so that it can stop at any of them. Changes the construction that it is given,
 * and returns it.
 */
export function improve(start: Construction, search: Search): Construction {
  const improving = new Improving(start, search);
  start.board.withDayLoad(NEVER, () => {
    for (let round = 0; round < search.rounds && improving.canMove && !search.stop(); round++)
      improving.round();
  });
  return improving.best();
}

/** How often a round of a small plan looks at nothing but its end. */
const BY_END = 0.95;
/** How often a round only hands something over. */
const BY_HANDING_OVER = 0.15;
/** How often it only looks at a gap in somebody's work. */
const BY_CLOSING_GAPS = 0.55;
/** How often one that places anew goes step by step. */
const BY_STEPS = 0.6;
/** How often it looks at what holds up the end, at least, and the more the more of the work is machines'. */
const BY_BOTTLENECK = 0.1;
const BY_BOTTLENECK_OF_MACHINES = 0.4;
const BOTTLENECK_TURNS = 40;

/** Takes something off the board and places it again; false where something found no place. */
type Placing = () => boolean;

/** The best plan so far, which the one on the board may stray from. */
type Found = {
  readonly entries: ReadonlySet<Placed>;
  readonly leftOut: readonly LeftOut[];
  readonly score: Score;
};

class Improving {
  private readonly model: Model;
  private readonly board: Board;
  private readonly movable: readonly Cluster[];
  private leftOut: readonly LeftOut[];
  private score: Score;
  private found: Found;
  private readonly bottleneckShare: number;
  /** What finds no place even where nothing else is. */
  private readonly hopeless: ReadonlySet<LeftOut>;
  private readonly homes: ReadonlyMap<Task, Cluster>;
  private whole: Sequence | undefined;
  private bottleneck: Bottleneck | undefined;

  constructor(
    start: Construction,
    private readonly search: Search,
  ) {
    this.board = start.board;
    this.model = start.board.model;
    this.leftOut = start.leftOut;
    this.movable = search.clusters.filter((cluster) => cluster.tasks.some(isOpen));
    this.homes = new Map(this.movable.flatMap((cluster) => cluster.tasks.map((task) => [task, cluster])));
    this.hopeless = hopelessOf(start, search.links);
    this.score = search.scoreOf(start);
    this.bottleneckShare = this.bottleneckShareOf();
    this.found = this.remember();
  }

  /** Puts the best that was found on the board. */
  best(): Construction {
    restore(this.board, this.found.entries);
    return { board: this.board, leftOut: this.found.leftOut };
  }

  get canMove(): boolean {
    return this.movable.length > 0;
  }

  round(): void {
    const { random } = this.search;
    if (this.isSmall && random() < BY_END) {
      this.placeSomeAnew();
      return;
    }
    const drawn = random();
    if (drawn < BY_HANDING_OVER) this.handOver(oneOf(this.board.entries(), random));
    else if (drawn < BY_HANDING_OVER + BY_CLOSING_GAPS) this.closeGap();
    else this.placeSomeAnew();
  }

  /** Gives a piece of work to somebody else, at the same time. */
  private handOver(entry: Placed | undefined): void {
    if (entry?.people.length !== 1 || isFixedEntry(entry)) return;
    const { step, start, end } = entry;
    const others = this.board
      .eligibleFor(step)
      .filter((person) => !entry.people.includes(person) && this.board.hasTime(person, entry));
    const other = oneOf(others, this.search.random);
    if (!other) return;
    const handed = { ...entry, people: [other] };
    this.board.take(entry);
    if (this.board.handsStart(step, [other], end - start, start, undefined) === start) {
      this.board.put(handed);
      if (this.keepIfNoWorse()) return;
      this.board.take(handed);
    }
    this.board.put(entry);
  }

  /** Somebody stands about: one of the two pieces of work goes to somebody else, up to the other, or somewhere else. */
  private closeGap(): void {
    const { random } = this.search;
    const gap = oneOf(this.board.gaps(), random);
    if (!gap) return;
    const { before, after } = gap;
    const either = random() < 0.5 ? before : after;
    const length = before.end - before.start;
    const ways: readonly (() => void)[] = [
      () => this.handOver(either),
      () => this.move(before, after.start - length),
      () => this.move(before, after.start - length),
      () => this.move(after, before.end),
      () => this.move(either, midnightOf(dayOfMinute(after.start))),
      () => this.move(either, midnightOf(dayOfMinute(after.start) + 1)),
      () => this.move(either, laterDay(this.model, random)),
    ];
    oneOf(ways, random)();
  }

  /** Places the cluster of an entry anew, from a moment on. */
  private move(entry: Placed, notBefore: Minute): void {
    const cluster = this.homes.get(entry.step.task);
    if (!cluster) return;
    this.attempt(() => {
      takeOffAll(this.board, [cluster]);
      return placeCluster(this.board, cluster, this.search.links, { wishes: true, notBefore });
    });
  }

  private attempt(placing: Placing): void {
    const before = new Set(this.board.entries());
    if (!placing() || !this.keepIfNoWorse()) restore(this.board, before);
  }

  private placeSomeAnew(): void {
    const { random } = this.search;
    const picked = this.placed(pickClusters(this.movable, this.board, random));
    const placing = random() < this.bottleneckShare ? this.byBottleneck(picked) : this.byDraw(picked);
    if (!placing) return;
    this.attempt(placing);
  }

  /** Whether the whole plan is placed anew each time, and its end is what matters. */
  private get isSmall(): boolean {
    return this.movable.length <= FEW_CLUSTERS && this.model.policy.spread === 'early';
  }

  private bottleneckShareOf(): number {
    if (!this.isSmall) return 0;
    const steps = this.movable.flatMap((cluster) => cluster.tasks).flatMap((task) => task.steps);
    const ofMachines = steps.filter((step) => step.mode === 'wait' && step.machine).length;
    return BY_BOTTLENECK + (BY_BOTTLENECK_OF_MACHINES * ofMachines) / steps.length;
  }

  private placed(clusters: readonly Cluster[]): Cluster[] {
    const out = new Set(this.leftOut.flatMap((item) => item.tasks));
    return clusters.filter((cluster) => !cluster.tasks.some((task) => out.has(task)));
  }

  private keepIfNoWorse(): boolean {
    const leftOut = withPlaced(this.board, this.leftOut, this.hopeless, this.search.links);
    const reached = this.search.scoreOf({ board: this.board, leftOut });
    const difference = compareScores(reached, this.score);
    if (difference > 0 && !this.mayDrift(reached)) return false;
    // Another assignment of the people: what holds up the end is seen anew.
    if (reached[SCORE_OF_TIME] !== this.score[SCORE_OF_TIME]) this.bottleneck = undefined;
    this.score = reached;
    this.leftOut = leftOut;
    if (compareScores(reached, this.found.score) < 0) this.found = this.remember();
    return true;
  }

  /** In a small plan what comes after the end in the comparison may get worse for a while, so that the end can move. */
  private mayDrift(reached: Score): boolean {
    const end = SCORE_OF_TIME + 1;
    return this.isSmall && compareScores(reached.slice(0, end), this.score.slice(0, end)) <= 0;
  }

  private remember(): Found {
    return { entries: new Set(this.board.entries()), leftOut: this.leftOut, score: this.score };
  }

  private byDraw(picked: readonly Cluster[]): Placing {
    const { random } = this.search;
    const sequence = random() < BY_STEPS ? this.sequence(picked) : undefined;
    if (!sequence) return () => placeAnew(this.model, this.board, picked, this.search);
    const { keys, from } = shuffledKeys(sequence, startsOf(sequence, this.board), random);
    const keyOf = (segment: Segment) => keys.get(segment) as number;
    return () => this.placeFrom(sequence, keyOf, from);
  }

  /** What comes before a key stays as it is. */
  private placeFrom(sequence: Sequence, keyOf: (segment: Segment) => number, from: number): boolean {
    const segments = sequence.segments.filter((segment) => keyOf(segment) >= from);
    for (const { steps } of segments) for (const step of steps) takeOff(this.board, step);
    const latest = this.isSmall ? (this.score[SCORE_OF_TIME] as number) : Number.POSITIVE_INFINITY;
    return placeInOrder(this.board, sequence, { segments, keyOf, latest }, this.search.links);
  }

  /** The sequence of a small plan is always the same. */
  private sequence(picked: readonly Cluster[]): Sequence | undefined {
    if (!this.isSmall || picked.length < this.movable.length) return sequenceOf(picked, this.search.links);
    this.whole ??= sequenceOf(picked, this.search.links);
    return this.whole;
  }

  private byBottleneck(picked: readonly Cluster[]): Placing | undefined {
    const { links, random } = this.search;
    if (!this.bottleneck) {
      const sequence = this.sequence(picked);
      if (!sequence) return undefined;
      this.bottleneck = new Bottleneck(sequence, this.board, links, random);
    }
    const { sequence } = this.bottleneck;
    const keys = this.bottleneck.search(BOTTLENECK_TURNS);
    return keys && (() => this.placeFrom(sequence, keys, Number.NEGATIVE_INFINITY));
  }
}

function isOpen(task: Task): boolean {
  return task.steps.some((step) => step.doneAt === undefined && !step.over && !isSettled(step));
}

function hasBegun(task: Task): boolean {
  return task.steps.some((step) => step.over || isSettled(step));
}

function startsOf({ segments }: Sequence, board: Board): Map<Segment, Minute> {
  return new Map(segments.map((segment) => [segment, board.startOf(segment.steps[0] as Step) ?? 0]));
}

const MOST_MOVED = 3;

/** The order as it was, but for a few segments that go somewhere else in it; before `from` nothing changes. */
function shuffledKeys(
  { segments }: Sequence,
  starts: ReadonlyMap<Segment, Minute>,
  random: () => number,
): { keys: ReadonlyMap<Segment, number>; from: number } {
  const keys = new Map(starts);
  const all = [...starts.values()];
  const moved = 1 + Math.floor(random() * MOST_MOVED);
  let from = Number.POSITIVE_INFINITY;
  for (let i = 0; i < moved && segments.length > 0; i++) {
    const segment = oneOf(segments, random);
    const key = oneOf(all, random) + random() - 0.5;
    from = Math.min(from, key, keys.get(segment) as number);
    keys.set(segment, key);
  }
  return { keys, from };
}

/** Takes a step off the board, unless it stands there as a fixed entry or was set going by one. */
function takeOff(board: Board, step: Step): void {
  const previous = step.task.steps[step.position - 1];
  const isGiven = step.mode === 'wait' && previous !== undefined && isSettled(previous);
  if (isGiven) return;
  for (const entry of board.entriesOf(step)) if (!isFixedEntry(entry)) board.take(entry);
}

function takeOffAll(board: Board, clusters: readonly Cluster[]): void {
  for (const step of clusters.flatMap(({ tasks }) => tasks).flatMap((task) => task.steps))
    takeOff(board, step);
}

/** How often what is placed anew keeps to its usual order, and how often it waits for a later day. */
const USUAL_ORDER = 0.4;
const LATER_DAY = 0.3;

function placeAnew(model: Model, board: Board, picked: readonly Cluster[], search: Search): boolean {
  const { random, links, dayLoads } = search;
  takeOffAll(board, picked);
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
        board.withDayLoad(NEVER, () => placeCluster(board, cluster, links, { wishes: false })),
    ),
  );
}

function laterDay(model: Model, random: () => number): Minute {
  return midnightOf(model.firstDay + Math.floor(random() * (model.lastDay - model.firstDay + 1)));
}

/** What was left out so far and has found a place by now is left out no longer. */
function withPlaced(
  board: Board,
  leftOut: readonly LeftOut[],
  hopeless: ReadonlySet<LeftOut>,
  links: LinkIndex,
): LeftOut[] {
  const out = new Set(leftOut.flatMap((item) => item.tasks));
  return leftOut.filter((item) => {
    if (hopeless.has(item)) return true;
    const { tasks } = item;
    // A wait that a done step has set going left the board with its task; it has only the one place there.
    if (tasks.some(hasBegun)) return true;
    const into = tasks.flatMap((task) => task.steps).flatMap((step) => links.into.get(step) ?? []);
    if (into.some((link) => !tasks.includes(link.before.task) && isMissing(link, out))) return true;
    if (!placeCluster(board, { tasks }, links, { wishes: false })) return true;
    for (const task of tasks) out.delete(task);
    return false;
  });
}

function hopelessOf({ board, leftOut }: Construction, links: LinkIndex): Set<LeftOut> {
  const empty = emptyBoard(board.model);
  return new Set(leftOut.filter(({ tasks }) => !fitsOn(empty, { tasks }, links, { wishes: false })));
}

function restore(board: Board, before: ReadonlySet<Placed>): void {
  const now = new Set(board.entries());
  for (const entry of now) if (!before.has(entry)) board.take(entry);
  for (const entry of before) if (!now.has(entry)) board.put(entry);
}
