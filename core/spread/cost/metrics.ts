import { dayOfMinute, formatDate, formatMinute, type Minute, midnightOf } from '../../basics/local-time';
import type { BaseMetrics, PlanSession } from '../../plan/plan';
import type { Priority } from '../../plan/problem';
import {
  type Link,
  type Model,
  openHands,
  type Person,
  type Span,
  type Step,
  type Task,
} from '../model/model';

/** An entry of a plan with its names resolved. */
export type Placed = Span & { readonly step: Step; readonly people: readonly Person[] };

/** Work of one person less than this apart is one session. */
export const SESSION_GAP = 60;

export type Session = Span & { readonly person: Person; readonly entries: readonly Placed[] };

/** One person's hands-on entries, cut into sessions: by date, and wherever an hour or more lies between. */
export function sessionsOf(entries: readonly Placed[], people: readonly Person[]): Session[] {
  return people.flatMap((person) => {
    const own = entries
      .filter((entry) => entry.step.mode === 'hands' && entry.people.includes(person))
      .sort((a, b) => a.start - b.start || a.end - b.end);
    const sessions: { person: Person; start: Minute; end: Minute; entries: Placed[] }[] = [];
    for (const entry of own) {
      const last = sessions[sessions.length - 1];
      if (
        last &&
        dayOfMinute(last.start) === dayOfMinute(entry.start) &&
        entry.start - last.end < SESSION_GAP
      ) {
        last.entries.push(entry);
        last.end = Math.max(last.end, entry.end);
      } else {
        sessions.push({ person, start: entry.start, end: entry.end, entries: [entry] });
      }
    }
    return sessions;
  });
}

export function sessionDocuments(sessions: readonly Session[]): PlanSession[] {
  return [...sessions]
    .sort((a, b) => a.start - b.start || a.person.index - b.person.index)
    .map((session) => ({
      id: `${session.person.id}@${formatMinute(session.start)}`,
      person: session.person.id,
      date: formatDate(dayOfMinute(session.start)),
      start: formatMinute(session.start),
      end: formatMinute(session.end),
    }));
}

/** The figures of a plan, as docs/formats/plan.md defines them. */
export function metricsOf(
  model: Model,
  entries: readonly Placed[],
  sessions: readonly Session[],
  unplaced: readonly Task[],
): BaseMetrics {
  const last = entries.reduce((latest, entry) => Math.max(latest, entry.end), Number.NEGATIVE_INFINITY);
  return {
    finish: entries.length === 0 ? null : formatMinute(last),
    hands: entries.reduce((sum, entry) => sum + handsOf(entry), 0),
    session: sessions.reduce((sum, session) => sum + session.end - session.start, 0),
    idle: sessions.reduce((sum, session) => sum + idleOf(session), 0),
    unplaced: unplacedMinutes(unplaced),
    openRoomNights: openRoomsByNight(model, entries, unplaced).reduce((sum, open) => sum + open, 0),
    wishesBroken: brokenWishes(model, entries).length,
  };
}

export function handsOf(entry: Placed): number {
  return entry.step.mode === 'hands' ? (entry.end - entry.start) * entry.people.length : 0;
}

/** Minutes of standing about, breaks that are due left out. */
function idleOf(session: Session): number {
  const hands = session.entries.reduce((sum, entry) => sum + entry.end - entry.start, 0);
  return idleMinutes(session.person, session.end - session.start, hands);
}

/** The same by the length of a session and its hands-on minutes. */
export function idleMinutes({ breakAfter, breakLength }: Person, length: number, hands: number): number {
  const breaksDue = (Math.ceil(hands / breakAfter) - 1) * breakLength;
  return Math.max(0, length - hands - breaksDue);
}

/** Hands-on person-minutes left out, by priority, at least one a task. */
export function unplacedMinutes(unplaced: readonly Task[]): Record<Priority, number> {
  const sums = { must: 0, should: 0, could: 0 };
  for (const task of unplaced) sums[task.priority] += Math.max(1, openHands(task));
  return sums;
}

/**
 * For each date from `start` (or `now`, when that is later) to the last entry: how many rooms are begun and not
 * finished at its midnight. A wait still running counts as work to come.
 */
export function openRoomsByNight(
  model: Model,
  entries: readonly Placed[],
  unplaced: readonly Task[],
): number[] {
  if (entries.length === 0) return [];
  const out = new Set(unplaced);
  const begun = new Map<string, Minute>();
  const closed = new Map<string, Minute>();
  for (const step of model.steps.values()) {
    if (step.doneAt !== undefined) lower(begun, step.task.room.id, step.doneAt);
  }
  for (const entry of entries) {
    lower(begun, entry.step.task.room.id, entry.start);
    if (!out.has(entry.step.task)) raise(closed, entry.step.task.room.id, entry.end);
  }
  const first = Math.max(model.firstDay, model.now === undefined ? model.firstDay : dayOfMinute(model.now));
  const last = dayOfMinute(entries.reduce((latest, entry) => Math.max(latest, entry.end), 0));
  const nights: number[] = [];
  for (let day = first; day <= last; day++) {
    const night = midnightOf(day + 1);
    let open = 0;
    for (const [room, from] of begun) if (from < night && (closed.get(room) ?? 0) > night) open++;
    nights.push(open);
  }
  return nights;
}

function lower(map: Map<string, Minute>, key: string, minute: Minute): void {
  map.set(key, Math.min(map.get(key) ?? Number.POSITIVE_INFINITY, minute));
}

function raise(map: Map<string, Minute>, key: string, minute: Minute): void {
  map.set(key, Math.max(map.get(key) ?? Number.NEGATIVE_INFINITY, minute));
}

/** The wishes (soft precedences) whose order or gap the plan breaks. A side that is left out breaks nothing. */
export function brokenWishes(model: Model, entries: readonly Placed[]): Link[] {
  const wishes = model.links.filter((link) => !link.hard);
  if (wishes.length === 0) return [];
  const concerned = new Set(wishes.flatMap(({ before, after }) => [before, after]));
  const times = stepTimes(entries.filter(({ step }) => concerned.has(step)));
  return wishes.filter((link) => isLinkBroken(link, times));
}

export type StepTimes = {
  readonly startOf: (step: Step) => Minute | undefined;
  readonly endOf: (step: Step) => Minute | undefined;
};

/** When a step starts and ends in a plan; a done step has an end and no start. */
export function stepTimes(entries: readonly Placed[]): StepTimes {
  const starts = new Map<Step, Minute>();
  const ends = new Map<Step, Minute>();
  for (const entry of entries) {
    starts.set(entry.step, Math.min(starts.get(entry.step) ?? Number.POSITIVE_INFINITY, entry.start));
    ends.set(entry.step, Math.max(ends.get(entry.step) ?? Number.NEGATIVE_INFINITY, entry.end));
  }
  return { startOf: (step) => starts.get(step), endOf: (step) => step.doneAt ?? ends.get(step) };
}

/** True when both sides have their times and the order or the gap between them is not kept. */
export function isLinkBroken(link: Link, times: StepTimes): boolean {
  const end = times.endOf(link.before);
  const start = times.startOf(link.after);
  if (end === undefined || start === undefined) return false;
  return start < end + link.minGap || start > end + link.maxGap;
}
