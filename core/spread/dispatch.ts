import { PRIORITIES } from '../basics/choices';
import { groupBy } from '../basics/group-by';
import { dayOfMinute, type Minute, midnightOf } from '../basics/local-time';
import type { Policy } from '../plan/problem';
import { type Board, NEVER } from './board';
import type { Cluster } from './clusters';
import { groupOf } from './costs';
import { isSettled, type Person, type Room, type Step, type Task } from './model';
import { type PlaceOptions, tryPlacing } from './place';
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
/** Where one kind or height of work comes before the next, it is waited for from one day to the next. */
const PATIENCE = 24 * 60;
/** What waits to be seen to and can't be just now is looked at again after so many minutes. */
const LOOK_AGAIN = 15;
/** A wait of so many minutes is set going before other work. */
const LONG_WAIT = 15;

/** Work that is placed in one go, and what has to stand before it. */
type Unit = {
  readonly steps: readonly Step[];
  readonly task: Task;
  /** The first hands-on step, and the minutes of waiting before it. */
  readonly hands: Step;
  readonly lead: number;
  readonly waitsLong: boolean;
  readonly tends: boolean;
  readonly able: ReadonlySet<Person>;
  /** The least that is done of it in one go. */
  readonly shortest: number;
  readonly before: Set<Unit>;
  readonly followers: Unit[];
  /** What comes first by weight and school, and then by its place among all. */
  weight: number;
  place: number;
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
  /** Since when somebody has found nothing to do; undefined while they are at work. */
  private readonly idleFrom: (Minute | undefined)[];
  private readonly rooms: (Room | undefined)[];
  private readonly roomRank: ReadonlyMap<Room, number>;
  private readonly from: Minute;
  private readonly count: number;
  private readonly byGroup: boolean;

  constructor(
    private readonly board: Board,
    clusters: readonly Cluster[],
    private readonly links: LinkIndex,
    private readonly manner: Manner,
  ) {
    const { model } = board;
    this.idleFrom = model.people.map(() => undefined);
    this.clocks = model.people.map(() => Math.max(model.start, model.now ?? model.start));
    this.from = Math.max(model.start, model.now ?? model.start);
    this.byGroup = model.policy.grouping === 'kind' || model.policy.grouping === 'layer';
    const units = this.ranked(unitsOf(board, clusters, links));
    this.count = units.length;
    for (const unit of units) if (unit.before.size === 0) this.release(unit);
    this.rooms = model.people.map(() => undefined);
    this.roomRank = new Map(manner.roomOrder.map((room, i) => [room, i]));
  }

  /** Units with what decides between them wherever anybody is: what was set going first, then by weight and school. */
  private ranked(units: Unit[]): Unit[] {
    const inPlace = units.toSorted(
      (a, b) =>
        Number(b.waitsLong) - Number(a.waitsLong) ||
        a.task.layer - b.task.layer ||
        a.task.index - b.task.index,
    );
    const groups = this.byGroup ? groupsInOrder(units, this.board.model.policy.grouping) : new Map();
    inPlace.forEach((unit, place) => {
      const priority = this.manner.priorityFirst ? PRIORITIES.indexOf(unit.task.priority) : 0;
      const group = groups.get(groupOf(unit.task, this.board.model.policy.grouping)) ?? 0;
      unit.place = place;
      unit.weight = ((unit.tends ? 0 : 1) * PRIORITIES.length + priority) * Math.max(1, groups.size) + group;
    });
    return units;
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
    this.idleFrom[person.index] = undefined;
    const opens = this.board.opensFor([person], clock);
    if (opens > clock + MOST_IDLE) {
      this.clocks[person.index] = opens;
      return;
    }
    const able = [...this.ready].filter((unit) => unit.able.has(person));
    const left = this.board.leftFor(person, clock);
    const now = able
      .filter(({ ready, lead, shortest }) => ready + lead <= clock + MOST_IDLE && shortest <= left)
      .map((unit) => ({ unit, rank: this.rankOf(person, unit) }))
      .sort((a, b) => a.rank - b.rank);
    let next = NEVER;
    let awaited = this.byGroup ? this.awaitedTomorrow(person, clock, able, left) : NEVER;
    for (const { unit } of now) {
      if (unit.weight > awaited) break;
      const start = this.startOf(person, unit, clock);
      if (start > clock + MOST_IDLE) {
        next = Math.min(next, start);
        if (this.byGroup && start < clock + PATIENCE) awaited = Math.min(awaited, unit.weight);
        continue;
      }
      const options = { wishes: false, notBefore: Math.max(this.from, start - unit.lead), who: person };
      if (this.placeBy(clock + MOST_IDLE, unit, options)) {
        this.settle(unit);
        return;
      }
      this.putOff(unit, clock);
    }
    for (const { ready, lead } of able)
      if (ready + lead > clock + MOST_IDLE) next = Math.min(next, ready + lead);
    if (now.length < able.length) next = Math.min(next, this.nextOpening(person, clock));
    this.clocks[person.index] = next;
    this.idleFrom[person.index] = clock;
  }

  /** By kinds or heights: what is to come first and does not fit today any more, but tomorrow; the rest waits for it. */
  private awaitedTomorrow(person: Person, clock: Minute, able: readonly Unit[], left: number): number {
    if (this.nextOpening(person, clock) > clock + PATIENCE) return NEVER;
    const late = able.filter(({ ready, lead, shortest }) => ready + lead <= clock && shortest > left);
    return Math.min(NEVER, ...late.map(({ weight }) => weight));
  }

  /** Places a unit if it can begin by a moment. */
  private placeBy(latest: Minute, { steps, hands }: Unit, options: PlaceOptions): boolean {
    const trial = tryPlacing(this.board, steps, this.links, options);
    if (!trial) return false;
    if ((this.board.startOf(hands) as Minute) <= latest) return true;
    trial.takeBack();
    return false;
  }

  /** What does not fit today, all of it, is looked at again tomorrow; what waits to be seen to, soon. */
  private putOff(unit: Unit, clock: Minute): void {
    unit.ready = unit.tends ? clock + LOOK_AGAIN : midnightOf(dayOfMinute(clock) + 1);
    if (unit.ready >= this.board.model.end) this.ready.delete(unit);
  }

  private startOf(person: Person, { hands, ready, lead, shortest }: Unit, clock: Minute): Minute {
    const from = Math.max(clock, ready + lead);
    return this.board.handsStart(hands, [person], shortest, from, undefined, clock + MOST_IDLE);
  }

  /** Where everybody stands once a unit is placed, and what may begin by it. */
  private settle(unit: Unit): void {
    this.ready.delete(unit);
    for (const follower of unit.followers) {
      follower.before.delete(unit);
      if (follower.before.size === 0) this.release(follower);
    }
    for (const person of this.board.model.people) this.follow(person, unit);
  }

  /** Somebody is free again once what they do of a unit in one go is done; the rest of it stands on the board. */
  private follow(person: Person, { steps }: Unit): void {
    const own = steps
      .flatMap((step) => this.board.entriesOf(step))
      .filter(({ people }) => people.includes(person))
      .sort((a, b) => a.start - b.start);
    let end = own[0]?.end;
    for (const entry of own) if (entry.start === end) end = entry.end;
    if (end === undefined || end <= (this.clocks[person.index] as Minute)) return;
    this.clocks[person.index] = end;
    this.rooms[person.index] = own[0]?.step.task.room;
  }

  private release(unit: Unit): void {
    let ready = this.from;
    for (const step of unit.steps) {
      ready = Math.max(ready, step.task.earliest);
      const previous = step.task.steps[step.position - 1];
      if (previous && !unit.steps.includes(previous)) ready = Math.max(ready, this.overAt(previous));
      for (const link of this.links.into(step)) {
        const end = unit.steps.includes(link.before) ? undefined : this.board.endOf(link.before);
        if (end !== undefined) ready = Math.max(ready, end + link.minGap);
      }
    }
    unit.ready = ready;
    this.ready.add(unit);
    for (const person of unit.able) this.wake(person, ready + unit.lead);
  }

  /** Whoever stands about looks again when there is something new. */
  private wake({ index }: Person, at: Minute): void {
    const since = this.idleFrom[index];
    if (since !== undefined) this.clocks[index] = Math.min(this.clocks[index] as Minute, Math.max(since, at));
  }

  private overAt(previous: Step): Minute {
    if (previous.doneAt !== undefined) return previous.doneAt;
    const start = this.board.startOf(previous);
    if (start === undefined) return this.from;
    return previous.mode === 'wait' ? start + previous.minutes : (this.board.endOf(previous) as Minute);
  }

  /** The lower, the sooner it is done: by what weighs, then here before elsewhere, then by what is in it. */
  private rankOf(person: Person, { task, weight, place }: Unit): number {
    const isHere = task.room === this.rooms[person.index];
    const room = isHere ? 0 : 1 + (this.roomRank.get(task.room) ?? 0);
    return (weight * (this.roomRank.size + 1) + room) * this.count + place;
  }

  /** When the next stretch of somebody's time begins. */
  private nextOpening(person: Person, clock: Minute): Minute {
    const window = this.board.windowFrom(person, clock);
    return window ? this.board.opensFor([person], window.end) : NEVER;
  }
}

