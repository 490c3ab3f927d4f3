import { groupBy } from '../basics/group-by';
import { type DayNumber, dayOfMinute, type Minute, midnightOf } from '../basics/local-time';
import { clearOfDaily } from './daily';
import { FreeHours, windowStart } from './free-hours';
import { type Placed, SESSION_GAP } from './metrics';
import {
  eligiblePeople,
  lastDayOf,
  type Machine,
  type Model,
  type Person,
  type Room,
  type Span,
  type Step,
  type Task,
} from './model';
import { longestPiece, TimeLeft } from './time-left';
import { Track } from './track';

/** "Not before the end of time": no start will do. */
export const NEVER = Number.POSITIVE_INFINITY;

/** Conditions that may be lifted one at a time, to find out which of them kept a task out of the plan. */
export type Lifted = 'dry' | 'daylight' | 'latest' | 'machine' | 'focus' | 'attendance' | undefined;

/** What counts when somebody is chosen, against a whole share of the work: a minute of standing about, a dislike. */
const IDLE_WEIGHT = 1;
const DISLIKE_WEIGHT = 10;

/** What may be in the way of a step: people, the room, a machine, the sky. */
export type Obstacle = 'nobody' | 'busy' | 'room' | 'machine' | 'weather' | 'daylight';

/** Told of an entry that is put (1) or taken (-1). */
export type Watcher = (entry: Placed, sign: 1 | -1) => void;

export type RoomUse = Span & { readonly count: number; readonly people: readonly Person[] };

/** While a step keeps some people out of its room. */
type Keeping = Span & { readonly people: ReadonlySet<Person> };

/** Where an entry stands in the list, and what it takes of a machine and a room. */
type Mark = { at: number; run?: Span; use?: RoomUse; closing?: Span; keeping?: Keeping };

/**
 * What is taken so far: people, machines, rooms. Its questions all have the form "from this minute on, when is the
 * first start at which this holds?", so that they can be asked in turn until none moves the answer.
 */
export class Board {
  private readonly work: Track<Placed>[];
  private readonly runs: Track<Span>[];
  private readonly people: Track<RoomUse>[];
  private readonly closed: Track<Span>[];
  private readonly hours: FreeHours;
  /** Who is kept out of each room. */
  private readonly keeping: Track<Keeping>[];
  private readonly loads = new Map<DayNumber, number>();
  /** The windows of each person by date; none crosses midnight. */
  private readonly windowsOn: readonly ReadonlyMap<DayNumber, readonly Span[]>[];
  private readonly timeLeft: readonly TimeLeft[];
  /** Hands-on minutes of each person by date. */
  private readonly worked: Map<DayNumber, number>[];
  private readonly shares: number[];
  private readonly offered: readonly number[];
  private readonly eligible = new Map<Step, readonly Person[]>();
  private readonly marks = new Map<Placed, Mark>();
  private readonly placed = new Map<Step, Placed[]>();
  private readonly watchers = new Set<Watcher>();
  private readonly listed: Placed[] = [];

  constructor(
    readonly model: Model,
    /** A wish: no more hands-on person-minutes than this on one date. */
    private dayLoad: number = NEVER,
  ) {
    this.work = model.people.map(() => new Track<Placed>());
    this.runs = model.machines.map(() => new Track<Span>());
    this.people = model.rooms.map(() => new Track<RoomUse>());
    this.closed = model.rooms.map(() => new Track<Span>());
    this.hours = new FreeHours(model);
    this.keeping = model.rooms.map(() => new Track<Keeping>());
    this.shares = model.people.map(() => 0);
    const windows = model.people.map((person) => this.hours.of(person));
    this.offered = windows.map((own) => own.reduce((sum, w) => sum + w.end - w.start, 0) || 1);
    this.worked = model.people.map(() => new Map());
    this.windowsOn = windows.map((own) => groupBy(own, ({ start }) => dayOfMinute(start)));
    this.timeLeft = model.people.map(
      (person) => new TimeLeft(model.firstDay, model.lastDay, (day) => this.mostOn(person, day)),
    );
  }

