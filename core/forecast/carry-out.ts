import { MINUTES_A_DAY, type Minute, midnightOf } from '../basics/local-time';
import { clearOfBounds } from './bounds';
import { type Course, type CourseDay, type CourseStep, type CourseTask, LAST } from './course';
import type { Fortune } from './fortune';

/** What chance decides: drawn anew for each course. */
export type Chance = Pick<Fortune, 'isAbsent' | 'isWet' | 'minutesOf' | 'waitOf'>;

/** How one course of a clean went. */
export type Outcome = {
  /** When the last of it was over; undefined where something was not by the end of the last date. */
  readonly end: Minute | undefined;
  /** Planned hands-on minutes left at the end of each date. */
  readonly left: readonly number[];
  /** When each step was over, by task; infinity where it never was. */
  readonly ends: readonly Float64Array[];
};

/** One goes on for so long beyond one's time to finish what is nearly done, and begins what may take so much longer. */
const GRACE_AT_END = 10;
const GRACE_AT_START = 5;

/**
 * Carries a plan out once, as chance has it. What is not done on its date is done on the next on which somebody who may has
 * time left, reserve days among them, before what is planned there: so the plan would be made again in the evening. Nothing
 * is brought forward.
 */
export function carryOut(course: Course, fortune: Chance): Outcome {
  return new Carrying(course, fortune).run();
}

/** A date that is worked on: what is due on it, and when the last of all goes home. */
type Today = {
  readonly day: CourseDay;
  readonly d: number;
  readonly due: readonly number[];
  readonly lastEnd: Minute;
};

/** Somebody at work in a room, or kept out of it. */
type There = { readonly person: number; readonly until: Minute };

type Place = { clock: Minute; window: number; cap: number; sinceBreak: number; isOver: boolean };

class Carrying {
  private readonly next: Int32Array;
  private readonly ready: Float64Array;
  /** What is left of the step under way; below nothing where it has not been begun. */
  private readonly rest: Float64Array;
  private readonly ends: Float64Array[];
  private readonly machineFree: Float64Array;
  private readonly closedUntil: Float64Array;
  private readonly inRoom: There[][];
  private readonly keptOut: There[][];
  private hands: number;
  private end: Minute;
  private open: number;
  private places: Place[] = [];

  constructor(
    private readonly course: Course,
    private readonly fortune: Chance,
  ) {
    const { tasks } = course;
    this.next = Int32Array.from(tasks, ({ done }) => done);
    this.ready = Float64Array.from(tasks, ({ done, doneAt, earliest }) =>
      Math.max(course.now, earliest, done > 0 ? doneAt : 0),
    );
    this.rest = new Float64Array(tasks.length).fill(-1);
    this.ends = tasks.map(({ steps, done, doneAt }) =>
      Float64Array.from(steps, (_, i) => (i < done ? doneAt : Number.POSITIVE_INFINITY)),
    );
    this.machineFree = new Float64Array(course.machines.length);
    this.closedUntil = new Float64Array(course.rooms.length);
    this.inRoom = course.rooms.map(() => []);
    this.keptOut = course.rooms.map(() => []);
    this.hands = course.hands;
    this.end = course.now;
    this.open = tasks.length;
    tasks.forEach((task, k) => {
      if (task.done > 0) this.runWaits(k, task.doneAt);
    });
  }

  run(): Outcome {
    const left: number[] = [];
    this.course.days.forEach((day, d) => {
      if (this.open > 0) this.workOn(day, d);
      left.push(this.hands);
    });
    return { end: this.open === 0 ? this.end : undefined, left, ends: this.ends };
  }

  /** One date: whoever is free first takes what comes next. */
  private workOn(day: CourseDay, d: number): void {
    const due = this.dueOn(day);
    if (due.length === 0) return;
    this.places = this.course.people.map((person, p) => this.placeOf(person.dailyCap, p, d));
    const lastEnd = Math.max(...this.course.people.map(({ windows }) => windows[d]?.at(-1)?.to ?? 0));
    const today: Today = { day, d, due, lastEnd };
    for (;;) {
      const p = this.firstFree();
      if (p === undefined) return;
      this.beginLeadingWaits(today);
      const k = this.pick(p, today);
      if (k === undefined) this.waitOrLeave(p, today);
      else this.perform(k, p, d);
    }
  }

