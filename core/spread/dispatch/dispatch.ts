import { PRIORITIES } from '../../basics/choices';
import { lazyList } from '../../basics/lazy-list';
import { type DayNumber, dayOfMinute, type Minute, midnightOf } from '../../basics/local-time';
import { groupOf } from '../cost/costs';
import { type Board, isFixedEntry, NEVER } from '../draft/board';
import { type PlaceOptions, type Trial, tryPlacing } from '../draft/place';
import type { Cluster } from '../model/clusters';
import type { Link, Model, Person, Room, Step } from '../model/model';

import type { LinkIndex } from '../model/step-order';
import type { Pace } from './pace';
import { Shelf } from './shelf';
import { groupsInOrder, isToDo, type Unit, unitsOf } from './unit';

/** How work is gone about from one moment to the next. */
export type Manner = {
  /** Nothing of less priority while something of more could be done. */
  readonly priorityFirst: boolean;
  /** First what breaks no wish, even if that means to go elsewhere. */
  readonly byWishes: boolean;
  /** Where work goes by kind or height: so many minutes of one are worth a date; where nothing is said, one minute is. */
  readonly worthADate?: number;
  /** In which order rooms are taken. */
  readonly roomOrder: readonly Room[];
  /** Nothing before this; absent: from the first moment on. */
  readonly from?: Minute;
  /** Nothing is taken up from this moment on. */
  readonly until?: Minute;
  /** Where work goes by kind or height: all of it that is to be done in a room before going on all the same. */
  readonly roomFirst?: boolean;
  /** Absent: as much on a date as fits. */
  readonly pace?: Pace;
  /**
   * A room more than is wished for is opened only where there has been nothing else to do on so many dates, and a kind or
   * height is begun on a date only where that is worth it; absent: both come after two days.
   */
  readonly patience?: number;
};

/** Standing about for so long is worth it where it keeps somebody in the same stretch of work. */
const MOST_IDLE = 10;
/** What is looked for: first what needs no standing about and breaks no wish. */
const PASSES = [
  { idle: 2, wishes: true },
  { idle: MOST_IDLE, wishes: true },
  { idle: MOST_IDLE, wishes: false },
] as const;
/** Wishes that cost no more than this are broken rather than wait for. */
const LITTLE_WISHED = 25;
/** Where one kind or height of work comes before the next, it is waited for from one day to the next. */
const PATIENCE = 24 * 60;
/** What waits to be seen to and can't be just now is looked at again after so many minutes. */
const LOOK_AGAIN = 15;
/** What somebody has begun is theirs for so long before another goes on with it. */
const THEIRS = 60;
/** So many minutes of work are worth going to a room for, and to begin at all. */
const WORTH_GOING = 10;
const WORTH_BEGINNING = 25;
/** The same for a room in which nothing is begun. */
const WORTH_OPENING = 30;
/** Where work goes by kind or height, so many minutes of one are worth beginning with it on a date. */
export const WORTH_A_DATE = 40;
/** The second one on a date has to be worth so many times as much. */
const FURTHER = 3;
/** After so long something is done even where it is not worth going. */
const MOST_PASSING = 2 * 24 * 60;
/** Patience that is soon at an end, in dates without work; and one that lasts for a week's other people. */
export const SOME_PATIENCE = 2;
export const MUCH_PATIENCE = 6;
/** A room is finished though the date holds enough, where no more than this is missing. */
const TO_FINISH = 30;

/**
 * Work dealt out as sensible people go about it: each stays in a room until nothing is left to do there for now, starts
 * what soaks or runs first, goes from high to low, sees to what has waited, and goes on to a room that is begun before
 * one that is not. Places what it can of the clusters; what finds no moment stays off the board.
 */
export function dispatch(board: Board, clusters: readonly Cluster[], links: LinkIndex, manner: Manner): void {
  new Dispatch(board, clusters, links, manner).run();
}