  put(entry: Placed): void {
    const { step } = entry;
    const mark: Mark = { at: this.listed.push(entry) - 1 };
    const busyUntil = step.mode === 'hands' ? entry.end : entry.start + step.minutes;
    if (step.machine && busyUntil > entry.start) {
      mark.run = { start: entry.start, end: busyUntil };
      this.runs[step.machine.index]?.add(mark.run);
    }
    if (step.mode === 'hands') {
      for (const person of entry.people) this.work[person.index]?.add(entry);
      mark.use = { start: entry.start, end: entry.end, count: entry.people.length, people: entry.people };
      this.people[step.task.room.index]?.add(mark.use);
    } else if (step.closesRoom && step.minutes > 0) {
      mark.closing = { start: entry.start, end: busyUntil };
      this.closed[step.task.room.index]?.add(mark.closing);
    }
    if (step.keepsOut.size > 0 && busyUntil > entry.start) {
      mark.keeping = { start: entry.start, end: busyUntil, people: step.keepsOut };
      this.keeping[step.task.room.index]?.add(mark.keeping);
    }
    this.marks.set(entry, mark);
    this.placed.set(entry.step, [...this.entriesOf(entry.step), entry]);
    this.weigh(entry, 1);
    for (const watcher of this.watchers) watcher(entry, 1);
  }

  take(entry: Placed): void {
    const mark = this.marks.get(entry);
    if (mark) this.strike(mark.at);
    if (mark?.run) this.runs[(entry.step.machine as Machine).index]?.remove(mark.run);
    if (mark?.use) this.people[entry.step.task.room.index]?.remove(mark.use);
    if (mark?.keeping) this.keeping[entry.step.task.room.index]?.remove(mark.keeping);
    if (mark?.closing) this.closed[entry.step.task.room.index]?.remove(mark.closing);
    if (entry.step.mode === 'hands')
      for (const person of entry.people) this.work[person.index]?.remove(entry);
    this.marks.delete(entry);
    const left = this.entriesOf(entry.step).filter((other) => other !== entry);
    if (left.length > 0) this.placed.set(entry.step, left);
    else this.placed.delete(entry.step);
    this.weigh(entry, -1);
    for (const watcher of this.watchers) watcher(entry, -1);
  }

  /** All that lies on the board, in no order; the list itself, which changes with it. */
  entries(): readonly Placed[] {
    return this.listed;
  }

  /** Has these entries on it, and no others. */
  restore(before: ReadonlySet<Placed>): void {
    for (const entry of [...this.listed]) if (!before.has(entry)) this.take(entry);
    for (const entry of before) if (!this.marks.has(entry)) this.put(entry);
  }

  /** The last in the list takes the place of the one that goes. */
  private strike(at: number): void {
    const last = this.listed.pop() as Placed;
    if (at === this.listed.length) return;
    this.listed[at] = last;
    (this.marks.get(last) as Mark).at = at;
  }

  entriesOf(step: Step): readonly Placed[] {
    return this.placed.get(step) ?? [];
  }

  /** When the step starts; undefined while it is not placed, and for a done step. */
  startOf(step: Step): Minute | undefined {
    const entries = this.placed.get(step);
    return entries && Math.min(...entries.map((entry) => entry.start));
  }

  /** When the step ends or was done; undefined while it is not placed. */
  endOf(step: Step): Minute | undefined {
    if (step.doneAt !== undefined) return step.doneAt;
    const entries = this.placed.get(step);
    return entries && Math.max(...entries.map((entry) => entry.end));
  }

  private weigh(entry: Placed, sign: 1 | -1): void {
    if (entry.step.mode !== 'hands') return;
    const length = (entry.end - entry.start) * sign;
    const day = dayOfMinute(entry.start);
    this.loads.set(day, (this.loads.get(day) ?? 0) + length * entry.people.length);
    for (const { index } of entry.people) {
      this.shares[index] = (this.shares[index] ?? 0) + length;
      const worked = this.worked[index] as Map<DayNumber, number>;
      worked.set(day, (worked.get(day) ?? 0) + length);
      this.timeLeft[index]?.forget(day);
    }
  }

