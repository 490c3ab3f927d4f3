import { type DayNumber, dayOfMinute, type Minute, midnightOf } from '../../basics/local-time';
import { COST_PARTS, type CostPart, type Costs } from '../../plan/costs';
import type { Priority } from '../../plan/problem';
import {
  APART,
  DISLIKES_PER_MINUTE,
  dislikeOf,
  dreadOf,
  groupOf,
  HANDOVER,
  handoversIn,
  isWishBroken,
  LATE,
  nightsOfTask,
  OPEN,
  roundedDown,
  SCATTER,
  unevenLoads,
  unfairShares,
} from '../cost/costs';
import { handsOf, type Placed, SESSION_GAP } from '../cost/metrics';
import { RoomDates } from '../cost/room-dates';
import { addSession, noSessionCosts, type SessionCosts } from '../cost/session-costs';
import {
  firstDateOf,
  type Link,
  lastDayOf,
  type Model,
  openHands,
  type Person,
  type Room,
  type Step,
  type Task,
} from '../model/model';
import { type Offers, offersOf } from '../model/offers';
import type { Board } from './board';

/** A plan's standing, most important figure first; the smaller, the better. See "Which plan is better" in docs/formats/plan.md. */
export type Score = readonly number[];

/** Below zero when `a` is the better plan. */
export function compareScores(a: Score, b: Score): number {
  for (let i = 0; i < a.length; i++) {
    const difference = (a[i] as number) - (b[i] as number);
    if (Math.abs(difference) > 1e-9) return difference;
  }
  return 0;
}

type TaskCosts = { readonly apart: number; readonly handovers: number; readonly dread: number };

const NO_TASK: TaskCosts = { apart: 0, handovers: 0, dread: 0 };
const NOTHING = noSessionCosts();

/**
 * The cost of what lies on a board, kept up while entries are put and taken: only the dates, rooms, tasks and wishes that
 * an entry touches are looked at again. The same figures as `costsOf` gives for the whole plan.
 */
export class Tally {
  /** Raw parts, before factors. */
  private readonly parts: Record<CostPart, number>;
  private readonly first: DayNumber;
  private readonly opens: Minute;
  private readonly days: readonly Map<DayNumber, SessionCosts>[];
  private readonly staleDays: readonly Set<DayNumber>[];
  private readonly tasks: TaskCosts[];
  private readonly staleTasks = new Set<Task>();
  private readonly rooms: readonly RoomDates[];
  private readonly countsRooms: boolean;
  /** How many rooms stand open over each night. */
  private readonly nights: number[] = [];
  private readonly broken = new Set<Link>();
  private readonly staleWishes = new Set<Link>();
  private readonly wishesOf = new Map<Step, Link[]>();
  private readonly groups = new Map<unknown, Map<DayNumber, number>>();
  private readonly loads: number[];
  private readonly worked: number[];
  private readonly ends = new Map<DayNumber, number>();
  private lastDay: DayNumber;
  private all = 0;
  private readonly offers: Offers;
  private readonly out = new Set<Task>();
  private readonly unplaced: Record<Priority, number> = { must: 0, should: 0, could: 0 };
  private readonly times: {
    startOf: (step: Step) => Minute | undefined;
    endOf: (step: Step) => Minute | undefined;
  };

  /** Is kept up no further. */
  readonly close: () => void;

  constructor(private readonly board: Board) {
    const { model } = board;
    this.parts = Object.fromEntries(COST_PARTS.map((part) => [part, 0])) as Record<CostPart, number>;
    this.first = firstDateOf(model);
    this.opens = midnightOf(this.first);
    this.lastDay = this.first;
    this.days = model.people.map(() => new Map());
    this.staleDays = model.people.map(() => new Set());
    this.tasks = model.tasks.map(() => NO_TASK);
    this.countsRooms = OPEN[model.policy.grouping] > 0;
    const begun = begunOn(model);
    this.rooms = model.rooms.map((room) => new RoomDates(this.first, begun.get(room)));
    this.loads = new Array(Math.max(0, model.lastDay - this.first + 1)).fill(0);
    this.worked = model.people.map(() => 0);
    this.offers = offersOf(model);
    this.times = { startOf: (step) => board.startOf(step), endOf: (step) => board.endOf(step) };
    for (const link of model.links)
      if (!link.hard) {
        this.staleWishes.add(link);
        for (const step of [link.before, link.after]) append(this.wishesOf, step, link);
      }
    for (const task of model.tasks) this.staleTasks.add(task);
    for (const entry of board.entries()) this.note(entry, 1);
    this.close = board.watch((entry, sign) => this.note(entry, sign));
  }

  /** What is left out counts by its priority; what stands of it as given counts for nothing else. */
  leaveOut(task: Task): void {
    if (this.out.has(task)) return;
    for (const step of task.steps) for (const entry of this.board.entriesOf(step)) this.note(entry, -1);
    this.out.add(task);
    this.unplaced[task.priority] += Math.max(1, openHands(task));
  }

