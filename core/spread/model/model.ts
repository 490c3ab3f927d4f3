import { type DailySpan, dailySpans } from '../../basics/daily';
import {
  clockMinutes,
  type DayNumber,
  dayOf,
  dayOfMinute,
  MINUTES_A_DAY,
  type Minute,
  midnightOf,
  minuteOf,
} from '../../basics/local-time';
import type { Policy, Priority, Problem, ProblemFocus, ProblemStep, ProblemTask } from '../../plan/problem';

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

export type Room = {
  readonly id: string;
  readonly index: number;
  readonly maxPeople: number;
  /** Storeys above the ground. */
  readonly floor: number;
  /** When nobody may be shut out of it. */
  readonly inUse: readonly DailySpan[];
};

export type FixedEntry = Span & { readonly people: readonly Person[] };

export type Step = {
  readonly id: string;
  /** Its place among all steps of the problem. */
  readonly index: number;
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
  /** A wait with a grown-up at home for all of its minutes. */
  readonly attended: boolean;
  /** Who may not work in the room during its minutes. */
  readonly keepsOut: ReadonlySet<Person>;
  readonly isNoisy: boolean;
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
  /** All of it ends by this minute of its date. */
  readonly by: number;
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
  /** Of a wish: what breaking it costs. */
  readonly cost: number;
  readonly reason: string;
};

/** A stretch of time that is given to certain work, or work that is given to it. */
export type Focus = Span & {
  readonly id: string;
  /** Absent: everybody. */
  readonly people?: ReadonlySet<Person>;
  readonly bindsTime: boolean;
  readonly bindsWork: boolean;
  readonly matches: (task: Task) => boolean;
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
  readonly focuses: readonly Focus[];
  /** When a grown-up is at home; absent: always. */
  readonly attendance?: readonly Span[];
  /** When nothing makes noise. */
  readonly quiet: readonly DailySpan[];
  readonly policy: Policy;
};

/** The tag of what makes noise. */
const NOISE = 'noise';

const DEFAULT_DAYLIGHT = { from: '08:00', to: '18:00' };
const DEFAULT_ROOM_PEOPLE = 2;
const DEFAULT_WISH_COST = 10;

/** Resolves a problem that passed `problemFaults`. A name that leads nowhere is an assertion. */
export function modelOf(problem: Problem): Model {
  const people = problem.people.map(personOf);
  const machines = problem.machines.map(machineOf);
  const rooms = problem.rooms.map(roomOf);
  const names: Names = {
    person: byId(people, 'person'),
    machine: byId(machines, 'machine'),
    room: byId(rooms, 'room'),
  };
  const doneAt = new Map((problem.done ?? []).map((entry) => [entry.step, minuteOf(entry.end)]));
  const fixed = fixedByStep(problem, names.person);
  let firstStep = 0;
  const tasks = problem.tasks.map((source, index) => {
    const task = taskOf(source, { index, firstStep }, names, { doneAt, fixed });
    firstStep += source.steps.length;
    return task;
  });
  const steps = new Map(tasks.flatMap((task) => task.steps).map((step) => [step.id, step]));
  return {
    ...calendarOf(problem),
    people,
    machines,
    rooms,
    tasks,
    steps,
    links: linksOf(problem, tasks, steps),
    focuses: (problem.focus ?? []).map((focus) => focusOf(focus, names.person)),
    ...(problem.attendance && { attendance: mergeSpans(problem.attendance.map(spanOf)) }),
    quiet: dailySpans(problem.quiet ?? []),
    policy: problem.policy,
  };
}

type Names = {
  readonly person: (id: string) => Person;
  readonly machine: (id: string) => Machine;
  readonly room: (id: string) => Room;
};

/** Which task it is, and which step its first is. */
type TaskPlace = { readonly index: number; readonly firstStep: number };

/** What is known of steps beyond the problem's tasks. */
type Given = {
  readonly doneAt: ReadonlyMap<string, Minute>;
  readonly fixed: ReadonlyMap<string, readonly FixedEntry[]>;
};

function personOf(source: Problem['people'][number], index: number): Person {
  const { id, windows, dailyCap, cannot, dislikes, breakAfter, breakLength } = source;
  return {
    id,
    index,
    windows: mergeSpans(windows.map(spanOf)),
    dailyCap,
    cannot: new Set(cannot),
    dislikes,
    breakAfter,
    breakLength,
  };
}

function machineOf({ id, windows }: Problem['machines'][number], index: number): Machine {
  return { id, index, ...(windows && { windows: mergeSpans(windows.map(spanOf)) }) };
}

function roomOf(source: Problem['rooms'][number], index: number): Room {
  const { id, maxPeople = DEFAULT_ROOM_PEOPLE, floor = 0, inUse = [] } = source;
  return { id, index, maxPeople, floor, inUse: dailySpans(inUse) };
}

