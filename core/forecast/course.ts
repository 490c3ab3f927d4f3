import { clockMinutes, dayOf, MINUTES_A_DAY, type Minute, midnightOf, minuteOf } from '../basics/local-time';
import type { Plan } from '../plan/plan';
import type { Problem, ProblemStep, ProblemTask } from '../plan/problem';
import { type Bounds, boundsOf } from './bounds';

/** A problem and its plan as a course that can be run many times over: numbers in place of names, days as lists. */

export type CourseStep = {
  readonly isHands: boolean;
  readonly minutes: number;
  /** One standard deviation to either side: 80 % fall between low and high. */
  readonly slower: number;
  readonly quicker: number;
  /** Shortest part into which it may be cut; undefined: one begins it only where all of it fits. */
  readonly split: number | undefined;
  readonly crew: number;
  readonly machine: number | undefined;
  readonly closesRoom: boolean;
  /** Who may do it, in order of preference: whom the plan names, then everybody else who is able. */
  readonly planned: readonly number[];
  readonly able: ReadonlySet<number>;
  /** Who may not work in its room meanwhile. */
  readonly keepsOut: readonly number[];
  readonly bounds: Bounds | undefined;
  /** What must be over before: the step of a task and the minutes between. */
  readonly after: readonly Before[];
};

export type Before = { readonly task: number; readonly step: number; readonly minGap: number };

export type CourseTask = {
  readonly steps: readonly CourseStep[];
  readonly room: number;
  /** When the plan begins each step. */
  readonly starts: readonly Minute[];
  readonly earliest: Minute;
  readonly needsDry: boolean;
  readonly needsDaylight: boolean;
  /** Minutes from its first step to its last, where they have to lie on one date. */
  readonly onOneDate: number | undefined;
  /** Steps that are over already, and since when. */
  readonly done: number;
  readonly doneAt: Minute;
};

export type CoursePerson = {
  readonly dailyCap: number;
  readonly breakAfter: number;
  readonly breakLength: number;
  /** Stretches in which they are free, by day since the first. */
  readonly windows: readonly (readonly Span[])[];
};

type Span = { readonly from: Minute; readonly to: Minute };

export type CourseDay = {
  readonly day: number;
  readonly month: number;
  /** Whether it is dry, as far as anybody has said so. */
  readonly dry: boolean | undefined;
  readonly light: Span;
  readonly isReserve: boolean;
};

export type Course = {
  readonly now: Minute;
  readonly days: readonly CourseDay[];
  readonly people: readonly CoursePerson[];
  readonly machines: readonly (readonly Span[] | undefined)[];
  readonly rooms: readonly number[];
  readonly tasks: readonly CourseTask[];
  /** Hands-on minutes of all that is planned and not done. */
  readonly hands: number;
  /** Whether something that must be done has no place: then it is not finished by what is planned. */
  readonly lacksMust: boolean;
};

const DEVIATIONS_IN_RANGE = 1.2816;
/** What is told of the weather holds for so many days; of later ones only the month is known. */
const DAYS_TOLD = 5;
const USUAL_LIGHT = { from: 8 * 60, to: 18 * 60 };

/** Only what the plan has a place for; what it leaves out is told by the plan itself. */
export function courseOf(problem: Problem, plan: Plan): Course {
  const left = new Set(plan.unplaced.map(({ task }) => task));
  const tasks = problem.tasks.filter(({ id }) => !left.has(id));
  const numbers = numbersOf(problem, tasks);
  const now = Math.max(midnightOf(dayOf(problem.start)), problem.now ? minuteOf(problem.now) : 0);
  const days = daysOf(problem, now);
  const course = tasks
    .map((task) => taskOf(task, { problem, plan, numbers }))
    .filter(({ done, steps }) => done < steps.length);
  return {
    now,
    days,
    people: problem.people.map((person) => ({
      dailyCap: person.dailyCap,
      breakAfter: person.breakAfter,
      breakLength: person.breakLength,
      windows: days.map(({ day }) => windowsOn(person.windows, day, now)),
    })),
    machines: problem.machines.map(({ windows }) => windows?.map(spanOf)),
    rooms: problem.rooms.map(({ maxPeople }) => maxPeople ?? USUAL_PEOPLE),
    ...withoutDone(tasks, course, numbers),
    lacksMust: problem.tasks.some(({ id, priority }) => priority === 'must' && left.has(id)),
  };
}

