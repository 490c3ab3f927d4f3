import { dayOfMinute, type Minute, midnightOf } from '../../basics/local-time';
import type { Placed } from '../cost/metrics';
import type { Cluster } from '../model/clusters';
import {
  isSettled,
  type Link,
  lastDayOf,
  type Person,
  remainingMinutes,
  type Span,
  type Step,
  type Task,
} from '../model/model';
import { type LinkIndex, stepOrder } from '../model/step-order';
import { type Board, isFixedEntry, type Lifted, NEVER } from './board';

/** How often a cluster is moved along before it counts as not to be placed. */
const MOST_SHIFTS = 400;

export type PlaceOptions = {
  readonly lifted?: Lifted;
  readonly wishes: boolean;
  /** Nothing of the cluster starts before it. */
  readonly notBefore?: Minute;
  /** The first of the cluster starts no later. */
  readonly notAfter?: Minute;
  /** Who does what one person does alone. */
  readonly who?: Person;
  /** Where each step lay before; it stays there if it can, and else comes later. */
  readonly like?: ReadonlyMap<Step, readonly Placed[]>;
};

/**
 * Places all open steps of a cluster on the board, each as early as it can be, or leaves the board as it was.
 *
 * Steps are taken in their order. Where one can't start in time for the step it hangs on (a wait that must not last
 * longer, a machine that is busy when the hands are done), the step it hangs on is moved along by just the minutes
 * that are missing, and the cluster is placed again.
 */
export function placeCluster(
  board: Board,
  cluster: Cluster,
  links: LinkIndex,
  options: PlaceOptions,
): boolean {
  const order = stepOrder(cluster, links);
  return order !== undefined && placeSteps(board, order, links, options);
}

/** The same for steps in an order in which they can be taken; what comes before them stands on the board already. */
export function placeSteps(
  board: Board,
  order: readonly Step[],
  links: LinkIndex,
  options: PlaceOptions,
): boolean {
  return new Placing(board, links, options).place(order);
}

/** Steps placed on trial: they stand on the board until they are taken back, and can be put there again. */
export type Trial = { readonly takeBack: () => void; readonly again: () => void };

/** The same on trial; undefined where they can't be placed, and the board is as it was. */
export function tryPlacing(
  board: Board,
  order: readonly Step[],
  links: LinkIndex,
  options: PlaceOptions,
): Trial | undefined {
  const placing = new Placing(board, links, options);
  if (!placing.place(order)) return undefined;
  const { put, taken } = placing.changes();
  return {
    takeBack: () => {
      for (const entry of put.toReversed()) board.take(entry);
      for (const entry of taken) board.put(entry);
    },
    again: () => {
      for (const entry of taken) board.take(entry);
      for (const entry of put) board.put(entry);
    },
  };
}

/** Whether a cluster could be placed; the board stays as it was. */
export function fitsOn(board: Board, cluster: Cluster, links: LinkIndex, options: PlaceOptions): boolean {
  const order = stepOrder(cluster, links);
  if (order === undefined) return false;
  const placing = new Placing(board, links, options);
  const fits = placing.place(order);
  placing.undo();
  return fits;
}

type Outcome = 'placed' | 'shifted' | 'impossible';

/** A limit on the start of a step, and the step that would have to move for it to move. */
type Limit = { readonly latest: Minute; readonly hangsOn: Step | undefined };

class Placing {
  private put: Placed[] = [];
  private taken: Placed[] = [];
  private readonly startFloor = new Map<Step, Minute>();
  private readonly endFloor = new Map<Step, Minute>();

  constructor(
    private readonly board: Board,
    private readonly links: LinkIndex,
    private readonly options: PlaceOptions,
  ) {}

  place(order: readonly Step[]): boolean {
    for (let shifts = 0; shifts < MOST_SHIFTS; shifts++) {
      const outcome = this.attempt(order);
      if (outcome === 'placed') return true;
      this.undo();
      if (outcome === 'impossible') return false;
    }
    return false;
  }

  changes(): { readonly put: readonly Placed[]; readonly taken: readonly Placed[] } {
    return { put: this.put, taken: this.taken };
  }

  undo(): void {
    for (const entry of this.put.reverse()) this.board.take(entry);
    for (const entry of this.taken) this.board.put(entry);
    this.put = [];
    this.taken = [];
  }