  eligibleFor(step: Step): readonly Person[] {
    let found = this.eligible.get(step);
    if (!found) {
      found = eligiblePeople(step, this.model.people);
      this.eligible.set(step, found);
    }
    return found;
  }

  /** Runs with another wish for the load of a date; `NEVER` sets it aside. */
  withDayLoad<T>(dayLoad: number, run: () => T): T {
    const usual = this.dayLoad;
    this.dayLoad = dayLoad;
    const result = run();
    this.dayLoad = usual;
    return result;
  }

  /** The longest piece of work that a person's free time and cap leave room for on a date, in minutes. */
  private mostOn(person: Person, day: DayNumber): number {
    const work = this.workOn(person, day);
    const windows = this.windowsOn[person.index]?.get(day) ?? [];
    const longest = Math.max(0, ...windows.map((window) => longestPiece(window, work, person)));
    return Math.max(0, Math.min(longest, person.dailyCap - (this.worked[person.index]?.get(day) ?? 0)));
  }

  /** The stretch of somebody's time that goes on at a moment, or begins next. */
  windowFrom(person: Person, at: Minute): Span | undefined {
    return this.hours.of(person).find(({ end }) => end > at);
  }

  /** The most hands-on minutes that somebody can do in one go from about a moment on, before their time ends that day. */
  leftFor(person: Person, at: Minute): number {
    const window = this.windowFrom(person, at);
    const done = this.worked[person.index]?.get(dayOfMinute(at)) ?? 0;
    return window ? Math.max(0, Math.min(window.end - at, person.dailyCap - done)) : 0;
  }

  /** Who stands about least for it, then who would rather do it, then who has done the least so far; the less, the better. */
  preference(person: Person, step: Step, span: Span): number {
    const dislike = person.dislikes[step.task.kind] ?? 0;
    const share = (this.shares[person.index] ?? 0) / (this.offered[person.index] ?? 1);
    return this.idleFor(person, span) * IDLE_WEIGHT + dislike * DISLIKE_WEIGHT + share;
  }

  /** Minutes between work of one session that this work would add, or fill. */
  private idleFor(person: Person, { start, end }: Span): number {
    const track = this.work[person.index] as Track<Placed>;
    const at = track.firstFrom(start);
    const [previous, next] = [track.spans[at - 1], track.spans[at]];
    const before = previous ? start - previous.end : SESSION_GAP;
    const after = next ? next.start - end : SESSION_GAP;
    if (before < SESSION_GAP && after < SESSION_GAP && before + after + end - start < SESSION_GAP)
      return start - end;
    return (before < SESSION_GAP ? before : 0) + (after < SESSION_GAP ? after : 0);
  }

  /**
   * The first start from `from` on at which these people can work on the step for `length` minutes; `NEVER` also where
   * that is later than `until`.
   */
  handsStart(
    step: Step,
    crew: readonly Person[],
    length: number,
    from: Minute,
    lifted: Lifted,
    until = NEVER,
  ): Minute {
    let start = from;
    for (;;) {
      let next = start;
      for (const person of crew) next = this.personStart(person, step.task, length, next, lifted, until);
      if (next === NEVER) return NEVER;
      next = this.calendarStart(step, length, next, lifted);
      next = this.roomStart(step, crew, length, next);
      if (step.machine && lifted !== 'machine') next = this.machineStart(step.machine, length, next);
      if (next > until || next === NEVER) return NEVER;
      if (next === start) return start;
      start = next;
    }
  }