  takeIn(task: Task): void {
    if (!this.out.delete(task)) return;
    this.unplaced[task.priority] -= Math.max(1, openHands(task));
    for (const step of task.steps) for (const entry of this.board.entriesOf(step)) this.note(entry, 1);
  }

  isOut(task: Task): boolean {
    return this.out.has(task);
  }

  score(): Score {
    const { must, should, could } = this.unplaced;
    const { cost, raw } = this.weigh();
    const isSoonest = this.board.model.policy.spread === 'soonest';
    return [must, should, could, ...(isSoonest ? [this.finish()] : []), cost, raw];
  }

  /** The dates on which work is done that belongs together with a task, by the school of the household. */
  datesOf(task: Task): readonly DayNumber[] {
    const dates = this.groups.get(groupOf(task, this.board.model.policy.grouping));
    return dates ? [...dates.keys()] : [];
  }

  /** Wishes that the plan breaks. */
  brokenWishes(): readonly Link[] {
    this.refreshWishes();
    return [...this.broken];
  }

  /** Each part after its factor, rounded down. */
  costs(): Costs {
    this.refresh();
    const weights = this.board.model.policy.weights ?? {};
    return Object.fromEntries(
      COST_PARTS.map((part) => [part, roundedDown((weights[part] ?? 1) * this.parts[part])]),
    ) as Costs;
  }

  /** The end of the last entry; 0 for an empty board. */
  finish(): Minute {
    return this.board.finish();
  }

  private weigh(): { readonly cost: number; readonly raw: number } {
    this.refresh();
    const weights = this.board.model.policy.weights;
    let [cost, raw] = [0, 0];
    for (const part of COST_PARTS) {
      const weighed = this.parts[part] * (weights?.[part] ?? 1);
      cost += roundedDown(weighed);
      raw += weighed;
    }
    return { cost, raw };
  }

  private note(entry: Placed, sign: 1 | -1): void {
    const { step, people, start } = entry;
    const { task } = step;
    if (this.out.has(task)) return;
    this.staleTasks.add(task);
    for (const link of this.wishesOf.get(step) ?? []) this.staleWishes.add(link);
    const runs = step.mode === 'wait' && entry.end > this.opens;
    if (this.countsRooms && (start >= this.opens || runs)) this.noteRoom(entry, sign);
    if (start < this.opens) return;
    this.noteEnd(lastDayOf(entry), sign);
    if (step.mode === 'wait') return;
    const day = dayOfMinute(start);
    const hands = handsOf(entry) * sign;
    this.all += hands;
    const at = day - this.first;
    while (this.loads.length <= at) this.loads.push(0);
    this.loads[at] = (this.loads[at] as number) + hands;
    this.parts.dislikes += (sign * dislikeOf(entry)) / DISLIKES_PER_MINUTE;
    this.noteGroup(task, day, sign);
    const minutes = (entry.end - start) * sign;
    for (const { index } of people) {
      this.worked[index] = (this.worked[index] as number) + minutes;
      (this.staleDays[index] as Set<DayNumber>).add(day);
    }
  }

  private noteEnd(day: DayNumber, sign: 1 | -1): void {
    const count = (this.ends.get(day) ?? 0) + sign;
    if (count === 0) this.ends.delete(day);
    else this.ends.set(day, count);
    if (sign > 0) this.lastDay = Math.max(this.lastDay, day);
  }

  private noteGroup(task: Task, day: DayNumber, sign: 1 | -1): void {
    const { grouping } = this.board.model.policy;
    const cost = SCATTER[grouping];
    if (cost === 0) return;
    const group = groupOf(task, grouping);
    let dates = this.groups.get(group);
    if (!dates) {
      dates = new Map();
      this.groups.set(group, dates);
    }
    const before = Math.max(0, dates.size - 1);
    const count = (dates.get(day) ?? 0) + sign;
    if (count === 0) dates.delete(day);
    else dates.set(day, count);
    this.parts.scatter += cost * (Math.max(0, dates.size - 1) - before);
  }

  private refresh(): void {
    this.refreshDays();
    this.refreshTasks();
    this.refreshWishes();
    const { policy } = this.board.model;
    if (policy.spread === 'early') this.parts.late = LATE * (this.last() - this.first);
    if (policy.spread === 'even') this.parts.uneven = unevenLoads(this.loads, this.all, this.offers);
    this.parts.unfair = unfairShares(this.worked, this.offers);
  }

  private last(): DayNumber {
    while (this.lastDay > this.first && !this.ends.has(this.lastDay)) this.lastDay--;
    return this.lastDay;
  }