  private attempt(order: readonly Step[]): Outcome {
    this.put = [];
    this.taken = [];
    const { notAfter = NEVER } = this.options;
    for (const step of order) {
      const outcome = this.placeStep(step);
      if (outcome !== 'placed') return outcome;
      if ((this.put[0]?.start ?? -NEVER) > notAfter) return 'impossible';
    }
    return order.every((step) => this.linksHold(step)) ? 'placed' : 'impossible';
  }

  private placeStep(step: Step): Outcome {
    if (step.doneAt !== undefined || step.over) return 'placed';
    if (isSettled(step)) return this.acceptGiven(step);
    if (this.isRunning(step)) return this.afterPlacing(step);
    if (!this.fixedPartsSuit(step)) return 'impossible';
    const ready = this.earliest(step);
    if (this.staysWhereItWas(step, ready)) return this.afterPlacing(step);
    const from = Math.max(ready, this.options.like?.get(step)?.[0]?.start ?? ready);
    const outcome = step.mode === 'wait' ? this.placeWait(step, from) : this.placeHands(step, from);
    return outcome === 'placed' ? this.afterPlacing(step) : outcome;
  }

  /** A wait that a done or fixed step has set going stands on the board already. */
  private isRunning(step: Step): boolean {
    return step.mode === 'wait' && this.board.startOf(step) !== undefined;
  }

  /** The step stands where it stands; the steps before it have to suit. */
  private acceptGiven(step: Step): Outcome {
    const start = this.board.startOf(step) as Minute;
    const previous = this.previous(step);
    const ready = previous === undefined ? start : this.readyAfter(previous);
    if (this.isFixedOrDone(previous)) return this.afterPlacing(step);
    if (ready > start) return 'impossible';
    const exceeded = this.limitBefore(step, start);
    if (exceeded) return this.shift(exceeded.hangsOn, start - exceeded.latest);
    return this.afterPlacing(step);
  }

  /** Puts a step where it lay in an earlier plan, with the same people, if all of it still fits there. */
  private staysWhereItWas(step: Step, ready: Minute): boolean {
    const before = this.options.like?.get(step);
    const first = before?.[0];
    if (!before || !first || first.start < ready || this.limitBefore(step, first.start)) return false;
    const put: Placed[] = [];
    for (const entry of before) {
      if (!this.fitsWhereItWas(step, entry)) {
        for (const other of put) this.board.take(other);
        return false;
      }
      // How long a wait lasts is seen when the step after it is placed.
      const placed = step.mode === 'wait' ? { ...entry, end: entry.start + step.minutes } : { ...entry };
      this.board.put(placed);
      put.push(placed);
    }
    this.put.push(...put);
    return true;
  }

  private fitsWhereItWas(step: Step, { start, end, people }: Placed): boolean {
    if (step.mode === 'wait') return this.board.waitStart(step, start, this.options.lifted) === start;
    const eligible = this.board.eligibleFor(step);
    if (!people.every((person) => eligible.includes(person))) return false;
    return this.board.handsStart(step, people, end - start, start, this.options.lifted) === start;
  }

  /** Parts of a split step that are fixed stand after the step before it, as the parts still to place do. */
  private fixedPartsSuit(step: Step): boolean {
    const first = step.fixed[0];
    const previous = this.previous(step);
    if (!first || !previous || this.isFixedOrDone(previous)) return true;
    return this.readyAfter(previous) <= first.start;
  }

  private isFixedOrDone(step: Step | undefined): boolean {
    return step !== undefined && (step.doneAt !== undefined || (step.fixed.length > 0 && isSettled(step)));
  }

  private placeWait(step: Step, from: Minute): Outcome {
    const start = this.board.waitStart(step, from, this.options.lifted);
    if (start === NEVER || start > this.board.model.end) return 'impossible';
    const exceeded = this.limitBefore(step, start);
    if (exceeded) return this.shift(exceeded.hangsOn, start - exceeded.latest);
    this.add({ step, people: [], start, end: start + step.minutes });
    return 'placed';
  }

  private placeHands(step: Step, from: Minute): Outcome {
    const first =
      step.split === undefined ? this.placeWhole(step, from) : this.placeParts(step, step.split, from);
    if (first === NEVER) return 'impossible';
    const exceeded = this.limitBefore(step, first);
    return exceeded ? this.shift(exceeded.hangsOn, first - exceeded.latest) : 'placed';
  }

