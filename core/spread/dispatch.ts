import { PRIORITIES } from '../basics/choices';
import type { Minute } from '../basics/local-time';
import { type Board, NEVER } from './board';
import type { Cluster } from './clusters';
import { groupOf } from './costs';
import { SESSION_GAP } from './metrics';
import { isSettled, type Person, type Room, type Step, type Task } from './model';
import { placeSteps } from './place';
import { segmentsOf } from './segments';
import type { LinkIndex } from './step-order';

/** How work is gone about from one moment to the next. */
export type Manner = {
  /** Nothing of less priority while something of more could be done. */
  readonly priorityFirst: boolean;
  /** In which order rooms are taken. */
  readonly roomOrder: readonly Room[];
};

/** Standing about for so long is worth it where it keeps somebody in the same stretch of work. */
const MOST_IDLE = 10;
/** A wait of so many minutes is set going before other work. */
const LONG_WAIT = 15;
/** Where nothing can be done just now, a person looks again after so many minutes. */
const LOOK_AGAIN = 15;

/** Work that is placed in one go, and what has to stand before it. */
type Unit = {
  readonly steps: readonly Step[];
  readonly task: Task;
  /** The first hands-on step, and the minutes of waiting before it. */
  readonly hands: Step;
  readonly lead: number;
  readonly waitsLong: boolean;
  readonly tends: boolean;
  readonly before: Set<Unit>;
  readonly followers: Unit[];
  /** From when it may begin, once nothing has to come before it any more. */
  ready: Minute;
};

/**
 * Work dealt out as sensible people go about it: each stays in a room until nothing is left to do there for now, starts
 * what soaks or runs first, goes from high to low, sees to what has waited, and goes on to the room that comes next.
 * Places what it can of the clusters; what finds no moment stays off the board.
 */
export function dispatch(board: Board, clusters: readonly Cluster[], links: LinkIndex, manner: Manner): void {
  new Dispatch(board, clusters, links, manner).run();
}

class Dispatch {
  private readonly ready = new Set<Unit>();
  private readonly clocks: Minute[];
  private readonly rooms: (Room | undefined)[];
  private readonly roomRank: ReadonlyMap<Room, number>;
  private readonly from: Minute;

  constructor(
    private readonly board: Board,
    clusters: readonly Cluster[],
    private readonly links: LinkIndex,
    private readonly manner: Manner,
  ) {
    const { model } = board;
    this.from = Math.max(model.start, model.now ?? model.start);
    for (const unit of unitsOf(clusters, links)) if (unit.before.size === 0) this.release(unit);
    this.clocks = model.people.map(() => this.from);
    this.rooms = model.people.map(() => undefined);
    this.roomRank = new Map(manner.roomOrder.map((room, i) => [room, i]));
  }

  run(): void {
    while (this.ready.size > 0) {
      const person = this.next();
      if (!person) return;
      this.work(person);
    }
  }

  /** Whose turn it is: whoever is free first. */
  private next(): Person | undefined {
    let first: Person | undefined;
    for (const person of this.board.model.people) {
      const clock = this.clocks[person.index] as Minute;
      if (clock < this.board.model.end && (!first || clock < (this.clocks[first.index] as Minute)))
        first = person;
    }
    return first;
  }

  /** What comes first for a person and can begin about now; else they look again later. */
  private work(person: Person): void {
    const clock = this.clocks[person.index] as Minute;
    const able = [...this.ready].filter(({ hands }) => this.board.eligibleFor(hands).includes(person));
    const now = able
      .filter(({ ready, lead }) => ready + lead <= clock + MOST_IDLE)
      .map((unit) => ({ unit, rank: this.rankOf(person, unit) }))
      .sort((a, b) => compareRanks(a.rank, b.rank));
    for (const { unit } of now) {
      const start = this.startOf(person, unit, clock);
      if (start > clock + MOST_IDLE) continue;
      const options = { wishes: false, notBefore: Math.max(this.from, start - unit.lead), who: person };
      if (placeSteps(this.board, unit.steps, this.links, options)) this.settle(unit);
      else this.ready.delete(unit);
      return;
    }
    this.clocks[person.index] = this.laterThan(person, clock, able);
  }

  private startOf(person: Person, { hands, ready, lead }: Unit, clock: Minute): Minute {
    const length = Math.min(hands.split ?? hands.minutes, hands.minutes);
    const from = Math.max(clock, ready + lead);
    return this.board.handsStart(hands, [person], length, from, undefined, clock + MOST_IDLE);
  }