function taskOf(source: ProblemTask, at: TaskPlace, names: Names, given: Given): Task {
  const { id, title, kind, layer, priority, hardness, person, earliest, latest, by } = source;
  const steps: Step[] = [];
  const task: Task = {
    id,
    index: at.index,
    title,
    room: names.room(source.room),
    kind,
    layer,
    priority,
    hardness,
    steps,
    ...(person !== undefined && { person: names.person(person) }),
    earliest: earliest === undefined ? Number.NEGATIVE_INFINITY : minuteOf(earliest),
    latest: latest === undefined ? Number.POSITIVE_INFINITY : minuteOf(latest),
    sameDay: (source.sameDay ?? false) || by !== undefined,
    by: by === undefined ? MINUTES_A_DAY : clockMinutes(by),
    dry: source.needs?.includes('dry') ?? false,
    daylight: source.needs?.includes('daylight') ?? false,
  };
  source.steps.forEach((_step, position) => {
    steps.push(stepOf(source, { task, position, index: at.firstStep + position }, names, given));
  });
  return task;
}

function calendarOf({ start, finish, now, days, policy }: Problem) {
  const dates = new Map((days ?? []).map((day) => [dayOf(day.date), day]));
  const reserve = new Set(policy.reserve.map(dayOf));
  return {
    start: midnightOf(dayOf(start)),
    end: midnightOf(dayOf(finish) + 1),
    firstDay: dayOf(start),
    lastDay: dayOf(finish),
    now: now === undefined ? undefined : minuteOf(now),
    isDry: (day: DayNumber) => dates.get(day)?.dry ?? true,
    daylight: (day: DayNumber) => {
      const { from, to } = dates.get(day)?.daylight ?? DEFAULT_DAYLIGHT;
      return { start: midnightOf(day) + clockMinutes(from), end: midnightOf(day) + clockMinutes(to) };
    },
    isReserve: (day: DayNumber) => reserve.has(day),
  };
}

function focusOf(source: ProblemFocus, person: (id: string) => Person): Focus {
  const { id, from, to, people, rooms, kinds, tasks, binds } = source;
  const isIn = (list: readonly string[] | undefined, name: string) => list?.includes(name) ?? true;
  return {
    id,
    start: minuteOf(from),
    end: minuteOf(to),
    ...(people && { people: new Set(people.map(person)) }),
    bindsTime: binds !== 'work',
    bindsWork: binds !== 'time',
    matches: (task) => isIn(rooms, task.room.id) && isIn(kinds, task.kind) && isIn(tasks, task.id),
  };
}

/** The first date of the plan: the later of the problem's and that of `now`. */
export function firstDateOf({ firstDay, now }: Pick<Model, 'firstDay' | 'now'>): DayNumber {
  return now === undefined ? firstDay : Math.max(firstDay, dayOfMinute(now));
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

/** People who may do a step at all: the named person, and nobody whom a tag rules out or who is kept out meanwhile. */
export function eligiblePeople(step: Step, people: readonly Person[]): Person[] {
  return people.filter(
    (person) =>
      (step.task.person === undefined || step.task.person === person) &&
      !step.keepsOut.has(person) &&
      !step.tags.some((tag) => person.cannot.has(tag)),
  );
}

/** Sorted, with overlapping and touching spans joined. */
function mergeSpans(spans: readonly Span[]): Span[] {
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

type StepPlace = Pick<Step, 'task' | 'position' | 'index'>;

function stepOf(source: ProblemTask, place: StepPlace, names: Names, given: Given): Step {
  const { position } = place;
  const item = source.steps[position] as ProblemStep;
  const doneAt = given.doneAt.get(item.id);
  const laterDone = source.steps.slice(position + 1).some((later) => given.doneAt.has(later.id));
  const tags = item.tags ?? [];
  const common = {
    id: item.id,
    ...place,
    minutes: item.minutes,
    tags,
    isNoisy: tags.includes(NOISE),
    keepsOut: new Set((item.keepsOut ?? []).map(names.person)),
    ...(item.machine !== undefined && { machine: names.machine(item.machine) }),
    ...(doneAt !== undefined && { doneAt }),
    fixed: doneAt === undefined ? (given.fixed.get(item.id) ?? []) : [],
  };
  return item.mode === 'hands'
    ? {
        ...common,
        mode: 'hands',
        crew: item.crew ?? 1,
        ...(item.split !== undefined && { split: item.split }),
        atMost: 0,
        closesRoom: false,
        attended: false,
        over: false,
      }
    : {
        ...common,
        mode: 'wait',
        crew: 0,
        atMost: item.atMost ?? Number.POSITIVE_INFINITY,
        closesRoom: item.closesRoom ?? false,
        attended: item.attended ?? false,
        over: doneAt === undefined && laterDone,
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
      cost: link.cost ?? DEFAULT_WISH_COST,
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
