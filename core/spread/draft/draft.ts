import { PRIORITIES } from '../../basics/choices';
import { type DayNumber, dayOfMinute, type Minute, midnightOf } from '../../basics/local-time';
import type { Priority } from '../../plan/problem';
import type { Placed } from '../cost/metrics';
import { type Cluster, clustersOf, loosen } from '../model/clusters';
import { isSettled, type Link, type Model, type Step, type Task } from '../model/model';
import { indexLinks, type LinkIndex, stepOrder } from '../model/step-order';
import { Board, isFixedEntry } from './board';
import { placeCluster, tryPlacing } from './place';
import { type Score, Tally } from './tally';

/** What was done to a draft, so that it can be undone. */
type Line =
  | { readonly entry: Placed; readonly sign: 1 | -1 }
  | { readonly task: Task; readonly out: boolean };

/** A draft as it was at some moment. */
export type Snapshot = {
  readonly entries: ReadonlySet<Placed>;
  readonly out: ReadonlySet<Task>;
  readonly score: Score;
};

/** What holds of a problem whatever is planned of it; what takes a while to find out is kept once it has been asked for. */
type Ground = {
  readonly links: LinkIndex;
  readonly hopeless: ReadonlySet<Task>;
  readonly soonest: ReadonlyMap<Task, Minute>;
  readonly clusters: readonly Cluster[];
  readonly movable: readonly Cluster[];
  readonly homes: ReadonlyMap<Task, Cluster>;
  readonly weights: ReadonlyMap<Task, Priority>;
  readonly parts: Map<Cluster, readonly Cluster[]>;
  readonly dates: Map<Cluster, readonly DayNumber[]>;
};

function groundOf(
  model: Model,
  links: LinkIndex,
  soonest: ReadonlyMap<Task, Minute>,
  hopeless: ReadonlySet<Task>,
): Ground {
  const clusters = clustersOf(model, hopeless);
  return {
    links,
    hopeless,
    soonest,
    clusters,
    movable: clusters.filter(({ tasks }) => tasks.some(isOpen) && !tasks.some((task) => hopeless.has(task))),
    homes: new Map(clusters.flatMap((cluster) => cluster.tasks.map((task) => [task, cluster] as const))),
    weights: inheritedPriorities(model),
    parts: new Map(),
    dates: new Map(),
  };
}

/** A plan in the making: what lies on the board, what is left out, and what it costs; every change can be taken back. */
export class Draft {
  readonly board: Board;
  readonly links: LinkIndex;
  readonly clusters: readonly Cluster[];
  /** Clusters of which something is still to be placed, and can be. */
  readonly movable: readonly Cluster[];
  readonly tally: Tally;
  private readonly ground: Ground;
  private readonly stuck = new Set<Task>();
  /** Waits that run since something done or fixed, by task. */
  private readonly running = new Map<Task, Placed[]>();
  private bare: Draft | undefined;
  private lines: Line[] = [];
  private isNoting = true;

  constructor(
    readonly model: Model,
    /** What another draft of the same problem has found out. */
    known?: Ground,
  ) {
    this.board = new Board(model);
    this.links = known?.links ?? indexLinks(model);
    this.putGiven();
    for (const task of this.running.keys())
      if (isAllGiven(task) && !this.standsAsGiven(task)) this.stuck.add(task);
    this.ground = known ?? this.lookAtEach();
    this.clusters = this.ground.clusters;
    this.movable = this.ground.movable;
    this.tally = new Tally(this.board);
    this.leaveOut([...this.ground.hopeless]);
    this.board.watch((entry, sign) => {
      if (this.isNoting) this.lines.push({ entry, sign });
    });
  }

  homeOf(task: Task): Cluster {
    return this.ground.homes.get(task) as Cluster;
  }

  isOut(task: Task): boolean {
    return this.tally.isOut(task);
  }

  get out(): readonly Task[] {
    return this.model.tasks.filter((task) => this.tally.isOut(task));
  }