/** Whether a job, or a height, goes through the whole house before the next. */
export function isByGroup({ grouping }: Model['policy']): boolean {
  return grouping === 'kind' || grouping === 'layer';
}

/** Somebody who is free, and how things stand for them. */
type Turn = {
  readonly person: Person;
  readonly clock: Minute;
  /** Hands-on minutes before their time ends that day. */
  readonly left: number;
  /** When something that they set going has to be seen to. */
  readonly due: Minute;
  /** The minutes that it takes, of those that are left. */
  readonly owed: number;
  /** Minutes that they would still do on the date; none where it holds enough already. */
  readonly wanted: number;
};

class Dispatch {
  private readonly shelf = new Shelf();
  private readonly clocks: Minute[];
  /** Since when somebody has found nothing to do; undefined while they are at work. */
  private readonly idleFrom: (Minute | undefined)[];
  private readonly rooms: (Room | undefined)[];
  /** Dates on which somebody found nothing to do, since they last did something. */
  private readonly inVain: Set<DayNumber>[];
  private readonly begun = new Set<Room>();
  /** Since when a room was not worth going to, or a unit would break wishes. */
  private readonly passedOver = new Map<Room | Unit | number, Minute>();
  /** What has to be seen to by some moment. */
  private readonly pressed = new Set<Unit>();
  private readonly givenUp = new Set<Unit>();
  private readonly anew = new Set<Unit>();
  /** Steps that are still to be placed. */
  private readonly toCome: Set<Step>;
  /** Hands-on minutes still to come in a room. */
  private readonly pending = new Map<Room, number>();
  /** The same of a kind or height, and which are done on a date. */
  private readonly pendingOf: number[] = [];
  private readonly groupsOn = new Map<DayNumber, Set<number>>();
  private readonly from: Minute;
  private readonly until: Minute;
  private readonly byGroup: boolean;
  /** Whatever weighs less is pressing. */
  private pressing = 0;

  constructor(
    private readonly board: Board,
    clusters: readonly Cluster[],
    private readonly links: LinkIndex,
    private readonly manner: Manner,
  ) {
    const { model } = board;
    this.from = Math.max(model.start, model.now ?? model.start, manner.from ?? model.start);
    this.until = Math.min(model.end, manner.until ?? model.end);
    this.idleFrom = model.people.map(() => undefined);
    this.inVain = model.people.map(() => new Set());
    this.clocks = model.people.map(() => this.from);
    this.rooms = model.people.map(() => undefined);
    this.byGroup = isByGroup(model.policy);
    const units = this.ranked(unitsOf(board, clusters, links));
    this.toCome = new Set(units.flatMap(({ steps }) => steps));
    for (const unit of units) this.count(unit, -1);
    for (const unit of units) if (unit.before.size === 0) this.release(unit);
    for (const unit of units) if (unit.able.size < unit.hands.crew) this.giveUp(unit);
  }

  /** Units with what decides between them wherever anybody is: what was set going first, then by weight and school. */
  private ranked(units: Unit[]): Unit[] {
    const { grouping } = this.board.model.policy;
    const inPlace = units.toSorted(
      (a, b) =>
        Number(b.waitsLong) - Number(a.waitsLong) ||
        a.task.layer - b.task.layer ||
        a.task.index - b.task.index,
    );
    const groups = this.byGroup ? groupsInOrder(units, grouping) : new Map<unknown, number>();
    this.pressing = PRIORITIES.length * Math.max(1, groups.size);
    inPlace.forEach((unit, place) => {
      const priority = this.manner.priorityFirst ? PRIORITIES.indexOf(unit.task.priority) : 0;
      unit.group = groups.get(groupOf(unit.task, grouping)) ?? 0;
      unit.place = place;
      const group = this.manner.roomFirst ? 0 : unit.group;
      unit.weight = (unit.tends ? 0 : this.pressing) + priority * Math.max(1, groups.size) + group;
    });
    return units;
  }

  run(): void {
    for (let person = this.next(); person && this.shelf.size > 0; person = this.next()) this.take(person);
  }

