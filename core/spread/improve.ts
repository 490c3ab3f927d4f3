import { groupBy } from '../basics/group-by';
import { type DayNumber, dayOfMinute, type Minute, midnightOf } from '../basics/local-time';
import { oneOf } from '../basics/random';
import type { Aim } from './aim';
import { type Board, isFixedEntry, NEVER } from './board';
import { Bottleneck } from './bottleneck';
import { type Cluster, inOrder } from './clusters';
import { compareScores, SCORE_OF_TIME, type Score } from './compare';
import { type Construction, emptyBoard, isMissing, type LeftOut } from './construct';
import type { Placed } from './metrics';
import { isSettled, type Model, type Step, type Task } from './model';
import { FEW_CLUSTERS, pickClusters } from './neighbourhoods';
import { datesOf, pausesOf, type Side } from './pauses';
import { fitsOn, placeCluster } from './place';
import { placeInOrder, type Sequence, sequenceOf } from './resequence';
import type { Segment } from './segments';
import { type Gap, Standing } from './standing';
import type { LinkIndex } from './step-order';

export type Search = {
  readonly clusters: readonly Cluster[];
  readonly links: LinkIndex;
  readonly random: () => number;
  /** Asked between rounds. */
  readonly stop: () => boolean;
  readonly rounds: number;
  /** What the search goes by, made of the exact score. */
  readonly aim: Aim;
  /** Told of each plan that is better than all before; it is on the board at that moment. */
  readonly better?: (found: Construction) => void;
  /** Looks at nothing but the last date. */
  readonly onlyFinish?: boolean;
  /** Gives up after so many rounds in which nothing better was found; never, if undefined. */
  readonly patience?: number;
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
  const patience = search.patience ?? Number.POSITIVE_INFINITY;
  start.board.withDayLoad(NEVER, () => {
    for (let round = 0; round < search.rounds && improving.isWorthwhile(patience) && !search.stop(); round++)
      improving.round();
  });
  return improving.finish();
}

/** How often a round of a small plan looks at nothing but its end. */
const BY_END = 0.95;
/** How often a round only hands something over. */
const BY_HANDING_OVER = 0.1;
/** How often it only looks at a gap in somebody's work. */
const BY_CLOSING_GAPS = 0.5;
/** How often it brings the work of a room together. */
const BY_CLOSING_ROOMS = 0.2;
/** How many rooms are looked at for it, and how many of the sides of their pauses; the less there is to move, the better. */
const ROOMS_LOOKED_AT = 4;
const SIDES_DRAWN = 4;
const FEW_IN_A_SIDE = 1;
/** How much of what lies on a date makes room for something that is brought forward to it. */
const OUT_OF_THE_WAY = 0.3;
/** How often several things that are moved together keep to the wishes. */
const BY_WISHES = 0.6;
/** How often a gap is filled, and how much is looked at for it. */
const BY_FILLING = 0.5;
const LOOKED_AT_TO_FILL = 30;
/** How often it evens out two dates, where an even load is wished for. */
const BY_LEVELLING = 0.1;
/** How often it takes something off the last date, where an early finish is. */
const BY_BRINGING_FORWARD = 0.02;
/** Of so many pieces of work the one on the fullest date goes to the least full of so many dates. */
const DRAWN_TO_LEVEL = 3;
/** How often one that places anew goes step by step. */
const BY_STEPS = 0.6;
/** How often it looks at what holds up the end, at least, and the more the more of the work is machines'. */
const BY_BOTTLENECK = 0.1;
const BY_BOTTLENECK_OF_MACHINES = 0.4;
const BOTTLENECK_TURNS = 40;

/** How far the sum of a plan of weeks may be above the best that was found; of some three hundred. */
const MOST_STRAYING = 0.6;

/** Takes something off the board and places it again; false where something found no place. */
type Placing = () => boolean;