  /** Whether all of a task stands on the board, each wait up to the step after it. */
  isPlaced(task: Task): boolean {
    return task.steps.every((step, i) => this.isStepPlaced(step, task.steps[i + 1]));
  }

  private isStepPlaced(step: Step, next: Step | undefined): boolean {
    if (step.doneAt !== undefined || step.over) return true;
    const entries = this.board.entriesOf(step);
    if (step.mode === 'wait')
      return entries.length > 0 && (!next || this.board.startOf(next) === this.board.endOf(step));
    const minutes = entries.reduce((sum, { start, end }) => sum + end - start, 0);
    return isSettled(step) || minutes >= step.minutes;
  }

  /** What a cluster falls into where it can't be placed as a whole. */
  partsOf(cluster: Cluster): readonly Cluster[] {
    let parts = this.ground.parts.get(cluster);
    if (!parts) {
      parts = cluster.tasks.length > 1 ? loosen(cluster, this.model) : [];
      this.ground.parts.set(cluster, parts);
    }
    return parts;
  }

  /** What finds no place even where nothing else is, and what can't be without it. */
  isHopeless(task: Task): boolean {
    return this.ground.hopeless.has(task);
  }

  /** When a task could begin if nothing else were planned; undefined for what is given or finds no place. */
  soonest(task: Task): Minute | undefined {
    return this.ground.soonest.get(task);
  }

  private lookAtEach(): Ground {
    const soonest = new Map<Task, Minute>();
    const hopeless = new Set<Task>(this.stuck);
    for (const task of this.model.tasks) {
      if (!isOpen(task)) continue;
      const start = this.soonestOf(task);
      if (start === undefined) hopeless.add(task);
      else soonest.set(task, start);
    }
    for (const task of hopeless)
      for (const step of task.steps)
        for (const link of this.links.outOf(step)) if (needsBefore(link)) hopeless.add(link.after.task);
    return groundOf(this.model, this.links, soonest, hopeless);
  }

  private soonestOf(task: Task): Minute | undefined {
    const order = stepOrder({ tasks: [task] }, this.links);
    const trial = order && tryPlacing(this.board, order, this.links, { wishes: false });
    if (!trial) return undefined;
    const starts = task.steps.map((step) => this.board.startOf(step) ?? Number.POSITIVE_INFINITY);
    trial.takeBack();
    return Math.min(...starts);
  }

  /** The dates on which a cluster could begin if nothing else were planned. */
  datesFor(cluster: Cluster): readonly DayNumber[] {
    let known = this.ground.dates.get(cluster);
    if (!known) {
      this.bare ??= this.empty();
      known = datesFree(this.bare, cluster);
      this.ground.dates.set(cluster, known);
    }
    return known;
  }

  /** What is left out and has to come before a task, first things first. */
  needsOf(task: Task): Task[] {
    const seen = new Set<Task>([task]);
    const inOrder: Task[] = [];
    const look = (one: Task) => {
      for (const step of one.steps)
        for (const link of this.links.into(step)) {
          const before = link.before.task;
          if (seen.has(before) || !this.isMissing(link)) continue;
          seen.add(before);
          look(before);
          inOrder.push(before);
        }
    };
    look(task);
    return inOrder;
  }

  /** The priority of a task, or of what can't be without it. */
  weightOf(task: Task): Priority {
    return this.ground.weights.get(task) as Priority;
  }

  /** Takes all of a cluster off the board that is not given. */
  takeOff({ tasks }: Cluster): void {
    for (const { steps } of tasks)
      for (const step of steps) {
        if (isGivenWait(step)) continue;
        for (const entry of [...this.board.entriesOf(step)]) if (!isFixedEntry(entry)) this.board.take(entry);
      }
  }