  /** Whose turn it is: whoever is free first. */
  private next(): Person | undefined {
    let first: Person | undefined;
    for (const person of this.board.model.people) {
      const clock = this.clocks[person.index] as Minute;
      if (clock < this.until && (!first || clock < (this.clocks[first.index] as Minute))) first = person;
    }
    return first;
  }

  /** Somebody takes up what comes first and can begin about now; else they look again later. */
  private take(person: Person): void {
    const clock = this.clocks[person.index] as Minute;
    this.idleFrom[person.index] = undefined;
    const free = this.board.freeFrom(person, clock);
    this.clocks[person.index] = free;
    if (free > clock + MOST_IDLE) return;
    const turn = this.turnOf(person, free);
    const unit = this.isWorthBeginning(turn) ? this.choose(turn) : undefined;
    if (unit) this.settle(unit);
    else this.standBy(turn);
  }

  private turnOf(person: Person, clock: Minute): Turn {
    let [due, owed] = [NEVER, 0];
    const opening = this.nextOpening(person, clock);
    for (const unit of this.pressed)
      if (unit.due < clock) this.beginAnew(unit, clock);
      else if (unit.owner === person) {
        due = Math.min(due, unit.due);
        if (unit.due < opening) owed += unit.shortest;
      }
    return {
      person,
      clock,
      due,
      owed,
      left: this.board.leftFor(person, clock),
      wanted: this.wanted(person, clock),
    };
  }

  /** Minutes that somebody's pace leaves on a date. */
  private wanted(person: Person, clock: Minute): number {
    const { pace } = this.manner;
    if (!pace) return NEVER;
    const day = dayOfMinute(clock);
    const today = pace.ofDate(person, day) - this.board.workedOn(person, day);
    return Math.min(today, pace.upTo(person, day) - this.board.minutesOf(person));
  }

  private choose(turn: Turn): Unit | undefined {
    const first = this.byGroup ? this.awaitedTomorrow(turn) : NEVER;
    const candidates = lazyList(this.candidates(turn, first));
    for (const { idle, wishes } of PASSES) {
      let awaited = first;
      for (const unit of candidates) {
        if (unit.weight > awaited) break;
        if (this.readyFor(unit, turn.person) > turn.clock + idle) continue;
        if (!this.suitsWishes(unit, turn.clock, wishes && this.manner.byWishes)) continue;
        const start = this.begin(unit, turn, turn.clock + idle);
        if (start <= turn.clock + idle) return unit;
        if (this.byGroup && start < turn.clock + PATIENCE) awaited = Math.min(awaited, unit.weight);
      }
    }
    return undefined;
  }

  /** What somebody could take up about now, what comes first first, and nothing that waits for what weighs so much. */
  private *candidates(turn: Turn, awaited: number): Generator<Unit> {
    const rooms = this.roomsFor(turn.person);
    const isWorth = this.groupsWorth(turn);
    for (const unit of this.shelf.inOrder(rooms, this.roomsAskedFor(turn))) {
      if (unit.weight > awaited) break;
      if (this.readyFor(unit, turn.person) > turn.clock + MOST_IDLE) continue;
      if (this.isFor(unit, turn) && (unit.tends || this.isWorthToday(unit, isWorth))) yield unit;
    }
  }

  /** Whether what would better come before a unit is done, or won't be; little may be wished for in vain. */
  private suitsWishes(unit: Unit, clock: Minute, all: boolean): boolean {
    let cost = 0;
    for (const link of unit.wishes) if (this.isUnmet(link, clock)) cost += link.cost;
    return cost === 0 || (!all && (cost <= LITTLE_WISHED || this.passOver(unit, clock)));
  }

  private isUnmet({ before, minGap }: Link, clock: Minute): boolean {
    const end = this.board.endOf(before);
    return end === undefined ? this.toCome.has(before) : end + minGap > clock + MOST_IDLE;
  }

