import { clearOfDaily } from '../../basics/daily';
import { groupBy } from '../../basics/group-by';
import { type DayNumber, dayOfMinute, type Minute, midnightOf } from '../../basics/local-time';
import { type Placed, SESSION_GAP } from '../cost/metrics';
import { FreeHours, windowFrom, windowStart } from '../model/free-hours';
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
} from '../model/model';
import { longestPiece, TimeLeft } from '../model/time-left';
import { Track } from '../model/track';

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

/** While a step has its machine, keeps its room shut, or keeps some people out of it. */
type Hold = Span & { readonly keptOut: ReadonlySet<Person> };

const NOTHING: readonly Placed[] = [];
const NO_TRACKS: readonly Track<Hold>[] = [];

/**
 * What is taken so far: people, machines, rooms. Its questions all have the form "from this minute on, when is the
 * first start at which this holds?", so that they can be asked in turn until none moves the answer.
 */
export class Board {
  private readonly work: Track<Placed>[];
  private readonly runs: Track<Hold>[];
  private readonly people: Track<Placed>[];
  private readonly closed: Track<Hold>[];
  private readonly hours: FreeHours;
  /** Who is kept out of each room. */
  private readonly keeping: Track<Hold>[];
  /** The windows of each person by date; none crosses midnight. */
  private readonly windowsOn: readonly ReadonlyMap<DayNumber, readonly Span[]>[];
  private readonly timeLeft: readonly TimeLeft[];
  /** Hands-on minutes of each person by date. */
  private readonly worked: Map<DayNumber, number>[];
  private readonly shares: number[];
  private readonly offered: readonly number[];
  private readonly eligible = new Map<Step, readonly Person[]>();
  private readonly lying = new Set<Placed>();
  private readonly holds = new Map<Placed, Hold>();
  /** What lies there of each step, and from when to when; `NEVER` and its opposite while nothing does. */
  private readonly placed: (readonly Placed[])[];
  private readonly starts: Float64Array;
  private readonly ends: Float64Array;
  private readonly watchers = new Set<Watcher>();

  constructor(readonly model: Model) {
    this.work = model.people.map(() => new Track<Placed>());
    this.runs = model.machines.map(() => new Track<Hold>());
    this.people = model.rooms.map(() => new Track<Placed>());
    this.closed = model.rooms.map(() => new Track<Hold>());
    this.keeping = model.rooms.map(() => new Track<Hold>());
    this.placed = new Array(model.steps.size).fill(NOTHING);
    this.starts = new Float64Array(model.steps.size).fill(NEVER);
    this.ends = new Float64Array(model.steps.size).fill(-NEVER);
    this.hours = new FreeHours(model);
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
    const { step, people, start, end } = entry;
    this.lying.add(entry);
    if (step.mode === 'hands') {
      for (const person of people) (this.work[person.index] as Track<Placed>).add(entry);
      (this.people[step.task.room.index] as Track<Placed>).add(entry);
    }
    this.hold(entry);
    const own = this.entriesOf(step);
    this.placed[step.index] = own.length === 0 ? [entry] : [...own, entry];
    this.starts[step.index] = Math.min(start, this.starts[step.index] as Minute);
    this.ends[step.index] = Math.max(end, this.ends[step.index] as Minute);
    this.weigh(entry, 1);
    for (const watcher of this.watchers) watcher(entry, 1);
  }

  take(entry: Placed): void {
    const { step, people } = entry;
    this.lying.delete(entry);
    if (step.mode === 'hands') {
      for (const person of people) (this.work[person.index] as Track<Placed>).remove(entry);
      (this.people[step.task.room.index] as Track<Placed>).remove(entry);
    }
    this.release(entry);
    const own = this.entriesOf(step);
    const left = own.length === 1 ? NOTHING : own.filter((other) => other !== entry);
    this.placed[step.index] = left;
    this.starts[step.index] = left.reduce((first, { start }) => Math.min(first, start), NEVER);
    this.ends[step.index] = left.reduce((last, { end }) => Math.max(last, end), -NEVER);
    this.weigh(entry, -1);
    for (const watcher of this.watchers) watcher(entry, -1);
  }

  /** What an entry has of its machine and its room beside the hands on it, which a wait frees after its minutes. */
  private hold(entry: Placed): void {
    const { step, start, end } = entry;
    const until = step.mode === 'hands' ? end : start + step.minutes;
    if (until <= start) return;
    const tracks = this.heldBy(step);
    if (tracks.length === 0) return;
    const hold: Hold = { start, end: until, keptOut: step.keepsOut };
    this.holds.set(entry, hold);
    for (const track of tracks) track.add(hold);
  }

  private release(entry: Placed): void {
    const hold = this.holds.get(entry);
    if (!hold) return;
    this.holds.delete(entry);
    for (const track of this.heldBy(entry.step)) track.remove(hold);
  }

  private heldBy({ machine, closesRoom, keepsOut, task }: Step): readonly Track<Hold>[] {
    if (!machine && !closesRoom && keepsOut.size === 0) return NO_TRACKS;
    const { index } = task.room;
    return [
      ...(machine ? [this.runs[machine.index] as Track<Hold>] : []),
      ...(closesRoom ? [this.closed[index] as Track<Hold>] : []),
      ...(keepsOut.size > 0 ? [this.keeping[index] as Track<Hold>] : []),
    ];
  }

  /** All that lies on the board, in no order. */
  entries(): readonly Placed[] {
    return [...this.lying];
  }

  /** Has these entries on it, and no others. */
  restore(before: ReadonlySet<Placed>): void {
    for (const entry of this.entries()) if (!before.has(entry)) this.take(entry);
    for (const entry of before) if (!this.lying.has(entry)) this.put(entry);
  }