/** How often a round does something, and what. */
type Turn = readonly [number, () => void];

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
  private readonly byRoom: readonly (readonly Cluster[])[];
  private leftOut: readonly LeftOut[];
  private readonly standing: Standing;
  private readonly journal: Journal;
  private score: Score;
  private found: Found;
  private fruitless = 0;
  private readonly bottleneckShare: number;
  private readonly turns: readonly Turn[];
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
    this.byRoom = [...groupBy(this.movable, (cluster) => (cluster.tasks[0] as Task).room).values()];
    this.hopeless = hopelessOf(start, search.links);
    this.standing = new Standing(this.board);
    this.journal = new Journal(this.board);
    this.score = this.scoreWith(this.leftOut);
    this.bottleneckShare = this.bottleneckShareOf();
    this.turns = this.turnsFor(this.model.policy, search.onlyFinish ?? false);
    this.found = this.remember();
  }

  /** Puts the best that was found on the board. */
  finish(): Construction {
    this.board.restore(this.found.entries);
    this.standing.close();
    this.journal.close();
    return { board: this.board, leftOut: this.found.leftOut };
  }

  /** Whether there is anything to move, and something better was found within so many rounds. */
  isWorthwhile(patience: number): boolean {
    return this.movable.length > 0 && this.fruitless < patience;
  }

  round(): void {
    const { random } = this.search;
    this.fruitless++;
    if (this.isSmall && random() < BY_END) {
      this.placeSomeAnew();
      return;
    }
    let drawn = random();
    const turn = this.turns.find(([share]) => {
      drawn -= share;
      return drawn < 0;
    });
    if (turn) turn[1]();
    else this.placeSomeAnew();
  }

  /** What a round may do and how often; else it places some clusters anew. */
  private turnsFor({ spread }: Model['policy'], onlyFinish: boolean): readonly Turn[] {
    if (onlyFinish) return [[0.5, () => this.bringForward()]];
    return [
      [BY_HANDING_OVER, () => this.handOver(oneOf(this.board.entries(), this.search.random))],
      [BY_CLOSING_GAPS, () => this.closeGap()],
      [BY_CLOSING_ROOMS, () => this.bringTogether()],
      spread === 'even'
        ? [BY_LEVELLING, () => this.level()]
        : [BY_BRINGING_FORWARD, () => this.bringForward()],
    ];
  }

  /** Takes something from a full date to one with less on it. */
  private level(): void {
    const { random } = this.search;
    const load = (moment: Minute) => this.board.loadOn(dayOfMinute(moment));
    const entries = this.board.entries();
    const drawn = Array.from({ length: DRAWN_TO_LEVEL }, () => oneOf(entries, random));
    const dates = Array.from({ length: DRAWN_TO_LEVEL }, () => laterDay(this.model, random));
    const [fullest] = drawn.sort((a, b) => load(b?.start ?? 0) - load(a?.start ?? 0));
    const [emptiest] = dates.sort((a, b) => load(a) - load(b));
    if (fullest && emptiest !== undefined) this.move(fullest, emptiest);
  }

  /** Takes something from the last date of the plan to an earlier one, where something else makes room for it. */
  private bringForward(): void {
    const { random } = this.search;
    const last = dayOfMinute(this.standing.finish());
    const onLast = this.board.entries().filter((entry) => dayOfMinute(entry.end) === last);
    const cluster = this.homes.get(oneOf(onLast, random)?.step.task as Task);
    const beside = oneOf(this.board.entries(), random);
    if (!cluster || !beside) return;
    const room = this.byRoom.find((clusters) => clusters.includes(cluster)) ?? [];
    const first = random() < 0.5 ? [cluster] : this.placed(room);
    const inTheWay = this.placed(
      this.onDate(dayOfMinute(beside.start), random() < 0.5 ? OUT_OF_THE_WAY : 1),
    ).filter((other) => !first.includes(other));
    this.attempt(() => this.placeFromDate(first, this.model.firstDay, inTheWay));
  }

  /** Some of the clusters that have work on a date. */
  private onDate(date: DayNumber, share: number): Cluster[] {
    return this.movable.filter(
      (cluster) => this.search.random() < share && datesOf(cluster, this.board).includes(date),
    );
  }

  /** A room stands open with dates between its work: what lies on one side of them goes to the other. */
  private bringTogether(): void {
    const { random } = this.search;
    const rooms = Array.from({ length: ROOMS_LOOKED_AT }, () => oneOf(this.byRoom, random));
    const pauses = rooms.flatMap((inRoom) => oneOf(pausesOf(inRoom, this.board), random) ?? []);
    const sides = pauses.flatMap(({ before, after }) => {
      const nights = after.date - before.date;
      const worth = ({ clusters }: Side) => nights / (clusters.length + FEW_IN_A_SIDE);
      return [
        { side: before, to: after.date, worth: worth(before) },
        { side: after, to: before.date, worth: worth(after) },
      ];
    });
    const drawn = Array.from({ length: SIDES_DRAWN }, () => oneOf(sides, random));
    const [best] = drawn.sort((a, b) => (b?.worth ?? 0) - (a?.worth ?? 0));
    if (!best) return;
    const { side, to } = best;
    const earlier = to < side.date;
    const inTheWay = earlier
      ? this.onDate(to, OUT_OF_THE_WAY).filter((cluster) => !side.clusters.includes(cluster))
      : [];
    this.attempt(() => this.placeFromDate(side.clusters, to, inTheWay));
  }

  /** Places clusters anew from a date on, and then those that lay in the way of them. */
  private placeFromDate(
    clusters: readonly Cluster[],
    date: DayNumber,
    inTheWay: readonly Cluster[] = [],
  ): boolean {
    const wishes = this.search.random() < BY_WISHES;
    const { board } = this;
    const { links } = this.search;
    const notBefore = midnightOf(date);
    takeOffAll(board, [...clusters, ...inTheWay]);
    const listed = (a: Cluster, b: Cluster) => (a.tasks[0]?.index ?? 0) - (b.tasks[0]?.index ?? 0);
    return [clusters, inTheWay].every((some) =>
      inOrder(some, links.hard, listed).every(
        (cluster) =>
          placeCluster(board, cluster, links, { wishes, notBefore }) ||
          placeCluster(board, cluster, links, { wishes: false }),
      ),
    );
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

  /** Somebody stands about: something comes into the gap, or one of its sides moves. */
  private closeGap(): void {
    const { random } = this.search;
    const gap = oneOf(this.standing.gaps(), random);
    if (!gap) return;
    if (random() < BY_FILLING) this.fill(gap);
    else this.shrink(gap);
  }

  /** Something that would just fit into the gap comes there from wherever it lies. */
  private fill({ person, before, after }: Gap): void {
    const { board } = this;
    const { random } = this.search;
    const entries = board.entries();
    for (let i = 0; i < LOOKED_AT_TO_FILL; i++) {
      const entry = oneOf(entries, random);
      const { step, start, end } = entry;
      const length = end - start;
      if (step.mode === 'wait' || length > after.start - before.end || isFixedEntry(entry)) continue;
      if (!board.eligibleFor(step).includes(person)) continue;
      if (board.handsStart(step, [person], length, before.end, undefined, after.start - length) === NEVER)
        continue;
      this.move(entry, before.end);
      return;
    }
  }

  /** One of the two pieces of work goes to somebody else, up to the other, or somewhere else. */
  private shrink({ before, after }: Gap): void {
    const { random } = this.search;
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
    this.journal.open();
    if (!placing() || !this.keepIfNoWorse()) this.journal.rewind();
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
    const reached = this.scoreWith(leftOut);
    const difference = compareScores(reached, this.score);
    if (difference > 0 && !this.mayDrift(reached)) return false;
    // Another assignment of the people: what holds up the end is seen anew.
    if (reached[SCORE_OF_TIME] !== this.score[SCORE_OF_TIME]) this.bottleneck = undefined;
    this.score = reached;
    this.leftOut = leftOut;
    if (compareScores(reached, this.found.score) < 0) {
      this.found = this.remember();
      this.fruitless = 0;
      this.search.better?.({ board: this.board, leftOut });
    }
    return true;
  }

  /**
   * What comes last in the comparison may get worse for a while, so that the rest can move: in a small plan all that
   * comes after its end, in a plan of weeks a little of the sum that it is weighed by.
   */
  private mayDrift(reached: Score): boolean {
    if (this.search.onlyFinish) return false;
    const firm = this.isSmall ? SCORE_OF_TIME + 1 : reached.length - 1;
    if (compareScores(reached.slice(0, firm), this.score.slice(0, firm)) > 0) return false;
    return this.isSmall || (reached[firm] as number) <= (this.found.score[firm] as number) + MOST_STRAYING;
  }

  private scoreWith(leftOut: readonly LeftOut[]): Score {
    return this.search.aim(this.standing.score(leftOut), this.board, this.standing.school);
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

/** What was put and taken since it was opened, so that it can be undone. */
class Journal {
  private lines: { readonly entry: Placed; readonly sign: 1 | -1 }[] = [];

  /** Writes no further. */
  readonly close: () => void;

  constructor(private readonly board: Board) {
    this.close = board.watch((entry, sign) => this.lines.push({ entry, sign }));
  }

  open(): void {
    this.lines = [];
  }

  rewind(): void {
    const lines = this.lines;
    this.lines = [];
    for (const { entry, sign } of lines.reverse()) {
      if (sign > 0) this.board.take(entry);
      else this.board.put(entry);
    }
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
  const notBefore = random() < LATER_DAY ? laterDay(model, random) : undefined;
  return board.withDayLoad(oneOf(dayLoads, random), () =>
    inOrder(picked, links.hard, (a, b) => rank(a) - rank(b)).every(
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
): readonly LeftOut[] {
  const out = new Set(leftOut.flatMap((item) => item.tasks));
  if (leftOut.length === hopeless.size) return leftOut;
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