  /** Here before rooms that are begun, the one that lacks least first, before others. */
  private roomsFor({ index }: Person): Room[] {
    const here = this.rooms[index];
    const others = this.manner.roomOrder.filter((room) => room !== here);
    const pending = (room: Room) => this.pending.get(room) ?? 0;
    return [
      ...(here ? [here] : []),
      ...others.filter((room) => this.begun.has(room)).sort((a, b) => pending(a) - pending(b)),
      ...others.filter((room) => !this.begun.has(room)),
    ];
  }

  /** Whether somebody would take something up now if it can begin. */
  private isFor(unit: Unit, { person, clock, left, due, owed }: Turn): boolean {
    if (!unit.able.has(person) || unit.shortest > left) return false;
    if (unit.tends) return true;
    const tending = unit.awaited ? unit.awaited.minutes : 0;
    return clock + unit.stint <= due && unit.shortest + tending <= left - owed;
  }

  /** In which rooms somebody would work now, by what weighs how much: what presses is done in any. */
  private roomsAskedFor(turn: Turn): (weight: number, room: Room) => boolean {
    const known = new Map<Room, boolean>();
    const isWorth = (room: Room) => {
      let worth = known.get(room);
      if (worth === undefined) {
        worth = this.isWorthBeingIn(room, turn);
        known.set(room, worth);
      }
      return worth;
    };
    return (weight, room) => weight < this.pressing || isWorth(room);
  }

  /** Which kinds or heights somebody would do now: what is done on the date anyway, and what there is enough of. */
  private groupsWorth({ person, clock, left }: Turn): (group: number) => boolean {
    const { worthADate } = this.manner;
    if (!this.byGroup || worthADate === undefined) return () => true;
    const today = this.groupsOn.get(dayOfMinute(clock));
    const known = new Map<number, boolean>();
    const isFull = this.manner.roomFirst && today !== undefined && this.fillDate(today, clock);
    return (group) => {
      if (today?.has(group)) return true;
      if (isFull) return false;
      const most = Math.min(worthADate * (today ? FURTHER : 1), this.pendingOf[group] ?? 0);
      const ahead = () => this.minutesAhead(this.shelf.of(group), person, clock, most, group);
      const isEnough = () => left >= most && ahead() >= most;
      const worth =
        known.get(group) ??
        (isEnough() || (this.manner.patience === undefined && this.passOver(group, clock)));
      known.set(group, worth);
      return worth;
    };
  }

  /** Whether what is begun of some kinds or heights takes all the time that is left on a date. */
  private fillDate(groups: ReadonlySet<number>, clock: Minute): boolean {
    let left = 0;
    for (const person of this.board.model.people) {
      const window = this.board.windowFrom(person, clock);
      if (window && dayOfMinute(window.start) === dayOfMinute(clock))
        left += this.board.leftFor(person, Math.max(clock, window.start));
    }
    for (const group of groups) left -= this.pendingOf[group] ?? 0;
    return left <= 0;
  }

  /** What a machine does takes as many dates as the machine does: it goes on beside other work. */
  private isWorthToday({ group, byMachine }: Unit, isWorth: (group: number) => boolean): boolean {
    return byMachine || isWorth(group);
  }

  private isWorthBeingIn(room: Room, { person, clock, left, wanted }: Turn): boolean {
    const isHere = this.rooms[person.index] === room;
    const isBegun = this.begun.has(room);
    const pending = this.pending.get(room) ?? 0;
    if (wanted <= 0) return (isHere || isBegun) && pending <= TO_FINISH;
    // Where a job or a height goes through the whole house, going from room to room is how it is done.
    if (isHere || this.byGroup) return true;
    const { openRooms } = this.board.model.policy;
    if (!isBegun && this.begun.size >= Math.max(1, openRooms)) return this.mayOpen(room, person, clock);
    const most = Math.min(isBegun ? WORTH_GOING : WORTH_OPENING, pending);
    if (!isBegun && wanted < most) return this.mayOpen(room, person, clock);
    if (Math.min(left, this.minutesAhead(this.shelf.in(room), person, clock, most)) >= most) return true;
    return isBegun ? this.passOver(room, clock) : this.mayOpen(room, person, clock);
  }

