import { groupBy } from '../../basics/group-by';
import { type DayNumber, dayOfMinute, type Minute, midnightOf } from '../../basics/local-time';
import { COST_PARTS, type CostPart, type Costs } from '../../plan/costs';
import type { Policy } from '../../plan/problem';
import { firstDateOf, lastDayOf, type Model, type Person, type Room, type Task } from '../model/model';
import { type Offers, offersOf } from '../model/offers';
import { handsOf, isLinkBroken, type Placed, type Session, sessionsOf, stepTimes } from './metrics';
import { addSession, noSessionCosts, type SessionCosts } from './session-costs';

/**
 * What a plan costs, in minutes' worth: how far it is from one that a sensible person would make. Each part is a row; see
 * "Which plan is better" in docs/formats/plan.md. This is the whole plan looked at once; the search keeps the same
 * figures up by differences.
 */

/** A plan as the parts look at it. */
export type CostView = {
  readonly model: Model;
  readonly first: DayNumber;
  /** The date on which the last entry ends; the first date where there is none. */
  readonly last: DayNumber;
  /** Entries that count: of planned tasks, from the first date on. */
  readonly entries: readonly Placed[];
  readonly hands: readonly Placed[];
  /** The same, and waits that began before and still run. */
  readonly running: readonly Placed[];
  readonly sessions: readonly Session[];
  /** Tasks that are planned. */
  readonly planned: readonly Task[];
  readonly offers: Offers;
};

export function costView(model: Model, entries: readonly Placed[], unplaced: readonly Task[]): CostView {
  const first = firstDateOf(model);
  const out = new Set(unplaced);
  const ofPlanned = entries.filter(({ step }) => !out.has(step.task));
  const counted = ofPlanned.filter(({ start }) => start >= midnightOf(first));
  const running = ofPlanned.filter(
    ({ step, start, end }) => start >= midnightOf(first) || (step.mode === 'wait' && end > midnightOf(first)),
  );
  const countedSet = new Set(counted);
  return {
    model,
    first,
    last: counted.reduce((last, entry) => Math.max(last, lastDayOf(entry)), first),
    entries: counted,
    hands: counted.filter(({ step }) => step.mode === 'hands'),
    running,
    sessions: sessionsOf(entries, model.people).filter((session) =>
      session.entries.some((entry) => countedSet.has(entry)),
    ),
    planned: model.tasks.filter((task) => !out.has(task)),
    offers: offersOf(model),
  };
}

/** Every part after its factor, rounded down, and their sum. */
export function costsOf(view: CostView): { readonly costs: Costs; readonly cost: number } {
  const weights = view.model.policy.weights ?? {};
  const costs = Object.fromEntries(
    COST_PARTS.map((part) => [part, roundedDown((weights[part] ?? 1) * PARTS[part](view))]),
  ) as Costs;
  return { costs, cost: COST_PARTS.reduce((sum, part) => sum + costs[part], 0) };
}

/** What is a whole number but for the last bits of a fraction is that number. */
export function roundedDown(value: number): number {
  return Math.floor(value + 1e-7);
}

const PARTS: Readonly<Record<CostPart, (view: CostView) => number>> = {
  late: ({ model, first, last }) => (model.policy.spread === 'early' ? LATE * (last - first) : 0),
  uneven: (view) => (view.model.policy.spread === 'even' ? unevenness(view) : 0),
  open: (view) => OPEN[view.model.policy.grouping] * openBeyondWish(view),
  scatter: scattering,
  wishes: ({ model, entries, running }) => {
    const times = stepTimes([...new Set([...entries, ...running])]);
    return sum(
      model.links.filter((link) => isWishBroken(link, times)),
      (link) => link.cost,
    );
  },
  idle: (view) => ofSessions(view).idle,
  goings: (view) => ofSessions(view).goings,
  slivers: (view) => ofSessions(view).slivers,
  sessions: (view) => ofSessions(view).sessions,
  apart: (view) => APART * nightsApart(view),
  handovers: ({ hands }) =>
    sum([...groupBy(hands, ({ step }) => step.task).values()], (own) => HANDOVER * handoversIn(own)),
  dread: ({ model, entries, first }) =>
    model.policy.hardestFirst
      ? sum([...groupBy(entries, ({ step }) => step.task)], ([task, own]) => dreadOf(task, own, first))
      : 0,
  dislikes: ({ hands }) => sum(hands, dislikeOf) / DISLIKES_PER_MINUTE,
  unfair: unfairness,
};

