import {
  clockMinutes,
  type DayNumber,
  dayOf,
  dayOfMinute,
  type Minute,
  midnightOf,
  minuteOf,
} from '../basics/local-time';
import type { Policy, Priority, Problem, ProblemStep } from '../plan/problem';

/** A problem with its names resolved and its times in minutes: what the scheduler and the check both work on. */

export type Span = { readonly start: Minute; readonly end: Minute };

export type Person = {
  readonly id: string;
  readonly index: number;
  /** Merged and sorted; windows that touch are one. */
  readonly windows: readonly Span[];
  readonly dailyCap: number;
  readonly cannot: ReadonlySet<string>;
  readonly dislikes: Readonly<Record<string, number>>;
  readonly breakAfter: number;
  readonly breakLength: number;
};

export type Machine = { readonly id: string; readonly index: number; readonly windows?: readonly Span[] };

export type Room = { readonly id: string; readonly index: number; readonly maxPeople: number };

export type FixedEntry = Span & { readonly people: readonly Person[] };

export type Step = {
  readonly id: string;
  readonly task: Task;
  readonly position: number;
  readonly mode: 'hands' | 'wait';
  readonly minutes: number;
  readonly tags: readonly string[];
  readonly machine?: Machine;
  readonly crew: number;
  readonly split?: number;
  readonly atMost: number;
  readonly closesRoom: boolean;
  readonly doneAt?: Minute;
  /** A wait with a done step after it: nobody waits for it any more. */
  readonly over: boolean;
  readonly fixed: readonly FixedEntry[];
};

export type Task = {
  readonly id: string;
  readonly index: number;
  readonly title: string;
  readonly room: Room;
  readonly kind: string;
  readonly layer: number;
  readonly priority: Priority;
  readonly hardness: number;
  readonly steps: Step[];
  readonly person?: Person;
  readonly earliest: Minute;
  readonly latest: Minute;
  readonly sameDay: boolean;
  readonly dry: boolean;
  readonly daylight: boolean;
};

export type Link = {
  readonly index: number;
  readonly before: Step;
  readonly after: Step;
  /** The before-side named a whole task. */
  readonly beforeIsTask: boolean;
  readonly minGap: number;
  readonly maxGap: number;
  readonly hard: boolean;
  readonly orderOnly: boolean;
  readonly reason: string;
};

export type Model = {
  readonly start: Minute;
  /** The midnight after the finish date. */
  readonly end: Minute;
  readonly firstDay: DayNumber;
  readonly lastDay: DayNumber;
  readonly now: Minute | undefined;
  readonly people: readonly Person[];
  readonly machines: readonly Machine[];
  readonly rooms: readonly Room[];
  readonly tasks: readonly Task[];
  readonly steps: ReadonlyMap<string, Step>;
  readonly links: readonly Link[];
  readonly isDry: (day: DayNumber) => boolean;
  readonly daylight: (day: DayNumber) => Span;
  readonly isReserve: (day: DayNumber) => boolean;
  readonly policy: Policy;
};

const DEFAULT_DAYLIGHT = { from: '08:00', to: '18:00' };
const DEFAULT_ROOM_PEOPLE = 2;

/** Resolves a problem that passed `problemFaults`. A name that leads nowhere is an assertion. */
export function modelOf(problem: Problem): Model {
  const people = problem.people.map(
    (person, index): Person => ({
      id: person.id,
      index,
      windows: mergeSpans(person.windows.map(spanOf)),
      dailyCap: person.dailyCap,
      cannot: new Set(person.cannot),
      dislikes: person.dislikes,
      breakAfter: person.breakAfter,
      breakLength: person.breakLength,
    }),
  );
  const machines = problem.machines.map(
    (machine, index): Machine => ({
      id: machine.id,
      index,
      ...(machine.windows && { windows: mergeSpans(machine.windows.map(spanOf)) }),
    }),
  );
  const rooms = problem.rooms.map(
    (room, index): Room => ({ id: room.id, index, maxPeople: room.maxPeople ?? DEFAULT_ROOM_PEOPLE }),
  );
  const lookUp = {
    person: byId(people, 'person'),
    machine: byId(machines, 'machine'),
    room: byId(rooms, 'room'),
  };
  const doneAt = new Map((problem.done ?? []).map((entry) => [entry.step, minuteOf(entry.end)]));
  const fixed = fixedByStep(problem, lookUp.person);
  const steps = new Map<string, Step>();
  const tasks = problem.tasks.map((source, index): Task => {
    const task: Task = {
      id: source.id,
      index,
      title: source.title,
      room: lookUp.room(source.room),
      kind: source.kind,
      layer: source.layer,
      priority: source.priority,
      hardness: source.hardness,
      steps: [],
      ...(source.person !== undefined && { person: lookUp.person(source.person) }),
      earliest: source.earliest === undefined ? Number.NEGATIVE_INFINITY : minuteOf(source.earliest),
      latest: source.latest === undefined ? Number.POSITIVE_INFINITY : minuteOf(source.latest),
      sameDay: source.sameDay ?? false,
      dry: source.needs?.includes('dry') ?? false,
      daylight: source.needs?.includes('daylight') ?? false,
    };
    source.steps.forEach((item, position) => {
      const laterDone = source.steps.slice(position + 1).some((later) => doneAt.has(later.id));
      const step = stepOf(
        item,
        task,
        position,
        lookUp.machine,
        fixed.get(item.id) ?? [],
        doneAt.get(item.id),
        laterDone,
      );
      task.steps.push(step);
      steps.set(step.id, step);
    });
    return task;
  });
  const dates = new Map((problem.days ?? []).map((day) => [dayOf(day.date), day]));
  const reserve = new Set(problem.policy.reserve.map(dayOf));
  return {
    start: midnightOf(dayOf(problem.start)),
    end: midnightOf(dayOf(problem.finish) + 1),
    firstDay: dayOf(problem.start),
    lastDay: dayOf(problem.finish),
    now: problem.now === undefined ? undefined : minuteOf(problem.now),
    people,
    machines,
    rooms,
    tasks,
    steps,
    links: linksOf(problem, tasks, steps),
    isDry: (day) => dates.get(day)?.dry ?? true,
    daylight: (day) => {
      const { from, to } = dates.get(day)?.daylight ?? DEFAULT_DAYLIGHT;
      return { start: midnightOf(day) + clockMinutes(from), end: midnightOf(day) + clockMinutes(to) };
    },
    isReserve: (day) => reserve.has(day),
    policy: problem.policy,
  };
}