/** What clusters come to, each with what has to be placed before it. */
function unitsOf(board: Board, clusters: readonly Cluster[], links: LinkIndex): Unit[] {
  const home = new Map<Step, Unit>();
  const units: Unit[] = [];
  for (const cluster of clusters) {
    let last: Unit | undefined;
    for (const { steps } of segmentsOf(cluster, links) ?? []) {
      const hands = steps.find((step) => step.mode === 'hands' && !isSettled(step));
      if (!hands) continue;
      const unit = unitOf(steps, hands, board.eligibleFor(hands));
      if (last) join(last, unit);
      for (const step of steps) home.set(step, unit);
      units.push(unit);
      last = unit;
    }
  }
  for (const unit of units)
    for (const step of unit.steps)
      for (const link of links.into(step)) {
        const before = home.get(link.before);
        if (before && before !== unit) join(before, unit);
      }
  return units;
}

/** Kinds or heights from the ceiling to the floor, by where most of their work is. */
function groupsInOrder(units: readonly Unit[], grouping: Policy['grouping']): Map<unknown, number> {
  const tasks = groupBy(
    units.map(({ task }) => task),
    (task) => groupOf(task, grouping),
  );
  const meanLayer = (own: readonly Task[]) => own.reduce((sum, { layer }) => sum + layer, 0) / own.length;
  const inOrder = [...tasks].sort(([, a], [, b]) => meanLayer(a) - meanLayer(b));
  return new Map(inOrder.map(([group], i) => [group, i]));
}

function unitOf(steps: readonly Step[], hands: Step, able: readonly Person[]): Unit {
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
    able: new Set(able),
    shortest: Math.min(hands.split ?? hands.minutes, hands.minutes),
    before: new Set(),
    followers: [],
    ready: 0,
    weight: 0,
    place: 0,
  };
}

function join(before: Unit, after: Unit): void {
  if (after.before.has(before)) return;
  after.before.add(before);
  before.followers.push(after);
}