  /** Whether somebody opens one more room than is wished for, since they have found nothing else to do for some dates. */
  private mayOpen(room: Room, { index }: Person, clock: Minute): boolean {
    const { patience } = this.manner;
    if (patience === undefined) return this.passOver(room, clock);
    return (this.inVain[index] as Set<DayNumber>).size >= patience;
  }

  /** Whether a room, or a unit, has been passed over for long enough. */
  private passOver(what: Room | Unit | number, clock: Minute): boolean {
    const since = this.passedOver.get(what) ?? clock;
    this.passedOver.set(what, since);
    return clock - since >= MOST_PASSING;
  }

  /** A stretch of work is begun where it is long enough, or something needs to be seen to, or it won't get any longer. */
  private isWorthBeginning(turn: Turn): boolean {
    const { person, clock, left } = turn;
    const before = this.board.lastWorkBefore(person, clock);
    if (before !== undefined && clock - before < THEIRS) return true;
    const isWorth = this.groupsWorth(turn);
    for (const unit of this.shelf.units) {
      if (!unit.able.has(person)) continue;
      if (unit.tends && unit.ready <= clock + MOST_IDLE) return true;
      if (unit.ready + MOST_PASSING <= clock && this.isWorthToday(unit, isWorth)) return true;
    }
    const most = Math.min(WORTH_BEGINNING, left);
    return this.minutesAhead(this.worthDoing(isWorth), person, clock, most) >= most;
  }

  private *worthDoing(isWorth: (group: number) => boolean): Generator<Unit> {
    for (const unit of this.shelf.all()) if (this.isWorthToday(unit, isWorth)) yield unit;
  }

  /** Minutes of work that somebody could do one after the other from some units on, as far as `most`, staying in their rooms. */
  private minutesAhead(
    units: Iterable<Unit>,
    person: Person,
    clock: Minute,
    most: number,
    group?: number,
  ): number {
    let minutes = 0;
    const seen = new Set<Unit>();
    const look = (unit: Unit) => {
      if (minutes >= most || seen.has(unit) || !unit.able.has(person)) return;
      seen.add(unit);
      minutes += unit.minutes;
      for (const follower of unit.followers.keys())
        if (
          (group === undefined ? follower.task.room === unit.task.room : follower.group === group) &&
          [...follower.before].every((one) => seen.has(one))
        )
          look(follower);
    };
    for (const unit of units) {
      if (minutes >= most) break;
      if (this.readyFor(unit, person) <= clock + MOST_IDLE) look(unit);
    }
    return minutes;
  }

  /** When somebody may begin a unit at the soonest, as far as is known. */
  private readyFor(unit: Unit, person: Person): Minute {
    const theirs = unit.owner && unit.owner !== person && unit.able.has(unit.owner) ? THEIRS : 0;
    return Math.max(unit.ready + unit.lead + theirs, unit.later[person.index] ?? 0);
  }

  /** Places a unit if it can begin by a moment; gives its start, or when it could be tried again. */
  private begin(unit: Unit, { person, clock }: Turn, latest: Minute): Minute {
    const from = Math.max(clock, unit.ready + unit.lead);
    const start = this.soonest(unit, person, from, latest);
    if (start > latest) return this.putOff(unit, person, start);
    const notBefore = Math.max(this.from, start - unit.lead);
    return this.placeBy(latest, unit, person, { wishes: false, notBefore, notAfter: latest, who: person });
  }