/** True when nothing of the step is left to place. A step that may not be split is placed by one fixed entry. */
export function isSettled(step: Step): boolean {
  if (step.doneAt !== undefined || step.over) return true;
  return step.fixed.length > 0 && (step.split === undefined || remainingMinutes(step) === 0);
}

/** Minutes of a step that its fixed parts leave to plan. */
export function remainingMinutes(step: Step): number {
  return Math.max(0, step.minutes - step.fixed.reduce((sum, entry) => sum + entry.end - entry.start, 0));
}

/** Hands-on person-minutes of a task that are neither done nor fixed. */
export function openHands(task: Task): number {
  return task.steps.reduce(
    (sum, step) => sum + (step.mode === 'wait' || isSettled(step) ? 0 : remainingMinutes(step) * step.crew),
    0,
  );
}

/** People who may do a step at all: the named person, and nobody whom a tag rules out. */
export function eligiblePeople(step: Step, people: readonly Person[]): Person[] {
  return people.filter(
    (person) =>
      (step.task.person === undefined || step.task.person === person) &&
      !step.tags.some((tag) => person.cannot.has(tag)),
  );
}

/** Sorted, with overlapping and touching spans joined. */
export function mergeSpans(spans: readonly Span[]): Span[] {
  const merged: { start: Minute; end: Minute }[] = [];
  for (const span of [...spans].sort((a, b) => a.start - b.start)) {
    const last = merged[merged.length - 1];
    if (last && span.start <= last.end) last.end = Math.max(last.end, span.end);
    else merged.push({ ...span });
  }
  return merged;
}

/** The last day that a span touches; a span that ends at midnight does not touch the day after. */
export function lastDayOf(span: Span): DayNumber {
  return dayOfMinute(Math.max(span.start, span.end - 1));
}

function spanOf(window: { start: string; end: string }): Span {
  return { start: minuteOf(window.start), end: minuteOf(window.end) };
}

function stepOf(
  item: ProblemStep,
  task: Task,
  position: number,
  machine: (id: string) => Machine,
  fixed: readonly FixedEntry[],
  doneAt: Minute | undefined,
  laterDone: boolean,
): Step {
  const hands = item.mode === 'hands';
  return {
    id: item.id,
    task,
    position,
    mode: item.mode,
    minutes: item.minutes,
    tags: item.tags ?? [],
    ...(item.machine !== undefined && { machine: machine(item.machine) }),
    crew: hands ? (item.crew ?? 1) : 0,
    ...(hands && item.split !== undefined && { split: item.split }),
    atMost: hands ? 0 : (item.atMost ?? Number.POSITIVE_INFINITY),
    closesRoom: !hands && (item.closesRoom ?? false),
    ...(doneAt !== undefined && { doneAt }),
    over: !hands && doneAt === undefined && laterDone,
    fixed: doneAt === undefined ? fixed : [],
  };
}

function fixedByStep(problem: Problem, person: (id: string) => Person): Map<string, FixedEntry[]> {
  const found = new Map<string, FixedEntry[]>();
  for (const entry of problem.fixed ?? []) {
    const list = found.get(entry.step) ?? [];
    list.push({ ...spanOf(entry), people: entry.people.map(person) });
    list.sort((a, b) => a.start - b.start);
    found.set(entry.step, list);
  }
  return found;
}

function linksOf(problem: Problem, tasks: readonly Task[], steps: ReadonlyMap<string, Step>): Link[] {
  const taskById = new Map(tasks.map((task) => [task.id, task]));
  return problem.precedence.map((link, index): Link => {
    const beforeTask = taskById.get(link.before);
    const afterTask = taskById.get(link.after);
    const before = beforeTask ? beforeTask.steps[beforeTask.steps.length - 1] : steps.get(link.before);
    const after = afterTask ? afterTask.steps[0] : steps.get(link.after);
    if (!before || !after)
      throw new Error(`Precedence ${index} names nothing: ${link.before}, ${link.after}`);
    return {
      index,
      before,
      after,
      beforeIsTask: beforeTask !== undefined,
      minGap: link.minGap ?? 0,
      maxGap: link.maxGap ?? Number.POSITIVE_INFINITY,
      hard: link.hard,
      orderOnly: link.orderOnly ?? false,
      reason: link.reason,
    };
  });
}

function byId<T extends { readonly id: string }>(items: readonly T[], noun: string): (id: string) => T {
  const found = new Map(items.map((item) => [item.id, item]));
  return (id) => {
    const item = found.get(id);
    if (!item) throw new Error(`No ${noun} with the id ${id}`);
    return item;
  };
}