  /** Leaves tasks out, and what can't be without them. */
  leaveOut(tasks: readonly Task[]): void {
    for (const task of tasks) {
      if (this.tally.isOut(task) || isOver(task)) continue;
      for (const step of task.steps)
        for (const entry of [...this.board.entriesOf(step)]) if (!isFixedEntry(entry)) this.board.take(entry);
      this.tally.leaveOut(task);
      this.lines.push({ task, out: true });
      this.leaveOut(this.orphansOf(task));
    }
  }

  /** Leaves out whatever has found no place. */
  leaveOutLoose(): void {
    for (const { tasks } of this.movable)
      for (const task of tasks) if (!this.isOut(task) && !this.isPlaced(task)) this.leaveOut([task]);
  }

  /** Takes tasks in again, to be placed; false where they find no place or what is given of them can't stand, and they stay out. */
  takeIn(tasks: readonly Task[]): boolean {
    const out = tasks.filter((task) => this.tally.isOut(task));
    if (!out.every((task) => this.canStand(task))) return false;
    for (const task of out) {
      this.tally.takeIn(task);
      this.lines.push({ task, out: false });
      for (const wait of this.running.get(task) ?? []) this.board.put(wait);
    }
    return true;
  }

  /** Whether what runs of a task since before can run. */
  private canStand(task: Task): boolean {
    const runs = this.running.get(task) ?? [];
    return !this.isHopeless(task) && runs.every(({ step, start }) => this.mayRun(step, start));
  }

  /** Something that has to come first is left out. */
  lacksPredecessor({ tasks }: Cluster): boolean {
    return tasks.some((task) =>
      task.steps.some((step) =>
        this.links.into(step).some((link) => !tasks.includes(link.before.task) && this.isMissing(link)),
      ),
    );
  }

  /** A hard predecessor that is left out, and not only an order of two that may each be left out. */
  isMissing(link: Link): boolean {
    return needsBefore(link) && this.tally.isOut(link.before.task);
  }

  /** A cluster, or what of it is not left out. */
  wantedParts(cluster: Cluster): readonly Cluster[] {
    const isWanted = ({ tasks }: Cluster) => !tasks.some((task) => this.tally.isOut(task));
    return isWanted(cluster) ? [cluster] : this.partsOf(cluster).filter(isWanted);
  }

  /** Clusters of which nothing is left out. */
  get wanted(): readonly Cluster[] {
    return this.movable.filter(({ tasks }) => !tasks.some((task) => this.tally.isOut(task)));
  }

  /** Begins to note what is done; `rewind` goes back to here. */
  mark(): void {
    this.lines = [];
  }

  /** Looks at something that is taken back before it ends, so that none of it is noted. */
  aside<T>(look: () => T): T {
    this.isNoting = false;
    const found = look();
    this.isNoting = true;
    return found;
  }

  rewind(): void {
    const lines = this.lines;
    this.lines = [];
    for (const line of lines.reverse()) {
      if ('entry' in line) {
        if (line.sign > 0) this.board.take(line.entry);
        else this.board.put(line.entry);
      } else if (line.out) this.tally.takeIn(line.task);
      else this.tally.leaveOut(line.task);
    }
    this.lines = [];
  }

  snapshot(): Snapshot {
    return { entries: new Set(this.board.entries()), out: new Set(this.out), score: this.tally.score() };
  }

  restore({ entries, out }: Snapshot): void {
    for (const task of this.model.tasks) if (!out.has(task)) this.tally.takeIn(task);
    this.board.restore(entries);
    for (const task of out) this.tally.leaveOut(task);
    this.lines = [];
  }

  /** A draft of the same problem with nothing on it but what is given. */
  empty(): Draft {
    return new Draft(this.model, this.ground);
  }

  private orphansOf(task: Task): Task[] {
    return task.steps.flatMap((step) =>
      this.links
        .outOf(step)
        .filter((link) => this.isMissing(link) && link.after.task !== task)
        .map((link) => link.after.task),
    );
  }