  /** When somebody may begin a unit at the soonest: they have time for it, and what it sets going can go. */
  private soonest(unit: Unit, person: Person, from: Minute, latest: Minute): Minute {
    const { hands, shortest, sets } = unit;
    for (let at = from; ; ) {
      const start = this.board.handsStart(hands, [person], shortest, at, undefined);
      if (!sets || start > latest) return start;
      const end = start + hands.minutes;
      const goes = this.board.waitStart(sets, end, undefined);
      if (goes <= end) return start;
      at = goes - hands.minutes;
      if (at > latest) {
        this.hurry(unit);
        return tomorrow(from);
      }
    }
  }

  private placeBy(latest: Minute, unit: Unit, person: Person, options: PlaceOptions): Minute {
    const clock = this.clocks[person.index] as Minute;
    const trial = this.tryWith(unit, options);
    // What does not fit today, all of it, is looked at again tomorrow; what waits to be seen to, soon.
    const again = unit.tends ? clock + LOOK_AGAIN : tomorrow(clock);
    if (!trial) {
      this.hurry(unit);
      return this.putOff(unit, person, again);
    }
    const start = this.board.startOf(unit.hands) as Minute;
    const isSeenTo = this.isSeenTo(unit);
    if (start <= latest && isSeenTo) return start;
    trial.takeBack();
    return this.putOff(unit, person, unit.tends || !isSeenTo ? again : start);
  }

  /** By somebody, all of it; else, where there is more to it than one step, with whoever is there for the rest. */
  private tryWith({ steps }: Unit, options: PlaceOptions): Trial | undefined {
    const { who, ...byAnybody } = options;
    const trial = tryPlacing(this.board, steps, this.links, options);
    if (trial || steps.filter(isToDo).length < 2) return trial;
    return tryPlacing(this.board, steps, this.links, byAnybody);
  }

  /** What could not be done in time any more on a date is taken up before other work on the next. */
  private hurry(unit: Unit): void {
    if (this.byGroup || unit.weight < this.pressing) return;
    this.shelf.remove(unit);
    unit.weight -= this.pressing;
    this.shelf.add(unit);
  }

  /** Whether somebody has time in time for what it sets going. */
  private isSeenTo({ steps, awaited }: Unit): boolean {
    if (!awaited) return true;
    const wait = steps[steps.length - 1] as Step;
    const start = this.board.startOf(wait) as Minute;
    const length = Math.min(awaited.split ?? awaited.minutes, awaited.minutes);
    const [from, until] = [start + wait.minutes, start + wait.atMost];
    return this.board
      .eligibleFor(awaited)
      .some((person) => this.board.handsStart(awaited, [person], length, from, undefined, until) !== NEVER);
  }

  private putOff(unit: Unit, { index }: Person, until: Minute): Minute {
    unit.later[index] = until;
    return until;
  }

  /** By kinds or heights: what is to come first and does not fit today any more, but tomorrow; the rest waits for it. */
  private awaitedTomorrow({ person, clock, left }: Turn): number {
    if (this.nextOpening(person, clock) > clock + PATIENCE) return NEVER;
    for (const unit of this.shelf.inOrder(this.manner.roomOrder, () => true))
      if (unit.able.has(person) && unit.ready + unit.lead <= clock && unit.shortest > left)
        return unit.weight;
    return NEVER;
  }

  /** Nothing to do now: until something can begin, or their next stretch of time. */
  private standBy({ person, clock, left, wanted }: Turn): void {
    let next = this.nextOpening(person, clock);
    for (const unit of this.shelf.units) {
      if (!unit.able.has(person) || unit.shortest > left || (wanted <= 0 && !unit.tends)) continue;
      const ready = this.readyFor(unit, person);
      if (ready > clock + MOST_IDLE) next = Math.min(next, ready);
    }
    this.clocks[person.index] = next;
    this.idleFrom[person.index] = clock;
    if (left > 0 && wanted > 0) (this.inVain[person.index] as Set<DayNumber>).add(dayOfMinute(clock));
  }