const USUAL_PEOPLE = 2;

type Numbers = {
  readonly person: ReadonlyMap<string, number>;
  readonly machine: ReadonlyMap<string, number>;
  readonly room: ReadonlyMap<string, number>;
  readonly task: ReadonlyMap<string, number>;
  /** Task and place in it of each step. */
  readonly step: ReadonlyMap<string, { readonly task: number; readonly step: number }>;
  readonly doneAt: ReadonlyMap<string, Minute>;
};

/** Where the plan has each step: when it begins, and who does it. */
type Places = ReadonlyMap<string, { readonly start: Minute; readonly people: readonly string[] }>;

function numbersOf(problem: Problem, tasks: readonly ProblemTask[]): Numbers {
  const byId = (items: readonly { readonly id: string }[]) => new Map(items.map(({ id }, i) => [id, i]));
  return {
    person: byId(problem.people),
    machine: byId(problem.machines),
    room: byId(problem.rooms),
    task: byId(tasks),
    step: new Map(
      tasks.flatMap(({ steps }, task) => steps.map(({ id }, step) => [id, { task, step }] as const)),
    ),
    doneAt: new Map((problem.done ?? []).map(({ step, end }) => [step, minuteOf(end)])),
  };
}

type Subject = {
  readonly problem: Problem;
  readonly plan: Plan;
  readonly numbers: Numbers;
};

const placesOf = new WeakMap<Plan, Places>();

function placesIn(plan: Plan): Places {
  let places = placesOf.get(plan);
  if (!places) {
    const first = new Map<string, { start: Minute; people: readonly string[] }>();
    for (const { step, start, people } of plan.entries) {
      const at = minuteOf(start);
      const known = first.get(step);
      if (!known || at < known.start) first.set(step, { start: at, people });
    }
    places = first;
    placesOf.set(plan, places);
  }
  return places;
}

function taskOf(task: ProblemTask, subject: Subject): CourseTask {
  const { numbers, plan } = subject;
  const places = placesIn(plan);
  const done = doneOf(task, numbers);
  const isBound = task.sameDay || task.by !== undefined;
  return {
    steps: task.steps.map((step) => stepOf(step, task, subject)),
    room: numbers.room.get(task.room) ?? 0,
    starts: task.steps.map(({ id }) => places.get(id)?.start ?? Number.POSITIVE_INFINITY),
    earliest: task.earliest ? minuteOf(task.earliest) : 0,
    needsDry: task.needs?.includes('dry') ?? false,
    needsDaylight: task.needs?.includes('daylight') ?? false,
    onOneDate: isBound ? task.steps.reduce((sum, { minutes }) => sum + minutes, 0) : undefined,
    done,
    doneAt: numbers.doneAt.get(task.steps[done - 1]?.id ?? '') ?? 0,
  };
}

/** Steps up to the last that is done: waits before it are over, too. */
function doneOf({ steps }: ProblemTask, { doneAt }: Pick<Numbers, 'doneAt'>): number {
  return steps.findLastIndex(({ id }) => doneAt.has(id)) + 1;
}

function stepOf(step: ProblemStep, task: ProblemTask, { problem, plan, numbers }: Subject): CourseStep {
  const tags = step.tags ?? [];
  const able = problem.people.flatMap((person, i) => {
    const may = !tags.some((tag) => person.cannot.includes(tag));
    return may && (task.person === undefined || task.person === person.id) ? [i] : [];
  });
  const named = placesIn(plan).get(step.id)?.people ?? [];
  return {
    isHands: step.mode === 'hands',
    minutes: step.minutes,
    slower: Math.max(0, (step.high ?? step.minutes) - step.minutes) / DEVIATIONS_IN_RANGE,
    quicker: Math.max(0, step.minutes - (step.low ?? step.minutes)) / DEVIATIONS_IN_RANGE,
    split: step.mode === 'hands' ? step.split : undefined,
    crew: step.mode === 'hands' ? (step.crew ?? 1) : 0,
    machine: step.machine === undefined ? undefined : numbers.machine.get(step.machine),
    closesRoom: step.mode === 'wait' && step.closesRoom === true,
    planned: named.flatMap((id) => numbers.person.get(id) ?? []),
    able: new Set(able),
    keepsOut: (step.keepsOut ?? []).flatMap((id) => numbers.person.get(id) ?? []),
    bounds: step.mode === 'hands' ? boundsOf(step, task, problem) : undefined,
    after: beforesOf(step, task, problem, numbers),
  };
}

