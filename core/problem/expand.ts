import { partsOfStepId } from '../basics/ids';
import { dayOf, formatDate, formatMinute, minuteOf } from '../basics/local-time';
import type { Catalogue } from '../catalogue/catalogue';
import type { HandsStep } from '../catalogue/method';
import { DEMANDS } from '../catalogue/tags';
import type { Block, Clean } from '../clean/clean';
import { plannedMinutes, type StepEstimate } from '../estimate/estimate';
import type { Household } from '../household/household';
import type { HouseholdMachine } from '../machines/household-machine';
import { type OrderedWork, orderWork } from '../order/ordered';
import { apartPrecedence, precedenceOf } from '../order/precedence';
import { inRoomOrder } from '../order/room-order';
import { tasksInOrder } from '../order/working-order';
import type { Member } from '../people/member';
import type { Policy, Problem, ProblemPerson, ProblemStep, ProblemTask } from '../plan/problem';
import { longestWait } from '../work/dwell';
import { jobName } from '../work/place-of-job';
import { ADULT, cannotDo, tagsOf } from '../work/step-tags';
import { type CleanTask, stepIdOf, tasksOf } from '../work/tasks';
import { earliestAfter, usesOf } from '../work/uses';
import { type WithRecord, workOf } from '../work/work';
import { breaksOf, cutForSprints, sessionCapOf } from './blocks';
import { daylightOn } from './daylight';
import { firstJobWishes, listedFor } from './first-job';
import { isForecastDry } from './forecast';
import { freeOn, homeOn } from './free-time';
import { roomFor } from './room-of';
import { roomOrderWishes } from './room-order-wishes';
import { keptToADay, longestDay } from './same-day';
import { steered } from './steered';
import { OPEN_ROOMS, spreadAndWeights } from './what-matters';

/** What a problem is made from; plans that are kept do not matter for it, nor how the days went. */
export type ExpandedHousehold = Omit<Household, 'plans' | 'events' | 'record' | 'past' | 'pictures'> &
  WithRecord;

/**
 * The scheduling problem that a household's home, people and clean lead to. `now` is the local time from which on
 * there is something to plan; without it, the whole clean is.
 */
export function expand(
  household: ExpandedHousehold,
  catalogue: Catalogue,
  now: string | undefined = household.now,
): Problem {
  return expandWork(household, orderedWork(household, catalogue), now);
}

/** The tasks of a household's clean, in their order. */
export function orderedWork(household: ExpandedHousehold, catalogue: Catalogue): OrderedWork {
  const { home, rules, clean } = household;
  return orderWork(tasksOf(workOf(household, catalogue)), home, rules, clean.grouping);
}

/** The same where the tasks and their order are known already. */
export function expandWork(
  household: ExpandedHousehold,
  work: OrderedWork,
  now: string | undefined,
): Problem {
  const { clean } = household;
  const { people, listed, tasks, attendance, days } = lastingOf(household, work);
  const open = openTasks(household, work, tasks);
  const rooms = household.home.floors.flatMap((floor) => floor.rooms);
  const kinds = new Map(rooms.map((room) => [room.id, room.kind]));
  const kindOf = (task: ProblemTask) => kinds.get(task.room);
  const { quiet = [] } = household.home.facts;
  const rules = [
    ...precedenceOf(work.links),
    ...apartPrecedence(work.tasks, begunTasks(household), ranksIn(work)),
  ];
  const problem: Problem = {
    format: 'early-thaw/problem',
    version: 2,
    timezone: household.timezone,
    start: clean.start,
    finish: clean.finish,
    ...(now !== undefined && { now }),
    people,
    machines: listed.map((machine) => ({ id: machine.id, ...machineWindows(machine, clean) })),
    rooms: inRoomOrder(
      listedFor(clean.firstJob, rooms, (room) => room.kind),
      household.rules.rooms,
      ({ id }) => id,
    ).map((room) => roomFor(room, household.home.floors)),
    tasks: listedFor(clean.firstJob, open, kindOf),
    precedence: [
      ...rules,
      // Once something is done, the first job is behind.
      ...roomOrderWishes(household.rules.rooms, open, rules),
      ...(household.ticks.length === 0 ? firstJobWishes(clean.firstJob, open, rules, kindOf) : []),
    ],
    days,
    attendance,
    ...(quiet.length > 0 && { quiet }),
    policy: policyOf(clean),
  };
  return steered({ ...problem, done: doneOf(problem, household, now) }, household.steering, work.tasks);
}