  /** Tasks whose next step was planned for this date or an earlier one, in the order in which it was planned. */
  private dueOn({ day }: CourseDay): number[] {
    const end = midnightOf(day + 1);
    const due: number[] = [];
    for (let k = 0; k < this.next.length; k++) if (this.isOpen(k) && this.startOf(k) < end) due.push(k);
    return due.sort((a, b) => this.startOf(a) - this.startOf(b));
  }

  private isOpen(k: number): boolean {
    return (this.next[k] as number) < this.task(k).steps.length;
  }

  private startOf(k: number): Minute {
    return this.task(k).starts[this.next[k] as number] as number;
  }

  private task(k: number): CourseTask {
    return this.course.tasks[k] as CourseTask;
  }

  private placeOf(cap: number, p: number, d: number): Place {
    const first = this.course.people[p]?.windows[d]?.[0];
    const isOver = first === undefined || this.fortune.isAbsent(p, d);
    return { clock: first?.from ?? 0, window: 0, cap, sinceBreak: 0, isOver };
  }

  private firstFree(): number | undefined {
    let first: number | undefined;
    for (let p = 0; p < this.places.length; p++) {
      const { isOver, clock } = this.places[p] as Place;
      if (!isOver && (first === undefined || clock < (this.places[first] as Place).clock)) first = p;
    }
    return first;
  }

  /** What begins with a wait begins by itself: at its time, when what comes before is over. */
  private beginLeadingWaits({ due, day }: Today): void {
    const tomorrow = midnightOf(day.day + 1);
    for (const k of due) {
      const step = this.task(k).steps[this.next[k] as number];
      if (!step || step.isHands || this.startOf(k) >= tomorrow) continue;
      const since = this.overSince(step);
      if (since === undefined) continue;
      this.runWaits(k, Math.max(since, this.startOf(k), this.ready[k] as number));
    }
  }

  /** When everything that must come before is over; undefined while it is not. */
  private overSince(step: CourseStep): Minute | undefined {
    let since = 0;
    for (const before of step.after) {
      const ends = this.ends[before.task] as Float64Array;
      const end = ends[before.step === LAST ? ends.length - 1 : before.step] as number;
      if (end === Number.POSITIVE_INFINITY) return undefined;
      since = Math.max(since, end + before.minGap);
    }
    return since;
  }

  /** One's own work first, then what was missed by others, or what somebody who is not here would do. */
  private pick(p: number, today: Today): number | undefined {
    const { due, day } = today;
    let other: number | undefined;
    for (const k of due) {
      if (!this.isDue(k, day)) continue;
      const step = this.task(k).steps[this.next[k] as number] as CourseStep;
      if (!step.isHands) continue;
      const isOwn = step.planned.includes(p);
      if (!isOwn && (other !== undefined || !step.able.has(p) || !this.isOrphan(k, step, day))) continue;
      if (!this.canBegin(k, step, p, today)) continue;
      if (isOwn) return k;
      other = k;
    }
    return other;
  }

  private isDue(k: number, { day }: CourseDay): boolean {
    return this.isOpen(k) && this.startOf(k) < midnightOf(day + 1);
  }

  private isOrphan(k: number, step: CourseStep, { day }: CourseDay): boolean {
    return this.startOf(k) < midnightOf(day) || step.planned.every((p) => this.places[p]?.isOver ?? true);
  }

