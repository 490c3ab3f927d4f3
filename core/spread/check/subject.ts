import { groupBy } from '../../basics/group-by';
import { dayOfMinute, formatMinute, type Minute, minuteOf } from '../../basics/local-time';
import type { Plan } from '../../plan/plan';
import type { Placed, Session } from '../cost/metrics';
import type { Model, Person, Span, Step, Task } from '../model/model';

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

const OTHER_PROBLEM = 'the plan was made for another problem: its hash does not match';

/** A plan with its names resolved; only what names something that is not there can't be looked at any further. */
export function resolve(model: Model, plan: Plan, problemHash: string): Resolved {
  const names = namesOf(model);
  const faults = [...sessionFaults(plan, names), ...unplacedFaults(plan, names), ...entryFaults(plan, names)];
  const messages = [...(plan.problem === problemHash ? [] : [OTHER_PROBLEM]), ...faults];
  const violations = messages.map((message): Violation => ({ rule: 'form', message }));
  if (faults.length > 0) return { ok: false, violations };
  return { ok: true, violations, subject: subjectOf(model, plan, names) };
}

type Names = {
  readonly people: ReadonlyMap<string, Person>;
  readonly tasks: ReadonlyMap<string, Task>;
  readonly steps: ReadonlyMap<string, Step>;
};

function namesOf({ people, tasks, steps }: Model): Names {
  return {
    people: new Map(people.map((person) => [person.id, person])),
    tasks: new Map(tasks.map((task) => [task.id, task])),
    steps,
  };
}

function sessionFaults({ sessions }: Plan, { people }: Names): string[] {
  const seen = new Set<string>();
  return sessions.flatMap(({ id, person }) => {
    const faults = [
      ...(people.has(person) ? [] : [`session "${id}" names a person who is not there: "${person}"`]),
      ...(seen.has(id) ? [`two sessions have the id "${id}"`] : []),
    ];
    seen.add(id);
    return faults;
  });
}

function unplacedFaults({ unplaced }: Plan, { tasks }: Names): string[] {
  const seen = new Set<string>();
  return unplaced.flatMap(({ task }) => {
    const faults = [
      ...(tasks.has(task) ? [] : [`unplaced names a task that is not there: "${task}"`]),
      ...(seen.has(task) ? [`task "${task}" is listed twice in unplaced`] : []),
    ];
    seen.add(task);
    return faults;
  });
}

function entryFaults({ entries }: Plan, { steps, people }: Names): string[] {
  return entries.flatMap(({ step: id, people: own, start, end }) => {
    const step = steps.get(id);
    const isBackwards = end < start || (end === start && step?.mode === 'hands');
    return [
      ...(step ? [] : [`an entry names a step that is not there: "${id}"`]),
      ...own
        .filter((person) => !people.has(person))
        .map((person) => `step "${id}" names a person who is not there: "${person}"`),
      ...(new Set(own).size < own.length ? [`step "${id}" names a person twice`] : []),
      ...(isBackwards ? [`step "${id}" ends at ${end}, not after its start at ${start}`] : []),
    ];
  });
}

/** What the rules look at; every name leads somewhere. */
function subjectOf(model: Model, plan: Plan, names: Names): Subject {
  const entries = plan.entries.map((item) => entryOf(item, names));
  const byStep = groupBy(entries, ({ step }) => step);
  for (const list of byStep.values()) list.sort((a, b) => a.start - b.start);
  const unplaced = new Set(plan.unplaced.map((item) => names.tasks.get(item.task) as Task));
  const sessions = plan.sessions.map((session) => sessionOf(session, entries, names));
  return { model, plan, entries, byStep, unplaced, sessions };
}

function entryOf(item: Plan['entries'][number], { steps, people }: Names): Entry {
  const step = steps.get(item.step) as Step;
  const placed = {
    step,
    people: item.people.map((id) => people.get(id) as Person),
    start: minuteOf(item.start),
    end: minuteOf(item.end),
  };
  return { ...placed, fixed: step.fixed.some((fixed) => sameEntry(fixed, placed)) };
}

function sessionOf(
  { id, person: name, date, start, end }: Plan['sessions'][number],
  entries: readonly Entry[],
  { people }: Names,
): Subject['sessions'][number] {
  const person = people.get(name) as Person;
  const span = { start: minuteOf(start), end: minuteOf(end) };
  const inside = entries.filter(
    (entry) =>
      isHands(entry) && entry.people.includes(person) && span.start <= entry.start && entry.end <= span.end,
  );
  return { ...span, id, date, person, entries: inside };
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