  private placeWhole(step: Step, from: Minute): Minute {
    const floor = Math.max(from, (this.endFloor.get(step) ?? 0) - step.minutes);
    const found = this.findCrew(step, step.minutes, floor);
    if (found.start !== NEVER)
      this.add({ step, people: found.crew, start: found.start, end: found.start + step.minutes });
    return found.start;
  }

  /** Parts one after the other, each as long as it can be at the earliest moment for the shortest. */
  private placeParts(step: Step, shortest: number, from: Minute): Minute {
    let left = remainingMinutes(step);
    let floor = Math.max(from, ...step.fixed.map((entry) => entry.end));
    let first = step.fixed[0]?.start ?? NEVER;
    while (left > 0) {
      let found = this.findCrew(step, Math.min(shortest, left), floor);
      if (found.start === NEVER) return NEVER;
      let length = this.longestPart(step, found, Math.min(shortest, left), left);
      const endFloor = this.endFloor.get(step) ?? 0;
      if (length === left && found.start + length < endFloor) {
        found = this.findCrew(step, left, endFloor - left);
        if (found.start === NEVER) return NEVER;
        length = left;
      }
      this.add({ step, people: found.crew, start: found.start, end: found.start + length });
      first = Math.min(first, found.start);
      floor = found.start + length;
      left -= length;
    }
    return first;
  }

  private longestPart(step: Step, found: Found, shortest: number, left: number): number {
    let low = shortest;
    let high = left;
    while (low < high) {
      const middle = (low + high + 1) >> 1;
      if (this.board.handsStart(step, found.crew, middle, found.start, this.options.lifted) === found.start)
        low = middle;
      else high = middle - 1;
    }
    return low;
  }

  /** Who can start first; of those who can start then, who would rather. */
  private findCrew(step: Step, length: number, from: Minute): Found {
    const people = this.board.eligibleFor(step);
    const { who } = this.options;
    if (people.length < step.crew) return NOBODY;
    if (step.crew === 1 && who && people.includes(who)) return this.findOne(step, [who], length, from);
    return step.crew === 1
      ? this.findOne(step, people, length, from)
      : this.findSeveral(step, people, length, from);
  }

  private findOne(step: Step, people: readonly Person[], length: number, from: Minute): Found {
    const { lifted } = this.options;
    let start = this.latestStart(step, length);
    let first: Person[] = [];
    for (const person of people) {
      const own = this.board.handsStart(step, [person], length, from, lifted, start);
      if (own === NEVER) continue;
      if (own < start) first = [];
      first.push(person);
      start = own;
    }
    return first.length === 0 ? NOBODY : { start, crew: this.rather(first, step, start, length) };
  }

  private findSeveral(step: Step, people: readonly Person[], length: number, from: Minute): Found {
    const { lifted } = this.options;
    let start = from;
    for (;;) {
      const starts = people.map((person) => this.board.handsStart(step, [person], length, start, lifted));
      const nth = [...starts].sort((a, b) => a - b)[step.crew - 1] ?? NEVER;
      if (nth === NEVER) return NOBODY;
      const free = people.filter((person, i) => {
        const own = starts[i] as Minute;
        return (
          own === nth || (own < nth && this.board.handsStart(step, [person], length, nth, lifted) === nth)
        );
      });
      if (free.length < step.crew) {
        start = Math.max(nth, start + 1);
        continue;
      }
      const crew = this.rather(free, step, nth, length);
      const together = this.board.handsStart(step, crew, length, nth, lifted);
      if (together === nth) return { start: nth, crew };
      if (together === NEVER) return NOBODY;
      start = together;
    }
  }

  /** As many as are needed, those first who would rather. */
  private rather(free: readonly Person[], step: Step, start: Minute, length: number): readonly Person[] {
    if (free.length === 1) return free;
    const span = { start, end: start + length };
    const preference = new Map(free.map((person) => [person, this.board.preference(person, step, span)]));
    return [...free]
      .sort((a, b) => (preference.get(a) as number) - (preference.get(b) as number))
      .slice(0, step.crew);
  }

  /** No start after it will do: what has to follow stands on the board already. Of parts, only the last is held. */
  private latestStart(step: Step, length: number): Minute {
    if (step.split !== undefined) return NEVER;
    let latest = this.options.lifted === 'latest' ? NEVER : step.task.latest - length;
    if (this.put.length === 0) latest = Math.min(latest, this.options.notAfter ?? NEVER);
    for (const link of this.links.outOf(step)) {
      const start = this.board.startOf(link.after);
      if (start !== undefined && !this.isOwn(link.after))
        latest = Math.min(latest, start - link.minGap - length);
    }
    return latest;
  }