function policyOf(clean: Clean): Policy {
  return {
    ...spreadAndWeights(clean),
    grouping: clean.grouping,
    hardestFirst: clean.firstJob === 'dreaded',
    openRooms: clean.openRooms ?? OPEN_ROOMS[clean.grouping],
    reserve: clean.reserve,
    sessionCap: sessionCapOf(clean.sessionCap, clean.block),
  };
}

/** What of a problem stays the same whatever is done meanwhile. */
type Lasting = {
  readonly people: ProblemPerson[];
  readonly listed: readonly HouseholdMachine[];
  /** In the order of the work, as if nothing were done. */
  readonly tasks: readonly ProblemTask[];
  readonly attendance: Window[];
  readonly days: NonNullable<Problem['days']>;
};

const lasting = new WeakMap<OrderedWork, { readonly of: ExpandedHousehold; readonly made: Lasting }>();

/** Worked out once for a household in which nothing but what is done becomes another. */
function lastingOf(household: ExpandedHousehold, work: OrderedWork): Lasting {
  const known = lasting.get(work);
  if (known && isSameButDone(known.of, household)) return known.made;
  const people = household.people.map((member) => personOf(member, household.clean));
  const listed = [...household.machines, ...unlistedMachines(household, work.tasks)];
  const made = {
    people,
    listed,
    tasks: freshTasks(household, work, { people, listed }),
    attendance: attendanceOf(household),
    days: daysOf(household),
  };
  lasting.set(work, { of: household, made });
  return made;
}

/** Whether two households are the very same but for what is done, and when they are looked at. */
function isSameButDone(one: ExpandedHousehold, other: ExpandedHousehold): boolean {
  const keys = new Set([...Object.keys(one), ...Object.keys(other)] as (keyof ExpandedHousehold)[]);
  for (const key of WHAT_IS_DONE) keys.delete(key);
  return [...keys].every((key) => one[key] === other[key]);
}

const WHAT_IS_DONE: readonly (keyof ExpandedHousehold)[] = ['ticks', 'parts', 'now', 'lastDone'];

/** Who and what the tasks of a problem are made for. */
type Helpers = {
  readonly people: readonly ProblemPerson[];
  readonly listed: readonly HouseholdMachine[];
};

/** What tasks are done with, and what somebody can't do. */
type Means = {
  readonly machines: ReadonlyMap<string, HouseholdMachine>;
  readonly unable: ReadonlySet<string>;
};

/** The tasks as they are to be done now: held by what was used in their rooms, lessened by what has been done of them. */
function openTasks(
  { ticks, parts }: ExpandedHousehold,
  work: OrderedWork,
  fresh: readonly ProblemTask[],
): ProblemTask[] {
  const uses = usesOf(ticks);
  const shares = new Map(parts.map(({ step, share }) => [step, share]));
  return fresh.map((task, i) => {
    const earliest = uses.size === 0 ? undefined : earliestAfter(uses, work.tasks[i] as CleanTask);
    return lessened(earliest === undefined ? task : { ...task, earliest }, shares);
  });
}

function freshTasks(
  household: ExpandedHousehold,
  { tasks }: OrderedWork,
  { people, listed }: Helpers,
): ProblemTask[] {
  const { clean } = household;
  const by: Means = {
    machines: new Map(listed.map((machine) => [machine.kind, machine])),
    unable: new Set(household.people.flatMap(({ cannot }) => cannot)),
  };
  const longest = longestDay(people, sessionCapOf(clean.sessionCap, clean.block));
  const children = household.people.filter(({ age }) => age !== undefined && age < KEPT_FROM_HEAT);
  return tasks.map((task) => {
    const made = taskOf(task, by, clean.block);
    const steps = made.steps.map((step) => awayFromHeat(step, by.machines.get('oven')?.id, children));
    return { ...made, steps, ...keptToADay(task, steps, longest) };
  });
}