  /** What keeps a step from beginning a minute sooner; undefined where nothing does. */
  obstacleBefore(step: Step, start: Minute): Obstacle | undefined {
    const at = start - 1;
    if (step.mode === 'wait') return this.waitStart(step, at, undefined) > at ? 'machine' : undefined;
    const length = step.split === undefined ? step.minutes : Math.min(step.split, step.minutes);
    const isHeld = (next: Minute) => next > at;
    if (isHeld(this.calendarStart(step, length, at, undefined)))
      return step.task.dry ? 'weather' : 'daylight';
    if (isHeld(this.spaceStart(step.task.room, step.crew, length, at))) return 'room';
    if (step.machine && isHeld(this.machineStart(step.machine, length, at))) return 'machine';
    const people = this.eligibleFor(step);
    const free = people.filter((person) => this.isFree(person, step.task, at, length));
    if (free.length < step.crew) return 'nobody';
    return free.filter((person) => this.personStart(person, step.task, length, at, undefined) === at).length <
      step.crew
      ? 'busy'
      : undefined;
  }

  private isFree(person: Person, task: Task, at: Minute, length: number): boolean {
    return windowStart(this.hours.for(person, task), length, at) === at;
  }

  /**
   * The first start from `from` on at which a wait can begin. One that runs since something done asks neither the hours of
   * the house nor who is in the room.
   */
  waitStart(step: Step, from: Minute, lifted: Lifted, isSinceDone = false): Minute {
    let start = from;
    for (;;) {
      let next = start;
      if (step.task.dry && lifted !== 'dry') next = this.dryStart(next, step.minutes);
      if (step.machine && lifted !== 'machine') next = this.machineStart(step.machine, step.minutes, next);
      if (step.closesRoom) next = this.emptyRoomStart(step.task.room, step.minutes, next);
      if (!isSinceDone) next = this.meanwhileStart(step, next, lifted);
      if (next === NEVER || next === start) return next;
      start = next;
    }
  }

  /** The room is not in use, it is not quiet time, a grown-up is at home, and nobody is there who is kept out. */
  private meanwhileStart(step: Step, from: Minute, lifted: Lifted): Minute {
    let next = from;
    if (step.closesRoom) next = clearOfDaily(step.task.room.inUse, step.minutes, next);
    if (step.isNoisy) next = clearOfDaily(this.model.quiet, step.minutes, next);
    if (step.attended && this.model.attendance && lifted !== 'attendance')
      next = windowStart(this.model.attendance, step.minutes, next);
    if (step.keepsOut.size > 0 && next !== NEVER) next = this.withoutStart(step, step.minutes, next);
    return next;
  }

  /** A wait that runs from `start` to `end`, overhang included, keeps to dry days. */
  firstWetDay(step: Step, start: Minute, end: Minute, lifted: Lifted): DayNumber | undefined {
    if (!step.task.dry || lifted === 'dry') return undefined;
    for (let day = dayOfMinute(start); day <= lastDayOf({ start, end }); day++)
      if (!this.model.isDry(day)) return day;
    return undefined;
  }

  /** Whether a person is free and has nothing else to do then; breaks and caps are left aside. */
  hasTime(person: Person, { start, end }: Span): boolean {
    if (windowStart(this.hours.of(person), end - start, start) !== start) return false;
    return this.work[person.index]?.takenUntil(start, end) === undefined;
  }

  /** Calls back after each entry that is put (1) or taken (-1), until what it returns is called. */
  watch(watcher: Watcher): () => void {
    this.watchers.add(watcher);
    return () => this.watchers.delete(watcher);
  }

  /** One person's hands-on entries that start on a date, in order. */
  workOn(person: Person, day: DayNumber): readonly Placed[] {
    const track = this.work[person.index] as Track<Placed>;
    return track.spans.slice(track.firstFrom(midnightOf(day)), track.firstFrom(midnightOf(day + 1)));
  }

  /** Work in a room, in order. */
  workIn(room: Room): readonly RoomUse[] {
    return (this.people[room.index] as Track<RoomUse>).spans;
  }

  /** When a person may do a task, window by window. */
  hoursFor(person: Person, task: Task): readonly Span[] {
    return this.hours.for(person, task);
  }

  /** Hands-on minutes of a person in all. */
  minutesOf(person: Person): number {
    return this.shares[person.index] ?? 0;
  }

  /** Hands-on person-minutes on a date. */
  loadOn(day: DayNumber): number {
    return this.loads.get(day) ?? 0;
  }