  private refreshDays(): void {
    const { people } = this.board.model;
    for (let i = 0; i < people.length; i++) {
      const stale = this.staleDays[i] as Set<DayNumber>;
      if (stale.size === 0) continue;
      const days = this.days[i] as Map<DayNumber, SessionCosts>;
      for (const day of stale) {
        const [was, is] = [days.get(day) ?? NOTHING, this.lookAtDay(i, day)];
        this.parts.idle += is.idle - was.idle;
        this.parts.goings += is.goings - was.goings;
        this.parts.slivers += is.slivers - was.slivers;
        this.parts.sessions += is.sessions - was.sessions;
        days.set(day, is);
      }
      stale.clear();
    }
  }

  private lookAtDay(index: number, day: DayNumber): SessionCosts {
    const { people, policy } = this.board.model;
    const person = people[index] as Person;
    const work = this.board.workOn(person, day);
    const costs = noSessionCosts();
    for (let from = 0; from < work.length; ) {
      const to = endOfSession(work, from);
      if (this.hasPlanned(work, from, to)) addSession(costs, person, work, policy.grouping, from, to);
      from = to;
    }
    return costs;
  }

  private hasPlanned(work: readonly Placed[], from: number, to: number): boolean {
    for (let i = from; i < to; i++) if (!this.out.has((work[i] as Placed).step.task)) return true;
    return false;
  }

  private refreshTasks(): void {
    if (this.staleTasks.size === 0) return;
    const { hardestFirst } = this.board.model.policy;
    for (const task of this.staleTasks) {
      const was = this.tasks[task.index] as TaskCosts;
      const is = this.out.has(task) ? NO_TASK : this.lookAtTask(task, hardestFirst);
      this.parts.apart += is.apart - was.apart;
      this.parts.handovers += is.handovers - was.handovers;
      this.parts.dread += is.dread - was.dread;
      this.tasks[task.index] = is;
    }
    this.staleTasks.clear();
  }

  private lookAtTask(task: Task, hardestFirst: boolean): TaskCosts {
    const entries: Placed[] = [];
    for (const step of task.steps) for (const entry of this.board.entriesOf(step)) entries.push(entry);
    if (entries.length === 0) return NO_TASK;
    const counted = entries.filter((entry) => this.counts(entry));
    const running = entries.filter(
      (entry) => this.counts(entry) || (entry.step.mode === 'wait' && entry.end > this.opens),
    );
    return {
      apart: APART * nightsOfTask(task, running, this.first, Number.POSITIVE_INFINITY),
      handovers: HANDOVER * handoversIn(counted),
      dread: hardestFirst ? dreadOf(task, counted, this.first) : 0,
    };
  }

  private counts(entry: Placed): boolean {
    return entry.start >= this.opens;
  }

  private noteRoom({ step, start, end }: Placed, sign: 1 | -1): void {
    const dates = this.rooms[step.task.room.index] as RoomDates;
    const before = dates.nights;
    const begins = Math.max(this.first, dayOfMinute(start));
    if (!dates.note(begins, Math.max(this.first, dayOfMinute(end - 1)), sign)) return;
    const after = dates.nights;
    this.openNights(before, -1);
    this.openNights(after, 1);
  }

  /** A room more or less that stands open over these nights. */
  private openNights({ from, to }: RoomDates['nights'], sign: 1 | -1): void {
    const { openRooms, grouping } = this.board.model.policy;
    for (let day = from; day <= to; day++) {
      const night = day - this.first;
      const before = this.nights[night] ?? 0;
      this.nights[night] = before + sign;
      const beyond = Math.max(0, before + sign - openRooms) - Math.max(0, before - openRooms);
      this.parts.open += OPEN[grouping] * beyond;
    }
  }

  private refreshWishes(): void {
    for (const link of this.staleWishes) {
      const isBroken = this.isJudged(link) && isWishBroken(link, this.times);
      if (isBroken === this.broken.has(link)) continue;
      if (isBroken) this.broken.add(link);
      else this.broken.delete(link);
      this.parts.wishes += isBroken ? link.cost : -link.cost;
    }
    this.staleWishes.clear();
  }

  private isJudged({ before, after }: Link): boolean {
    return (before.doneAt !== undefined || !this.out.has(before.task)) && !this.out.has(after.task);
  }
}

/** The date of the first of what is done, by room. */
function begunOn({ steps }: Model): Map<Room, DayNumber> {
  const begun = new Map<Room, DayNumber>();
  for (const { doneAt, task } of steps.values())
    if (doneAt !== undefined)
      begun.set(task.room, Math.min(begun.get(task.room) ?? Number.POSITIVE_INFINITY, dayOfMinute(doneAt)));
  return begun;
}

function append<K, V>(map: Map<K, V[]>, key: K, value: V): void {
  const found = map.get(key);
  if (found) found.push(value);
  else map.set(key, [value]);
}

/** Where the session ends that begins with the work at `from`: the first an hour or more after what comes before it. */
function endOfSession(work: readonly Placed[], from: number): number {
  let end = (work[from] as Placed).end;
  let at = from + 1;
  for (; at < work.length; at++) {
    const entry = work[at] as Placed;
    if (entry.start - end >= SESSION_GAP) break;
    end = Math.max(end, entry.end);
  }
  return at;
}