  /** The first moment that the task's own times, its order and its predecessors allow. */
  private earliest(step: Step): Minute {
    const { model } = this.board;
    const previous = this.previous(step);
    const ready = previous === undefined ? Number.NEGATIVE_INFINITY : this.readyAfter(previous);
    let afterLinks = this.afterLinks(this.links.into(step));
    if (this.options.wishes) afterLinks = Math.max(afterLinks, this.afterLinks(this.links.wishesInto(step)));
    return Math.max(
      model.start,
      model.now ?? model.start,
      step.task.earliest,
      this.options.notBefore ?? Number.NEGATIVE_INFINITY,
      ready,
      this.startFloor.get(step) ?? Number.NEGATIVE_INFINITY,
      this.endBound(step) - step.minutes,
      afterLinks,
    );
  }

  private afterLinks(links: readonly Link[]): Minute {
    let after = Number.NEGATIVE_INFINITY;
    for (const link of links) {
      const end = this.board.endOf(link.before);
      if (end !== undefined) after = Math.max(after, end + link.minGap);
    }
    return after;
  }

  /** Followers placed already, that must come within a largest gap, keep this step from ending too early. */
  private endBound(step: Step): Minute {
    let bound = Number.NEGATIVE_INFINITY;
    for (const { maxGap, after } of this.links.outOf(step))
      if (maxGap !== NEVER) bound = Math.max(bound, (this.board.startOf(after) ?? -NEVER) - maxGap);
    return bound;
  }

  /** What a start would come too late for; undefined where nothing is in its way. */
  private limitBefore(step: Step, start: Minute): Limit | undefined {
    const previous = this.previous(step);
    const ofChain = previous && this.chainLimit(step, previous);
    if (ofChain && start > ofChain.latest) return ofChain;
    for (const { maxGap, before } of this.links.into(step)) {
      const end = maxGap === NEVER ? undefined : this.board.endOf(before);
      if (end !== undefined && start > end + maxGap)
        return { latest: end + maxGap, hangsOn: this.isOwn(before) ? before : undefined };
    }
    return undefined;
  }

  private chainLimit(step: Step, previous: Step): Limit | undefined {
    if (previous.mode === 'hands' && step.mode === 'hands') return undefined;
    const end = this.board.endOf(previous);
    if (end === undefined) return undefined;
    if (previous.mode === 'hands') return { latest: end, hangsOn: previous };
    if (previous.fixed.length > 0) return { latest: end, hangsOn: undefined };
    const start = this.board.startOf(previous) as Minute;
    if (previous.atMost === NEVER || this.isPastAtMost(previous, start)) return undefined;
    return { latest: start + previous.atMost, hangsOn: this.startsWith(previous) };
  }

  /** A wait after a done step that had outlasted its limit by now: the next step starts as soon as it can. */
  private isPastAtMost(wait: Step, start: Minute): boolean {
    const before = wait.task.steps[wait.position - 1];
    const { now } = this.board.model;
    return before?.doneAt !== undefined && now !== undefined && start + wait.atMost < now;
  }

  private previous(step: Step): Step | undefined {
    const previous = step.task.steps[step.position - 1];
    return previous?.over ? undefined : previous;
  }

  private readyAfter(previous: Step): Minute {
    const end = this.board.endOf(previous) ?? Number.NEGATIVE_INFINITY;
    if (previous.mode === 'hands' || previous.doneAt !== undefined || previous.fixed.length > 0) return end;
    return (this.board.startOf(previous) as Minute) + previous.minutes;
  }

  /** The step whose end sets this wait going: it is what has to move for the wait to move. */
  private startsWith(wait: Step): Step | undefined {
    const previous = this.previous(wait);
    if (previous === undefined) return wait;
    return previous.mode === 'wait' ? this.startsWith(previous) : previous;
  }

  private isGiven(step: Step): boolean {
    return isSettled(step) || !this.isOwn(step);
  }

  private isOwn(step: Step): boolean {
    return this.put.some((entry) => entry.step === step);
  }