  private canBegin(k: number, step: CourseStep, p: number, { day, d, lastEnd }: Today): boolean {
    const task = this.task(k);
    const place = this.places[p] as Place;
    const at = place.clock;
    if ((this.ready[k] as number) > at) return false;
    if ((this.closedUntil[task.room] as number) > at) return false;
    if (step.machine !== undefined && (this.machineFree[step.machine] as number) > at) return false;
    if (task.needsDry && this.fortune.isWet(d)) return false;
    const expected = this.expectedOf(k, step);
    if (task.needsDaylight && (at < day.light.from || at + expected > day.light.to)) return false;
    const time = this.timeOf(p, d);
    if (step.split === undefined ? expected > time + GRACE_AT_START : time < Math.min(step.split, expected))
      return false;
    const isFirst = this.next[k] === 0 && (this.rest[k] as number) < 0;
    if (isFirst && task.onOneDate !== undefined && at + task.onOneDate > lastEnd + GRACE_AT_END) return false;
    const since = this.overSince(step);
    if (since === undefined || since > at || !this.hasRoom(task.room, at)) return false;
    return this.isLetIn(p, k, at) && this.clearAt(step, p, at, Math.min(expected, time)) <= at;
  }

  /** Nobody works where a step keeps them out, and none begins that would keep out who is there. */
  private isLetIn(p: number, k: number, at: Minute): boolean {
    const { room, steps } = this.task(k);
    const isThere = (list: readonly There[], person: number) =>
      list.some((there) => there.person === person && there.until > at);
    if (isThere(this.keptOut[room] as There[], p)) return false;
    const begun = steps.slice(this.next[k] as number, this.handsAfter(k));
    return begun.every(({ keepsOut }) =>
      keepsOut.every((person) => !isThere(this.inRoom[room] as There[], person)),
    );
  }

  /** The next hands-on step of a task after the one at hand. */
  private handsAfter(k: number): number {
    const { steps } = this.task(k);
    let next = (this.next[k] as number) + 1;
    while (next < steps.length && !steps[next]?.isHands) next += 1;
    return next;
  }

  /** The first minute at which its focuses, quiet hours and the like let somebody begin a step. */
  private clearAt({ bounds }: CourseStep, p: number, at: Minute, minutes: number): Minute {
    return bounds ? clearOfBounds(bounds, p, at, minutes) : at;
  }

  private expectedOf(k: number, step: CourseStep): number {
    const rest = this.rest[k] as number;
    return rest < 0 ? step.minutes : Math.min(step.minutes, rest);
  }

  /** Minutes that somebody has left in this stretch. */
  private timeOf(p: number, d: number): number {
    const place = this.places[p] as Place;
    const window = this.course.people[p]?.windows[d]?.[place.window];
    return Math.min((window?.to ?? 0) - place.clock, place.cap);
  }

  private hasRoom(room: number, at: Minute): boolean {
    const there = (this.inRoom[room] as There[]).filter(({ until }) => until > at);
    this.inRoom[room] = there;
    return there.length < (this.course.rooms[room] as number);
  }

  private perform(k: number, p: number, d: number): void {
    const task = this.task(k);
    const step = task.steps[this.next[k] as number] as CourseStep;
    if ((this.rest[k] as number) < 0) this.rest[k] = this.fortune.minutesOf(step, p, d);
    const rest = this.rest[k] as number;
    const time = this.timeOf(p, d);
    const isDone = rest <= time + GRACE_AT_END;
    const minutes = isDone ? rest : Math.max(1, time);
    const end = this.passes(p, minutes);
    for (const q of step.planned.slice(0, step.crew))
      if (q !== p && this.places[q]?.isOver === false) this.joins(q, end, minutes);
    (this.inRoom[task.room] as There[]).push({ person: p, until: end });
    this.keepOut(step, task.room, end);
    if (!isDone) {
      this.rest[k] = rest - minutes;
      this.ready[k] = end;
      return;
    }
    this.hands -= step.minutes * step.crew;
    this.finish(k, end);
    this.runWaits(k, end);
  }

  /** Somebody works for so long, with the breaks that are due; returns when it is over. */
  private passes(p: number, minutes: number): Minute {
    const place = this.places[p] as Place;
    const { breakAfter, breakLength } = this.course.people[p] as Course['people'][number];
    const worked = place.sinceBreak + minutes;
    const breaks = Math.floor((worked - 1e-9) / breakAfter);
    place.sinceBreak = worked - breaks * breakAfter;
    place.clock += minutes + breaks * breakLength;
    place.cap -= minutes;
    return place.clock;
  }