const linksOf = new WeakMap<Problem, ReadonlyMap<string, Problem['precedence']>>();

function linksInto(problem: Problem): ReadonlyMap<string, Problem['precedence']> {
  let links = linksOf.get(problem);
  if (!links) {
    const into = new Map<string, Problem['precedence']>();
    for (const link of problem.precedence)
      if (link.hard) into.set(link.after, [...(into.get(link.after) ?? []), link]);
    links = into;
    linksOf.set(problem, links);
  }
  return links;
}

function beforesOf(step: ProblemStep, task: ProblemTask, problem: Problem, numbers: Numbers): Before[] {
  const into = linksInto(problem);
  const isFirst = task.steps[0] === step;
  const links = [...(into.get(step.id) ?? []), ...(isFirst ? (into.get(task.id) ?? []) : [])];
  return links.flatMap(({ before, minGap = 0 }) => {
    const named = numbers.step.get(before);
    if (named) return [{ ...named, minGap }];
    const whole = numbers.task.get(before);
    return whole === undefined ? [] : [{ task: whole, step: LAST, minGap }];
  });
}

/** The step of a task that ends it. */
export const LAST = -1;

/** What is over already leaves the course, and what waits for it no longer does, but for the minutes between. */
function withoutDone(
  tasks: readonly ProblemTask[],
  course: readonly CourseTask[],
  numbers: Numbers,
): Pick<Course, 'tasks' | 'hands'> {
  const isOver = (task: ProblemTask) => doneOf(task, numbers) === task.steps.length;
  const renumbered = new Map<number, number>();
  tasks.forEach((task, i) => {
    if (!isOver(task)) renumbered.set(i, renumbered.size);
  });
  const open = course.map((task) => ({
    ...task,
    steps: task.steps.map((step) => ({
      ...step,
      after: step.after.flatMap((before) => {
        const number = renumbered.get(before.task);
        return number === undefined ? [] : [{ ...before, task: number }];
      }),
    })),
  }));
  const hands = open.reduce(
    (sum, { steps, done }) =>
      sum + steps.slice(done).reduce((own, { minutes, crew }) => own + minutes * crew, 0),
    0,
  );
  return { tasks: open, hands };
}

function daysOf(problem: Problem, now: Minute): CourseDay[] {
  const first = Math.floor(now / MINUTES_A_DAY);
  const last = dayOf(problem.finish);
  const said = new Map((problem.days ?? []).map((day) => [dayOf(day.date), day]));
  const reserve = new Set(problem.policy.reserve.map(dayOf));
  return Array.from({ length: Math.max(0, last - first + 1) }, (_, i) => {
    const day = first + i;
    const known = said.get(day);
    const midnight = midnightOf(day);
    const light = known
      ? { from: clockMinutes(known.daylight.from), to: clockMinutes(known.daylight.to) }
      : USUAL_LIGHT;
    return {
      day,
      month: new Date(midnight * 60_000).getUTCMonth(),
      dry: i < DAYS_TOLD ? (known?.dry ?? true) : undefined,
      light: { from: midnight + light.from, to: midnight + light.to },
      isReserve: reserve.has(day),
    };
  });
}

function windowsOn(windows: readonly { start: string; end: string }[], day: number, now: Minute): Span[] {
  const [from, to] = [Math.max(now, midnightOf(day)), midnightOf(day + 1)];
  return windows
    .map(spanOf)
    .map((span) => ({ from: Math.max(from, span.from), to: Math.min(to, span.to) }))
    .filter((span) => span.from < span.to)
    .sort((a, b) => a.from - b.from);
}

function spanOf({ start, end }: { start: string; end: string }): Span {
  return { from: minuteOf(start), to: minuteOf(end) };
}