  private shift(step: Step | undefined, minutes: number): Outcome {
    const mover = step?.mode === 'wait' ? this.startsWith(step) : step;
    if (mover === undefined || !Number.isFinite(minutes) || this.isGiven(mover)) return 'impossible';
    if (mover.mode === 'wait') this.startFloor.set(mover, (this.board.startOf(mover) as Minute) + minutes);
    else this.endFloor.set(mover, (this.board.endOf(mover) as Minute) + minutes);
    return 'shifted';
  }

  /** Gives the wait before the step its end, and looks at what only then can be seen. */
  private afterPlacing(step: Step): Outcome {
    const start = this.board.startOf(step) as Minute;
    const end = this.board.endOf(step) as Minute;
    const previous = this.previous(step);
    if (previous?.mode === 'wait' && previous.doneAt === undefined && previous.fixed.length === 0) {
      const outcome = this.endWait(previous, start);
      if (outcome !== 'placed') return outcome;
    }
    if (this.options.lifted !== 'latest' && this.isTooLate(step)) return 'impossible';
    return step.task.sameDay ? this.keepToOneDay(step.task, { start, end }) : 'placed';
  }

  /** What is fixed stands even after the task's latest time; what is placed around it must not. */
  private isTooLate(step: Step): boolean {
    return this.board.entriesOf(step).some((entry) => !isFixedEntry(entry) && entry.end > step.task.latest);
  }

  private endWait(wait: Step, end: Minute): Outcome {
    const [entry] = this.board.entriesOf(wait) as [Placed];
    if (entry.end !== end) this.replace(entry, { ...entry, end });
    if (this.options.lifted !== 'latest' && end > wait.task.latest) return 'impossible';
    const wet = this.board.firstWetDay(wait, entry.start, end, this.options.lifted);
    if (wet === undefined) return 'placed';
    return this.shift(this.startsWith(wait), midnightOf(wet + 1) - entry.start);
  }

  private keepToOneDay(task: Task, span: { start: Minute; end: Minute }): Outcome {
    const whole = this.spanOf(task);
    const day = dayOfMinute(whole.start);
    if (whole.end <= midnightOf(day) + task.by) return 'placed';
    const entries = task.steps.flatMap((step) => this.board.entriesOf(step));
    const lastDay = Math.max(...entries.map((entry) => lastDayOf(entry)));
    const isLate = entries.some((entry) => !isFixedEntry(entry) && entry.end > midnightOf(day) + task.by);
    if (day === lastDay && !isLate) return 'placed';
    const first = entries.reduce((a, b) => (b.start < a.start ? b : a));
    if (this.isGiven(first.step) || first.step.fixed.length > 0) return 'impossible';
    const floor = midnightOf(isLate ? day + 1 : lastDayOf(span));
    if (floor <= first.start) return 'impossible';
    this.startFloor.set(first.step, floor);
    return 'shifted';
  }

  /** From the first of a task on the board to the last. */
  private spanOf({ steps }: Task): Span {
    let [start, end] = [NEVER, -NEVER];
    for (const step of steps)
      if (this.board.entriesOf(step).length > 0) {
        start = Math.min(start, this.board.startOf(step) as Minute);
        end = Math.max(end, this.board.endOf(step) as Minute);
      }
    return { start, end };
  }

  /** Hard links between steps of the cluster and with followers that stood on the board before it. */
  private linksHold(step: Step): boolean {
    return (
      this.links.into(step).every((link) => this.holds(link)) &&
      this.links.outOf(step).every((link) => this.holds(link))
    );
  }

  /** What is not on the board, and two that are both given, are not asked. */
  private holds({ before, after, minGap, maxGap }: Link): boolean {
    const end = this.board.endOf(before);
    const start = this.board.startOf(after);
    if (end === undefined || start === undefined) return true;
    if (start >= end + minGap && start <= end + maxGap) return true;
    return this.isFixedOrDone(before) && this.isFixedOrDone(after);
  }

  private add(entry: Placed): void {
    this.board.put(entry);
    this.put.push(entry);
  }

  private replace(old: Placed, entry: Placed): void {
    const own = this.put.indexOf(old);
    this.board.take(old);
    this.board.put(entry);
    if (own >= 0) this.put[own] = entry;
    else {
      this.put.push(entry);
      this.taken.push(old);
    }
  }
}

type Found = { readonly start: Minute; readonly crew: readonly Person[] };

const NOBODY: Found = { start: NEVER, crew: [] };