  private joins(q: number, end: Minute, minutes: number): void {
    const place = this.places[q] as Place;
    place.clock = Math.max(place.clock, end);
    place.cap -= minutes;
  }

  private keepOut({ keepsOut }: CourseStep, room: number, until: Minute): void {
    for (const person of keepsOut) (this.keptOut[room] as There[]).push({ person, until });
  }

  private finish(k: number, end: Minute): void {
    const step = this.next[k] as number;
    (this.ends[k] as Float64Array)[step] = end;
    this.next[k] = step + 1;
    this.rest[k] = -1;
    this.ready[k] = end;
    this.end = Math.max(this.end, end);
    if (!this.isOpen(k)) this.open -= 1;
  }

  /** Waits that follow at once, one after the other, each when its machine is free and may run. */
  private runWaits(k: number, since: Minute): void {
    let at = since;
    for (;;) {
      const step = this.task(k).steps[this.next[k] as number];
      if (!step || step.isHands) return;
      const minutes = this.fortune.waitOf(step);
      if (step.machine !== undefined) {
        at = this.machineTime(step.machine, Math.max(at, this.machineFree[step.machine] as number), minutes);
        this.machineFree[step.machine] = at + minutes;
      }
      if (step.closesRoom) {
        const { room } = this.task(k);
        this.closedUntil[room] = Math.max(this.closedUntil[room] as number, at + minutes);
      }
      at += minutes;
      this.keepOut(step, this.task(k).room, at);
      this.finish(k, at);
    }
  }

  /** The first minute from which a machine may run for so long. */
  private machineTime(machine: number, from: Minute, minutes: number): Minute {
    const windows = this.course.machines[machine];
    if (windows === undefined) return from;
    const window = windows.find(({ from: opens, to }) => Math.max(opens, from) + minutes <= to);
    return window ? Math.max(window.from, from) : from;
  }

  /** Nothing to do for now: until something is ready or somebody else is free, else to the next stretch, else home. */
  private waitOrLeave(p: number, { due, d }: Today): void {
    const place = this.places[p] as Place;
    const windows = this.course.people[p]?.windows[d] ?? [];
    const window = windows[place.window];
    const next = this.nextMoment(place.clock, p, due);
    if (window && next < window.to) {
      place.sinceBreak = 0;
      place.clock = next;
      return;
    }
    place.window += 1;
    const later = windows[place.window];
    if (!later) {
      place.isOver = true;
      return;
    }
    place.clock = Math.max(place.clock, later.from);
    place.sinceBreak = 0;
  }

  private nextMoment(at: Minute, p: number, due: readonly number[]): Minute {
    let next = Number.POSITIVE_INFINITY;
    const hear = (moment: number) => {
      if (moment > at && moment < next) next = moment;
    };
    this.places.forEach((place, q) => {
      if (q !== p && !place.isOver) hear(place.clock);
    });
    const tomorrow = midnightOf(Math.floor(at / MINUTES_A_DAY) + 1);
    for (const k of due) {
      if (!this.isOpen(k)) continue;
      hear(this.ready[k] as number);
      const { room, steps } = this.task(k);
      hear(this.closedUntil[room] as number);
      const step = steps[this.next[k] as number] as CourseStep;
      if (step.machine !== undefined) hear(this.machineFree[step.machine] as number);
      for (const before of step.after) this.hearEnd(before, hear);
      if (step.bounds) hear(this.clearAt(step, p, at, this.expectedOf(k, step)));
    }
    for (const there of [...this.inRoom, ...this.keptOut]) for (const { until } of there) hear(until);
    return next < tomorrow ? next : Number.POSITIVE_INFINITY;
  }

  private hearEnd({ task, step, minGap }: CourseStep['after'][number], hear: (moment: number) => void): void {
    const ends = this.ends[task] as Float64Array;
    hear((ends[step === LAST ? ends.length - 1 : step] as number) + minGap);
  }
}