/** Children under this age are out of the room while an oven runs by itself. */
const KEPT_FROM_HEAT = 12;

/** An oven that cleans itself has a grown-up at home, and no child in the room. */
function awayFromHeat(step: ProblemStep, oven: string | undefined, children: readonly Member[]): ProblemStep {
  if (step.mode !== 'wait' || step.machine === undefined || step.machine !== oven) return step;
  return {
    ...step,
    attended: true,
    ...(children.length > 0 && { keepsOut: children.map(({ id }) => id) }),
  };
}

/** When a grown-up is at home: while working, and when they said that they are besides. */
function attendanceOf({ people, clean }: ExpandedHousehold): Window[] {
  return people
    .filter(({ age }) => age === undefined || age >= ADULT)
    .flatMap((member) => eachDay(clean.start, clean.finish, (day) => homeOn(member, day)))
    .sort((a, b) => (a.start < b.start ? -1 : 1));
}

/** Each date with its daylight, and whether it is dry: as somebody has said, else by the forecast, else it is. */
function daysOf({
  weather,
  forecastSeed,
  clean,
  timezone,
  home,
}: ExpandedHousehold): NonNullable<Problem['days']> {
  const said = new Map(weather.map(({ date, dry }) => [date, dry]));
  return eachDay(clean.start, clean.finish, (day) => {
    const date = formatDate(day);
    const dry =
      said.get(date) ?? (forecastSeed === undefined || isForecastDry(forecastSeed, day, home.facts.wetDays));
    return [{ date, dry, daylight: daylightOn(date, timezone, home.facts.latitude) }];
  });
}

function personOf(member: Member, { start, finish, block }: Clean): ProblemPerson {
  return {
    id: member.id,
    windows: eachDay(start, finish, (day) => freeOn(member, day)),
    dailyCap: member.dailyCap,
    cannot: cannotDo(member),
    dislikes: member.dislikes,
    ...breaksOf(member, block),
  };
}

/** What must not run while nobody is at home. */
const NEVER_ALONE: readonly HouseholdMachine['kind'][] = ['oven'];

/** Machines that nobody has listed and that must not run in an empty house all the same, where there is work for them. */
function unlistedMachines({ machines }: ExpandedHousehold, tasks: readonly CleanTask[]): HouseholdMachine[] {
  const known = new Set(machines.map(({ kind }) => kind));
  const kinds = NEVER_ALONE.filter(
    (kind) =>
      !known.has(kind) && tasks.some(({ method }) => method.steps.some((step) => step.machine === kind)),
  );
  const ids = new Set(machines.map(({ id }) => id));
  return kinds.map((kind) => ({ id: ids.has(kind) ? `${kind} (not listed)` : kind, kind }));
}

function machineWindows(machine: HouseholdMachine, clean: Clean): Partial<Problem['machines'][number]> {
  const hours = runningHours(machine, clean);
  return hours ? { windows: hours } : {};
}

type Window = { readonly start: string; readonly end: string };

/** When a machine may run, by its own hours; undefined where it may at any time. */
function runningHours({ from, to }: HouseholdMachine, clean: Clean): Window[] | undefined {
  if (from === undefined || to === undefined || from >= to) return undefined;
  return eachDay(clean.start, clean.finish, (day) => [
    { start: `${formatDate(day)}T${from}`, end: `${formatDate(day)}T${to}` },
  ]);
}

function eachDay<T>(start: string, finish: string, of: (day: number) => T[]): T[] {
  const found: T[] = [];
  for (let day = dayOf(start); day <= dayOf(finish); day++) found.push(...of(day));
  return found;
}