  /** The first moment from `from` on at which any of these people has time at all. */
  opensFor(people: readonly Person[], from: Minute): Minute {
    return Math.max(from, ...people.map((person) => windowStart(this.hours.of(person), 1, from)));
  }

  private calendarStart(step: Step, length: number, after: Minute, lifted: Lifted): Minute {
    const { task } = step;
    const from = step.isNoisy ? clearOfDaily(this.model.quiet, length, after) : after;
    const dry = task.dry && lifted !== 'dry';
    const light = task.daylight && lifted !== 'daylight';
    if (!dry && !light) return from;
    for (let day = dayOfMinute(from); day <= this.model.lastDay; day++) {
      if (dry && !this.model.isDry(day)) continue;
      const open = light ? this.model.daylight(day) : { start: midnightOf(day), end: midnightOf(day + 1) };
      const start = Math.max(from, open.start);
      if (start + length <= open.end) return start;
    }
    return NEVER;
  }

  private dryStart(from: Minute, length: number): Minute {
    let start = from;
    while (dayOfMinute(start) <= this.model.lastDay + 1) {
      const span = { start, end: start + length };
      let wet: DayNumber | undefined;
      for (let day = dayOfMinute(start); day <= lastDayOf(span); day++) if (!this.model.isDry(day)) wet = day;
      if (wet === undefined) return start;
      start = midnightOf(wet + 1);
    }
    return NEVER;
  }

  private machineStart(machine: Machine, length: number, from: Minute): Minute {
    let start = from;
    for (;;) {
      if (machine.windows) start = windowStart(machine.windows, length, start);
      if (start === NEVER) return NEVER;
      const busy = this.runs[machine.index]?.takenUntil(start, start + length);
      if (busy === undefined) return start;
      start = busy;
    }
  }

  private emptyRoomStart(room: Room, length: number, from: Minute): Minute {
    let start = from;
    for (;;) {
      const inside = this.people[room.index]?.takenUntil(start, start + length);
      if (inside === undefined) return start;
      start = inside;
    }
  }

  /** The room has space, nobody of the crew is kept out of it, and nobody is there whom the step itself keeps out. */
  private roomStart(step: Step, crew: readonly Person[], length: number, from: Minute): Minute {
    const { room } = step.task;
    let start = from;
    for (;;) {
      let next = this.spaceStart(room, crew.length, length, start);
      if (next === NEVER) return NEVER;
      for (const { people, end } of this.keeping[room.index]?.overlapping(next, next + length) ?? [])
        if (crew.some((person) => people.has(person))) next = Math.max(next, end);
      if (step.keepsOut.size > 0) next = this.withoutStart(step, length, next);
      if (next === start) return start;
      start = next;
    }
  }

  /** The first start at which nobody works in the room whom the step keeps out. */
  private withoutStart({ task, keepsOut }: Step, length: number, from: Minute): Minute {
    let start = from;
    for (;;) {
      const inside = this.people[task.room.index]?.overlapping(start, start + length) ?? [];
      const ends = inside.filter(({ people }) => people.some((one) => keepsOut.has(one)));
      if (ends.length === 0) return start;
      start = Math.max(...ends.map(({ end }) => end));
    }
  }

  private spaceStart(room: Room, crew: number, length: number, from: Minute): Minute {
    let start = from;
    for (;;) {
      const shut = this.closed[room.index]?.takenUntil(start, start + length);
      if (shut !== undefined) {
        start = shut;
        continue;
      }
      const inside = this.people[room.index]?.overlapping(start, start + length) ?? [];
      if (crew > room.maxPeople) return NEVER;
      if (inside.length === 0) return start;
      const crowd = fullUntil(inside, room.maxPeople - crew, start);
      if (crowd === undefined) return start;
      start = crowd;
    }
  }

