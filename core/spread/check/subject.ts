import { dayOfMinute, formatMinute, type Minute, minuteOf } from '../../basics/local-time';
import type { Plan } from '../../plan/plan';
import type { Placed, Session } from '../metrics';
import type { Model, Person, Span, Step, Task } from '../model';

/** The plan under check, with its names resolved, and small questions that the rules share. */

/** Which rule a plan breaks: 1 to 10 as numbered in docs/formats/plan.md, or the form of the document itself. */
export type RuleName = 'form' | 1 | 2 | 3 | 4 | 5 | 6 | 7 | 8 | 9 | 10 | 'metrics';

export type Violation = { readonly rule: RuleName; readonly message: string };

export type Entry = Placed & { readonly fixed: boolean };

export type Subject = {
  readonly model: Model;
  readonly plan: Plan;
  readonly entries: readonly Entry[];
  readonly byStep: ReadonlyMap<Step, readonly Entry[]>;
  readonly unplaced: ReadonlySet<Task>;
  readonly sessions: readonly (Omit<Session, 'entries'> & {
    readonly id: string;
    readonly date: string;
    readonly entries: Entry[];
  })[];
};

export type Rule = (subject: Subject) => Violation[];

type Resolved =
  | { ok: true; subject: Subject; violations: Violation[] }
  | { ok: false; violations: Violation[] };

export function resolve(model: Model, plan: Plan, problemHash: string): Resolved {
  const violations: Violation[] = [];
  const form = (message: string) => violations.push({ rule: 'form', message });
  const people = new Map(model.people.map((person) => [person.id, person]));
  const tasks = new Map(model.tasks.map((task) => [task.id, task]));
  if (plan.problem !== problemHash) form('the plan was made for another problem: its hash does not match');
  const sessionIds = new Set<string>();
  for (const session of plan.sessions) {
    if (!people.has(session.person))
      form(`session "${session.id}" names a person who is not there: "${session.person}"`);
    if (sessionIds.has(session.id)) form(`two sessions have the id "${session.id}"`);
    sessionIds.add(session.id);
  }
  const left = new Set<string>();
  for (const item of plan.unplaced) {
    if (!tasks.has(item.task)) form(`unplaced names a task that is not there: "${item.task}"`);
    if (left.has(item.task)) form(`task "${item.task}" is listed twice in unplaced`);
    left.add(item.task);
  }
  for (const entry of plan.entries) {
    const step = model.steps.get(entry.step);
    if (!step) form(`an entry names a step that is not there: "${entry.step}"`);
    for (const id of entry.people)
      if (!people.has(id)) form(`step "${entry.step}" names a person who is not there: "${id}"`);
    if (new Set(entry.people).size < entry.people.length) form(`step "${entry.step}" names a person twice`);
    const backwards = entry.end < entry.start || (entry.end === entry.start && step?.mode === 'hands');
    if (backwards) form(`step "${entry.step}" ends at ${entry.end}, not after its start at ${entry.start}`);
  }
  if (
    violations.some((v) => v.message !== 'the plan was made for another problem: its hash does not match')
  ) {
    return { ok: false, violations };
  }
  const entries = plan.entries.map((item): Entry => {
    const step = model.steps.get(item.step) as Step;
    const placed = {
      step,
      people: item.people.map((id) => people.get(id) as Person),
      start: minuteOf(item.start),
      end: minuteOf(item.end),
    };
    return { ...placed, fixed: step.fixed.some((fixed) => sameEntry(fixed, placed)) };
  });
  const byStep = new Map<Step, Entry[]>();
  for (const entry of entries) byStep.set(entry.step, [...(byStep.get(entry.step) ?? []), entry]);
  for (const list of byStep.values()) list.sort((a, b) => a.start - b.start);
  const sessions = plan.sessions.map((session) => {
    const person = people.get(session.person) as Person;
    const span = { start: minuteOf(session.start), end: minuteOf(session.end) };
    const inside = entries.filter(
      (entry) =>
        isHands(entry) && entry.people.includes(person) && span.start <= entry.start && entry.end <= span.end,
    );
    return { ...span, id: session.id, date: session.date, person, entries: inside };
  });
  const unplaced = new Set(plan.unplaced.map((item) => tasks.get(item.task) as Task));
  return { ok: true, violations, subject: { model, plan, entries, byStep, unplaced, sessions } };
}

export function sameEntry(
  a: Span & { people: readonly Person[] },
  b: Span & { people: readonly Person[] },
): boolean {
  return (
    a.start === b.start &&
    a.end === b.end &&
    a.people.length === b.people.length &&
    a.people.every((person) => b.people.includes(person))
  );
}

export const isHands = (entry: Placed) => entry.step.mode === 'hands';

export const at = (minute: Minute) => formatMinute(minute);

export const named = (entry: Placed) => `step "${entry.step.id}" (${at(entry.start)} to ${at(entry.end)})`;

export function handsOfPerson(entries: readonly Entry[], person: Person): Entry[] {
  return entries
    .filter((entry) => isHands(entry) && entry.people.includes(person))
    .sort((a, b) => a.start - b.start);
}

export function byDay(entries: readonly Entry[]): Map<number, Entry[]> {
  const days = new Map<number, Entry[]>();
  for (const entry of entries) {
    const day = dayOfMinute(entry.start);
    days.set(day, [...(days.get(day) ?? []), entry]);
  }
  return days;
}

/** Pairs of spans that overlap, from a list sorted by start. */
export function* overlaps<T extends Span>(sorted: readonly T[]): Generator<[T, T]> {
  for (let i = 0; i < sorted.length; i++) {
    const a = sorted[i] as T;
    for (let j = i + 1; j < sorted.length; j++) {
      const b = sorted[j] as T;
      if (b.start >= a.end) break;
      yield [a, b];
    }
  }
}