  /** Whether what is given of a task, and nothing else is to come of it, keeps the rules. */
  private standsAsGiven(task: Task): boolean {
    return placeCluster(this.board, { tasks: [task] }, this.links, { wishes: false });
  }

  /** Fixed entries, and waits that a done or fixed step has set going. */
  private putGiven(): void {
    const steps = [...this.model.steps.values()];
    for (const step of steps)
      for (const fixed of step.fixed) if (step.doneAt === undefined) this.board.put({ ...fixed, step });
    for (const step of steps) {
      const start = givenStart(step, this.board);
      if (start === undefined) continue;
      const wait: Placed = { step, people: [], start, end: start + step.minutes };
      if (this.mayRun(step, start)) {
        this.board.put(wait);
        this.running.set(step.task, [...(this.running.get(step.task) ?? []), wait]);
      } else this.stuck.add(step.task);
    }
  }

  /** A wait that runs since a done step asks nobody; one after a fixed step has to suit. */
  private mayRun(step: Step, start: Minute): boolean {
    return this.board.waitStart(step, start, undefined, isSinceDone(step)) === start;
  }
}

/** Whether the after-side of a hard link can't be planned without the other. */
function needsBefore({ before, after, beforeIsTask, orderOnly }: Link): boolean {
  if (orderOnly || after.doneAt !== undefined || after.over) return false;
  return beforeIsTask || !isSettled(before);
}

/** Dates from today on, each looked for after the one before. */
function datesFree({ board, links, model }: Draft, cluster: Cluster): DayNumber[] {
  const order = stepOrder(cluster, links);
  const dates: DayNumber[] = [];
  let from = Math.max(model.start, model.now ?? model.start);
  while (order && from < model.end) {
    const trial = tryPlacing(board, order, links, { wishes: false, notBefore: from });
    if (!trial) break;
    const first = order.find((step) => !isSettled(step) && !isGivenWait(step));
    const start = first && board.startOf(first);
    trial.takeBack();
    if (start === undefined) break;
    dates.push(dayOfMinute(start));
    from = midnightOf(dayOfMinute(Math.max(from, start)) + 1);
  }
  return dates;
}

function isSinceDone(step: Step): boolean {
  return step.task.steps[step.position - 1]?.doneAt !== undefined;
}

/** Whether nothing of a task is to come, fixed or not. */
function isOver(task: Task): boolean {
  return task.steps.every((step) => step.doneAt !== undefined || step.over);
}

function isAllGiven(task: Task): boolean {
  return task.steps.every((step) => isSettled(step) || isGivenWait(step));
}

/** Whether something of a task is still to be placed. */
export function isOpen(task: Task): boolean {
  return task.steps.some((step) => step.doneAt === undefined && !step.over && !isSettled(step));
}

/** Set going by what is done or fixed: it starts then and no other time. */
export function isGivenWait(step: Step): boolean {
  const previous = step.task.steps[step.position - 1];
  return step.mode === 'wait' && previous !== undefined && isSettled(previous);
}

function givenStart(step: Step, board: Board): Minute | undefined {
  const previous = step.task.steps[step.position - 1];
  if (step.mode !== 'wait' || isSettled(step) || !previous || previous.over || !isSettled(previous))
    return undefined;
  return board.endOf(previous);
}

/** Priorities, each at least that of all that can't be planned without the task. */
function inheritedPriorities(model: Model): Map<Task, Priority> {
  const weights = new Map(model.tasks.map((task) => [task, PRIORITIES.indexOf(task.priority)]));
  const needs = model.links.filter((link) => link.hard && !link.orderOnly);
  for (let changed = true; changed; ) {
    changed = false;
    for (const { before, after } of needs) {
      const weight = weights.get(after.task) as number;
      if (weight >= (weights.get(before.task) as number)) continue;
      weights.set(before.task, weight);
      changed = true;
    }
  }
  return new Map([...weights].map(([task, weight]) => [task, PRIORITIES[weight] as Priority]));
}