  /** When the last of all ends; 0 for an empty board. */
  finish(): Minute {
    return this.ends.reduce((last, end) => Math.max(last, end), 0);
  }

  entriesOf(step: Step): readonly Placed[] {
    return this.placed[step.index] as readonly Placed[];
  }

  /** When the step starts; undefined while it is not placed, and for a done step. */
  startOf(step: Step): Minute | undefined {
    const start = this.starts[step.index] as Minute;
    return start === NEVER ? undefined : start;
  }

  /** When the step ends or was done; undefined while it is not placed. */
  endOf(step: Step): Minute | undefined {
    if (step.doneAt !== undefined) return step.doneAt;
    const end = this.ends[step.index] as Minute;
    return end === -NEVER ? undefined : end;
  }

  private weigh(entry: Placed, sign: 1 | -1): void {
    if (entry.step.mode !== 'hands') return;
    const length = (entry.end - entry.start) * sign;
    const day = dayOfMinute(entry.start);
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

  /** The longest piece of work that a person's free time and cap leave room for on a date, in minutes. */
  private mostOn(person: Person, day: DayNumber): number {
    const work = this.workOn(person, day);
    const windows = this.windowsOn[person.index]?.get(day) ?? [];
    const longest = Math.max(0, ...windows.map((window) => longestPiece(window, work, person)));
    return Math.max(0, Math.min(longest, person.dailyCap - this.workedOn(person, day)));
  }

  /** The stretch of somebody's time that goes on at a moment, or begins next. */
  windowFrom(person: Person, at: Minute): Span | undefined {
    return windowFrom(this.hours.of(person), at);
  }

  /** The most hands-on minutes that somebody can do in one go from about a moment on, before their time ends that day. */
  leftFor(person: Person, at: Minute): number {
    const window = this.windowFrom(person, at);
    const done = this.workedOn(person, dayOfMinute(at));
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
      let free = start;
      for (const person of crew) free = this.personStart(person, step.task, length, free, lifted, until);
      if (free === NEVER) return NEVER;
      let next = this.calendarStart(step, length, free, lifted);
      next = this.roomStart(step, crew, length, next);
      if (step.machine && lifted !== 'machine') next = this.machineStart(step.machine, length, next);
      if (next > until || next === NEVER) return NEVER;
      // What suits one person suits them as long as nothing else moves it; of several, each may have moved it for the others.
      if (next === free && (crew.length === 1 || free === start)) return next;
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

  /** When the last work ends that somebody begins before a moment. */
  lastWorkBefore(person: Person, at: Minute): Minute | undefined {
    const track = this.work[person.index] as Track<Placed>;
    return track.spans[track.firstFrom(at) - 1]?.end;
  }

  /** Work in a room, in order. */
  workIn(room: Room): readonly Placed[] {
    return (this.people[room.index] as Track<Placed>).spans;
  }

  /** When a person may do a task, window by window. */
  hoursFor(person: Person, task: Task): readonly Span[] {
    return this.hours.for(person, task);
  }

  /** Hands-on minutes of a person in all. */
  minutesOf(person: Person): number {
    return this.shares[person.index] ?? 0;
  }

  /** The same on a date. */
  workedOn(person: Person, day: DayNumber): number {
    return this.worked[person.index]?.get(day) ?? 0;
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
      for (const { keptOut, end } of this.keeping[room.index]?.overlapping(next, next + length) ?? [])
        if (crew.some((person) => keptOut.has(person))) next = Math.max(next, end);
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
    const windows = lifted === 'focus' ? this.hours.of(person) : this.hours.for(person, task);
    return this.startWithin(windows, person, length, from, until);
  }

  /** The first moment from a moment on at which somebody could begin anything at all. */
  freeFrom(person: Person, from: Minute): Minute {
    return this.startWithin(this.hours.of(person), person, 1, from, NEVER);
  }

  private startWithin(
    windows: readonly Span[],
    person: Person,
    length: number,
    from: Minute,
    until: Minute,
  ): Minute {
    if (length > person.breakAfter || length > this.model.policy.sessionCap) return NEVER;
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
    const busy = track.takenUntil(start, end);
    if (busy !== undefined) return busy;
    const at = track.firstFrom(start);
    const run = neighbours(track, at, { start, end }, Math.max(person.breakLength, 0));
    if (run.minutes + length > person.breakAfter) return pastNeighbour(run, start, person.breakLength);
    const session = neighbours(track, at, { start, end }, SESSION_GAP, day);
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
function fullUntil(inside: readonly Placed[], spare: number, start: Minute): Minute | undefined {
  let latest: Minute | undefined;
  for (const use of inside) {
    const moment = Math.max(use.start, start);
    const together = inside.filter((other) => other.start <= moment && moment < other.end);
    if (together.reduce((sum, other) => sum + other.people.length, 0) > spare) {
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

/** The work around [start, end) that hangs together with it by gaps shorter than `gap`, of its date where one is given. */
function neighbours(
  { spans }: Track<Placed>,
  at: number,
  { start, end }: Span,
  gap: number,
  day?: DayNumber,
): Neighbours {
  const found: Neighbours = { minutes: 0, start, end };
  const [opens, closes] = day === undefined ? [-NEVER, NEVER] : [midnightOf(day), midnightOf(day + 1)];
  for (let i = at - 1; i >= 0; i--) {
    const entry = spans[i] as Placed;
    if (found.start - entry.end >= gap || entry.start < opens) break;
    found.previous ??= entry;
    found.minutes += entry.end - entry.start;
    found.start = Math.min(found.start, entry.start);
  }
  for (let i = at; i < spans.length; i++) {
    const entry = spans[i] as Placed;
    if (entry.start - found.end >= gap || entry.start >= closes) break;
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