  /** Where everybody stands once a unit is placed, and what may begin by it. */
  private settle(unit: Unit): void {
    this.ready.delete(unit);
    for (const follower of unit.followers) {
      follower.before.delete(unit);
      if (follower.before.size === 0) this.release(follower);
    }
    for (const step of unit.steps) {
      if (step.mode === 'wait') continue;
      for (const { people, end } of this.board.entriesOf(step))
        for (const { index } of people) {
          if (end <= (this.clocks[index] as Minute)) continue;
          this.clocks[index] = end;
          this.rooms[index] = step.task.room;
        }
    }
  }

  private release(unit: Unit): void {
    let ready = this.from;
    for (const step of unit.steps) {
      ready = Math.max(ready, step.task.earliest);
      const previous = step.task.steps[step.position - 1];
      if (previous && !unit.steps.includes(previous)) ready = Math.max(ready, this.overAt(previous));
      for (const link of this.links.into.get(step) ?? []) {
        const end =
          link.hard && !unit.steps.includes(link.before) ? this.board.endOf(link.before) : undefined;
        if (end !== undefined) ready = Math.max(ready, end + link.minGap);
      }
    }
    unit.ready = ready;
    this.ready.add(unit);
  }

  private overAt(previous: Step): Minute {
    if (previous.doneAt !== undefined) return previous.doneAt;
    const start = this.board.startOf(previous);
    if (start === undefined) return this.from;
    return previous.mode === 'wait' ? start + previous.minutes : (this.board.endOf(previous) as Minute);
  }

  /** The lower, the sooner it is done. */
  private rankOf(person: Person, { task, tends, waitsLong }: Unit): readonly number[] {
    const { grouping } = this.board.model.policy;
    const isHere = task.room === this.rooms[person.index];
    return [
      tends ? 0 : 1,
      this.manner.priorityFirst ? PRIORITIES.indexOf(task.priority) : 0,
      grouping === 'kind' ? task.layer : grouping === 'layer' ? Number(groupOf(task, grouping)) : 0,
      isHere ? 0 : 1,
      isHere ? 0 : (this.roomRank.get(task.room) ?? 0),
      waitsLong ? 0 : 1,
      task.layer,
      task.index,
    ];
  }

  /** When it is worth looking again: when something is ready, in a while, or when the next stretch of time begins. */
  private laterThan(person: Person, clock: Minute, able: readonly Unit[]): Minute {
    const ready = Math.min(...able.map((unit) => unit.ready + unit.lead).filter((moment) => moment > clock));
    const soon = Math.min(ready, clock + LOOK_AGAIN);
    if (able.length > 0 && soon < clock + SESSION_GAP && this.board.opensFor([person], soon) === soon)
      return soon;
    const next = this.board.opensFor([person], clock + 1);
    return next > clock ? next : NEVER;
  }
}

/** What clusters come to, each with what has to be placed before it. */
function unitsOf(clusters: readonly Cluster[], links: LinkIndex): Unit[] {
  const home = new Map<Step, Unit>();
  const units: Unit[] = [];
  for (const cluster of clusters) {
    let last: Unit | undefined;
    for (const { steps } of segmentsOf(cluster, links) ?? []) {
      const hands = steps.find((step) => step.mode === 'hands' && !isSettled(step));
      if (!hands) continue;
      const unit = unitOf(steps, hands);
      if (last) join(last, unit);
      for (const step of steps) home.set(step, unit);
      units.push(unit);
      last = unit;
    }
  }
  for (const unit of units)
    for (const step of unit.steps)
      for (const link of links.into.get(step) ?? []) {
        const before = link.hard ? home.get(link.before) : undefined;
        if (before && before !== unit) join(before, unit);
      }
  return units;
}

function unitOf(steps: readonly Step[], hands: Step): Unit {
  const previous = hands.task.steps[hands.position - 1];
  const leading = steps.slice(0, steps.indexOf(hands)).filter((step) => step.task === hands.task);
  return {
    steps,
    task: hands.task,
    hands,
    lead: leading.reduce(
      (sum, step) => sum + (step.mode === 'wait' && !isSettled(step) ? step.minutes : 0),
      0,
    ),
    waitsLong: steps.some((step) => step.mode === 'wait' && step.minutes >= LONG_WAIT),
    tends: previous?.mode === 'wait' && Number.isFinite(previous.atMost),
    before: new Set(),
    followers: [],
    ready: 0,
  };
}

function join(before: Unit, after: Unit): void {
  if (after.before.has(before)) return;
  after.before.add(before);
  before.followers.push(after);
}

function compareRanks(a: readonly number[], b: readonly number[]): number {
  for (let i = 0; i < a.length; i++) if (a[i] !== b[i]) return (a[i] as number) - (b[i] as number);
  return 0;
}