  /** Free time, nothing else to do, the day's cap, breaks and the length of a session. */
  private personStart(
    person: Person,
    task: Task,
    length: number,
    from: Minute,
    lifted: Lifted,
    until = NEVER,
  ): Minute {
    if (length > person.breakAfter || length > this.model.policy.sessionCap) return NEVER;
    const windows = lifted === 'focus' ? this.hours.of(person) : this.hours.for(person, task);
    const track = this.work[person.index] as Track<Placed>;
    const left = this.timeLeft[person.index] as TimeLeft;
    let start = from;
    for (;;) {
      start = windowStart(windows, length, start);
      if (start === NEVER || start > until) return NEVER;
      const day = dayOfMinute(start);
      const open = left.firstWith(length, day);
      if (open > day) {
        start = midnightOf(open);
        continue;
      }
      const next = this.nextIfTaken(person, track, start, length);
      if (next === start) return start;
      start = next;
    }
  }

  private nextIfTaken(person: Person, track: Track<Placed>, start: Minute, length: number): Minute {
    const end = start + length;
    const day = dayOfMinute(start);
    if (this.loadOn(day) + length > this.dayLoad) return midnightOf(day + 1);
    const busy = track.takenUntil(start, end);
    if (busy !== undefined) return busy;
    const run = neighbours(track, start, end, Math.max(person.breakLength, 0));
    if (run.minutes + length > person.breakAfter) return pastNeighbour(run, start, person.breakLength);
    const session = neighbours(track, start, end, SESSION_GAP, day);
    const excess = session.end - session.start - this.model.policy.sessionCap;
    if (excess > 0) return shorterSession(session, start, length, excess);
    return start;
  }
}

/** Whether the entry was placed by hand, and not by the planner. */
export function isFixedEntry(entry: Placed): boolean {
  return entry.step.fixed.some((fixed) => fixed.start === entry.start && fixed.end === entry.end);
}

/** When more than `spare` people are inside at some moment: the first moment after that at which somebody leaves. */
function fullUntil(inside: readonly RoomUse[], spare: number, start: Minute): Minute | undefined {
  let latest: Minute | undefined;
  for (const use of inside) {
    const moment = Math.max(use.start, start);
    const together = inside.filter((other) => other.start <= moment && moment < other.end);
    if (together.reduce((sum, other) => sum + other.count, 0) > spare) {
      const leaves = Math.min(...together.map((other) => other.end));
      latest = Math.max(latest ?? leaves, leaves);
    }
  }
  return latest;
}

type Neighbours = {
  minutes: number;
  start: Minute;
  end: Minute;
  previous?: Placed | undefined;
  next?: Placed | undefined;
};

/** The work around [start, end) that hangs together with it by gaps shorter than `gap`. */
function neighbours(
  track: Track<Placed>,
  start: Minute,
  end: Minute,
  gap: number,
  day?: DayNumber,
): Neighbours {
  const at = track.firstFrom(start);
  const found: Neighbours = { minutes: 0, start, end };
  const sameDay = (entry: Placed) => day === undefined || dayOfMinute(entry.start) === day;
  for (let i = at - 1; i >= 0; i--) {
    const entry = track.spans[i] as Placed;
    if (found.start - entry.end >= gap || !sameDay(entry)) break;
    found.previous ??= entry;
    found.minutes += entry.end - entry.start;
    found.start = Math.min(found.start, entry.start);
  }
  for (let i = at; i < track.spans.length; i++) {
    const entry = track.spans[i] as Placed;
    if (entry.start - found.end >= gap || !sameDay(entry)) break;
    found.next ??= entry;
    found.minutes += entry.end - entry.start;
    found.end = Math.max(found.end, entry.end);
  }
  return found;
}

/** The next start that could make the session short enough: begin it later, where nothing comes before, else leave it. */
function shorterSession(found: Neighbours, start: Minute, length: number, excess: number): Minute {
  const later = start + excess;
  if (!found.previous && found.next && later + length <= found.next.start) return later;
  return pastNeighbour(found, start, SESSION_GAP);
}

/** The next start that could loosen the bond: a full gap after the work before, else past the work after. */
function pastNeighbour(found: Neighbours, start: Minute, gap: number): Minute {
  const afterPrevious = found.previous ? found.previous.end + gap : start;
  if (afterPrevious > start) return afterPrevious;
  return found.next ? found.next.end : start + 1;
}