/** Tasks of which something has been ticked. */
function begunTasks(household: ExpandedHousehold): ReadonlySet<string> {
  return new Set(household.ticks.flatMap((tick) => partsOfStepId(tick.step)?.taskId ?? []));
}

function ranksIn(work: OrderedWork): (task: CleanTask) => number {
  const ranks = new Map(tasksInOrder(work.steps).map((task, i) => [task, i]));
  return (task) => ranks.get(task) ?? 0;
}

function taskOf(task: CleanTask, by: Means, block: Block): ProblemTask {
  const { method } = task;
  return {
    id: task.id,
    title: jobName(task),
    room: task.room.id,
    kind: method.kind,
    layer: method.layer,
    priority: task.scope.priority,
    hardness: task.scope.hardness,
    steps: task.estimate.steps.map((estimate) => cutForSprints(stepOf(task, estimate, by), block)),
    ...(method.needs.length > 0 && { needs: method.needs }),
  };
}

/** Steps that are done in part have the rest of their minutes left. */
function lessened(task: ProblemTask, shares: ReadonlyMap<string, number>): ProblemTask {
  if (!task.steps.some((step) => shares.has(step.id))) return task;
  const part = (minutes: number, share: number) => Math.max(1, Math.round((minutes * (100 - share)) / 100));
  return {
    ...task,
    steps: task.steps.map((step) => {
      const share = shares.get(step.id);
      if (share === undefined || step.mode === 'wait') return step;
      const minutes = part(step.minutes, share);
      return {
        ...step,
        minutes,
        ...(step.low !== undefined && { low: part(step.low, share) }),
        ...(step.high !== undefined && { high: part(step.high, share) }),
        ...(step.split !== undefined && { split: Math.min(step.split, minutes) }),
      };
    }),
  };
}

function stepOf(task: CleanTask, estimate: StepEstimate, { machines, unable }: Means): ProblemStep {
  const { step } = estimate;
  const machine = step.machine === undefined ? undefined : machines.get(step.machine)?.id;
  const shared = {
    id: stepIdOf(task, estimate),
    minutes: plannedMinutes(estimate),
    low: Math.round(estimate.low),
    high: Math.round(estimate.high),
    ...(machine !== undefined && { machine }),
  };
  if (step.mode === 'hands')
    return { ...shared, mode: 'hands', tags: tagsThatMatter(task, step, unable), ...handsExtras(step) };
  const atMost = longestWait(task, step, shared.minutes);
  return {
    ...shared,
    mode: 'wait',
    ...(atMost !== undefined && { atMost }),
    ...(step.closesRoom && { closesRoom: true }),
  };
}

/** What work asks of a body is said where somebody can't give it. */
function tagsThatMatter(task: CleanTask, step: HandsStep, unable: ReadonlySet<string>): string[] {
  return tagsOf(task, step).filter((tag) => unable.has(tag) || !DEMANDS.some((demand) => demand === tag));
}

function handsExtras(step: HandsStep): { crew?: number; split?: number } {
  return {
    ...(step.crew > 1 && { crew: step.crew }),
    ...(step.splitMinutes !== undefined && { split: step.splitMinutes }),
  };
}

/** Ticked steps that still exist, and last waits that have run their time since. */
function doneOf(
  problem: Problem,
  household: ExpandedHousehold,
  now: string | undefined,
): NonNullable<Problem['done']> {
  const ticked = new Map(household.ticks.map((tick) => [tick.step, tick.at]));
  return problem.tasks.flatMap((task) => {
    const done = task.steps
      .filter((step) => ticked.has(step.id))
      .map((step) => ({ step: step.id, end: ticked.get(step.id) as string }));
    const last = task.steps[task.steps.length - 1] as ProblemStep;
    const before = task.steps[task.steps.length - 2];
    const started = before && ticked.get(before.id);
    if (last.mode !== 'wait' || started === undefined || ticked.has(last.id)) return done;
    const end = minuteOf(started) + last.minutes;
    return now !== undefined && end <= minuteOf(now)
      ? [...done, { step: last.id, end: formatMinute(end) }]
      : done;
  });
}