export const LATE = 30;
export const APART = 15;
export const HANDOVER = 5;
export const DISLIKES_PER_MINUTE = 10;
const DREADED_FROM = 4;
const DREAD = 2;
const DAYS_A_WEEK = 7;

/** For each night with more rooms open than wished for. */
export const OPEN: Readonly<Record<Policy['grouping'], number>> = { room: 20, none: 5, kind: 0, layer: 0 };

/** For each date after the first on which the same room, kind or band is worked on. */
export const SCATTER: Readonly<Record<Policy['grouping'], number>> = {
  room: 6,
  kind: 15,
  layer: 15,
  none: 0,
};

/** What belongs together by the school of the household; undefined where nothing does. */
export function groupOf(task: Task, grouping: Policy['grouping']): unknown {
  switch (grouping) {
    case 'room':
      return task.room;
    case 'kind':
      return task.kind;
    case 'layer':
      return bandOf(task.layer);
    case 'none':
      return undefined;
  }
}

/** High work, what stands in the room, and the floors. */
function bandOf(layer: number): number {
  if (layer <= 1) return 0;
  return layer <= 7 ? 1 : 2;
}

function sum<T>(items: readonly T[], of: (item: T) => number): number {
  return items.reduce((total, item) => total + of(item), 0);
}

/** Work on a date beyond twice its share, and half of what weeks differ from theirs. */
function unevenness({ model, first, hands, offers }: CostView): number {
  const loads = new Map<DayNumber, number>();
  for (const entry of hands) {
    const day = dayOfMinute(entry.start);
    loads.set(day, (loads.get(day) ?? 0) + handsOf(entry));
  }
  const last = Math.max(model.lastDay, ...loads.keys());
  const all = sum(hands, handsOf);
  const byDate = Array.from({ length: last - first + 1 }, (_, i) => loads.get(first + i) ?? 0);
  return unevenLoads(byDate, all, offers);
}

/** The same of loads by date, from the first date on. */
export function unevenLoads(loads: readonly number[], all: number, { ofDate, all: offered }: Offers): number {
  // In parts of all that is offered, so that whole numbers stay whole.
  const scale = offered || 1;
  const share = (offer: number) => (offered === 0 ? 0 : all * offer);
  let parts = 0;
  let week = 0;
  loads.forEach((load, i) => {
    const own = share(ofDate[i] ?? 0);
    parts += 2 * Math.max(0, load * scale - 2 * own);
    week += load * scale - own;
    if (i % DAYS_A_WEEK === DAYS_A_WEEK - 1 || i === loads.length - 1) {
      parts += Math.abs(week);
      week = 0;
    }
  });
  return parts / (2 * scale);
}

/** Open rooms beyond the wish, night by night. */
function openBeyondWish({ model, first, last, running }: CostView): number {
  const begun = new Map<Room, Minute>();
  const closed = new Map<Room, Minute>();
  for (const step of model.steps.values())
    if (step.doneAt !== undefined) lower(begun, step.task.room, step.doneAt);
  for (const { step, start, end } of running) {
    lower(begun, step.task.room, start);
    raise(closed, step.task.room, end);
  }
  let beyond = 0;
  for (let day = first; day < last; day++) {
    const night = midnightOf(day + 1);
    let open = 0;
    for (const [room, from] of begun) if (from < night && (closed.get(room) ?? 0) > night) open++;
    beyond += Math.max(0, open - model.policy.openRooms);
  }
  return beyond;
}

function lower<Key>(map: Map<Key, Minute>, key: Key, minute: Minute): void {
  map.set(key, Math.min(map.get(key) ?? Number.POSITIVE_INFINITY, minute));
}