  /** Where everybody stands once a unit is placed, and what may begin by it. */
  private settle(unit: Unit): void {
    const { room } = unit.task;
    this.shelf.remove(unit);
    this.pressed.delete(unit);
    this.begun.add(room);
    this.passedOver.delete(room);
    this.count(unit, 1);
    this.noteGroup(unit);
    if ((this.pending.get(room) ?? 0) <= 0) this.begun.delete(room);
    for (const follower of unit.followers.keys()) this.free(follower, unit);
    for (const person of this.board.model.people) this.follow(person, unit);
  }

  private count({ task: { room }, group, minutes }: Unit, sign: 1 | -1): void {
    this.pending.set(room, (this.pending.get(room) ?? 0) - sign * minutes);
    this.pendingOf[group] = (this.pendingOf[group] ?? 0) - sign * minutes;
  }

  private noteGroup({ steps, group, byMachine }: Unit): void {
    if (!this.byGroup || byMachine) return;
    this.passedOver.delete(group);
    for (const entry of steps.flatMap((step) => this.board.entriesOf(step))) {
      if (entry.people.length === 0) continue;
      const day = dayOfMinute(entry.start);
      this.groupsOn.set(day, (this.groupsOn.get(day) ?? new Set()).add(group));
    }
  }

  /** What finds no moment keeps nothing from being done but what can't be without it. */
  private giveUp(unit: Unit): void {
    if (this.givenUp.has(unit)) return;
    this.givenUp.add(unit);
    this.pressed.delete(unit);
    this.shelf.remove(unit);
    for (const step of unit.steps) this.toCome.delete(step);
    this.count(unit, 1);
    for (const [follower, needs] of unit.followers)
      if (needs) this.giveUp(follower);
      else this.free(follower, unit);
  }

  /** What nobody saw to in time is taken off, all of it, and begun anew on another date; once. */
  private beginAnew(unit: Unit, clock: Minute): void {
    if (this.anew.has(unit)) {
      this.giveUp(unit);
      return;
    }
    this.anew.add(unit);
    this.pressed.delete(unit);
    this.shelf.remove(unit);
    let first = unit;
    for (let one = unit.previous; one; one = one.previous) {
      this.takeOff(one);
      first = one;
    }
    first.ready = tomorrow(clock);
    if (first.before.size === 0) this.shelf.add(first);
  }

  /** Off the board, with whatever was placed after it: all of that waits for it again. */
  private takeOff(unit: Unit): void {
    for (const step of unit.steps)
      for (const entry of this.board.entriesOf(step)) if (!isFixedEntry(entry)) this.board.take(entry);
    this.count(unit, -1);
    for (const follower of unit.followers.keys()) {
      if (this.givenUp.has(follower)) continue;
      this.shelf.remove(follower);
      this.pressed.delete(follower);
      follower.before.add(unit);
      if (this.board.startOf(follower.hands) !== undefined) this.takeOff(follower);
    }
  }

  private free(unit: Unit, from: Unit): void {
    if (!unit.before.delete(from) || unit.before.size > 0 || this.givenUp.has(unit)) return;
    this.release(unit);
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
    this.inVain[person.index]?.clear();
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
    this.findOwner(unit);
    this.shelf.add(unit);
    if (unit.due < NEVER) this.pressed.add(unit);
    for (const person of unit.able) this.wake(person, ready + unit.lead);
  }

  private findOwner(unit: Unit): void {
    const previous = unit.hands.task.steps.slice(0, unit.hands.position);
    const wait = previous[previous.length - 1];
    const started = wait && this.board.startOf(wait);
    if (unit.tends && wait && started !== undefined) unit.due = started + wait.atMost;
    for (const step of previous.toReversed()) unit.owner ??= this.board.entriesOf(step)[0]?.people[0];
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

  /** When the next stretch of somebody's time begins. */
  private nextOpening(person: Person, clock: Minute): Minute {
    const window = this.board.windowFrom(person, clock);
    return window ? this.board.opensFor([person], window.end) : NEVER;
  }
}

function tomorrow(clock: Minute): Minute {
  return midnightOf(dayOfMinute(clock) + 1);
}