function raise<Key>(map: Map<Key, Minute>, key: Key, minute: Minute): void {
  map.set(key, Math.max(map.get(key) ?? Number.NEGATIVE_INFINITY, minute));
}

function scattering({ model, hands }: CostView): number {
  const { grouping } = model.policy;
  if (SCATTER[grouping] === 0) return 0;
  const dates = new Map<unknown, Set<DayNumber>>();
  for (const { step, start } of hands) {
    const group = groupOf(step.task, grouping);
    const known = dates.get(group) ?? new Set();
    dates.set(group, known.add(dayOfMinute(start)));
  }
  return SCATTER[grouping] * sum([...dates.values()], (known) => known.size - 1);
}

/** A wish whose after-side is done is not judged. */
export function isWishBroken(
  link: Model['links'][number],
  times: Parameters<typeof isLinkBroken>[1],
): boolean {
  return !link.hard && link.after.doneAt === undefined && isLinkBroken(link, times);
}

function ofSessions({ model, sessions }: CostView): SessionCosts {
  const costs = noSessionCosts();
  for (const { person, entries } of sessions) addSession(costs, person, entries, model.policy.grouping);
  return costs;
}

/** Nights over which a task lies begun and unfinished, and nothing of it runs. */
function nightsApart({ planned, running, first, last }: CostView): number {
  const own = groupBy(running, ({ step }) => step.task);
  return sum(planned, (task) => nightsOfTask(task, own.get(task) ?? [], first, last));
}

/** The same of one task, by its entries. */
export function nightsOfTask(
  task: Task,
  entries: readonly Placed[],
  first: DayNumber,
  last: DayNumber,
): number {
  let begun = Number.POSITIVE_INFINITY;
  let end = Number.NEGATIVE_INFINITY;
  for (const step of task.steps) if (step.doneAt !== undefined) begun = Math.min(begun, step.doneAt);
  for (const entry of entries) {
    begun = Math.min(begun, entry.start);
    end = Math.max(end, entry.end);
  }
  let nights = 0;
  for (let day = Math.max(first, dayOfMinute(begun)); day < last; day++) {
    const night = midnightOf(day + 1);
    if (night >= end) break;
    if (begun < night && !entries.some((entry) => runsAt(entry, night))) nights++;
  }
  return nights;
}

function runsAt({ step, start, end }: Placed, moment: Minute): boolean {
  return step.mode === 'wait' && start <= moment && moment < end;
}

/** People after the first who do a task by themselves. */
export function handoversIn(entries: readonly Placed[]): number {
  const known: Person[] = [];
  for (const { step, people } of entries)
    if (step.mode === 'hands' && step.crew === 1)
      for (const person of people) if (!known.includes(person)) known.push(person);
  return Math.max(0, known.length - 1);
}

export function dreadOf(task: Task, entries: readonly Placed[], first: DayNumber): number {
  if (task.hardness < DREADED_FROM || entries.length === 0) return 0;
  const begins = entries.reduce((start, entry) => Math.min(start, entry.start), Number.POSITIVE_INFINITY);
  return DREAD * (dayOfMinute(begins) - first);
}

/** Minutes of work that somebody would rather not do, times how much. */
export function dislikeOf({ step, people, start, end }: Placed): number {
  return sum(people, (person) => (person.dislikes[step.task.kind] ?? 0) * (end - start));
}

function unfairness({ model, hands, offers }: CostView): number {
  const worked = model.people.map(() => 0);
  for (const { people, start, end } of hands)
    for (const { index } of people) worked[index] = (worked[index] ?? 0) + end - start;
  return unfairShares(worked, offers);
}

/** A quarter of what each person's work differs from their share, by hands-on minutes of each. */
export function unfairShares(worked: readonly number[], { ofPerson, all: offered }: Offers): number {
  const all = sum(worked, (minutes) => minutes);
  const scale = offered || 1;
  const parts = worked.map((minutes, i) =>
    Math.abs(minutes * scale - (offered === 0 ? 0 : all * (ofPerson[i] ?? 0))),
  );
  return sum(parts, (part) => part) / (4 * scale);
}
