import { PRIORITIES } from '../../basics/choices';
import {
  type DayNumber,
  dayOf,
  formatDate,
  formatMinute,
  type Minute,
  midnightOf,
} from '../../basics/local-time';
import type { Policy, Problem, ProblemPerson, ProblemStep, ProblemTask } from '../../plan/problem';
import { GROUPINGS, SPREADS } from '../../plan/problem';
import { problemFaults } from '../../plan/problem-faults';
import { type Draw, drawFrom } from './draw';
import { MEANWHILE, withMeanwhile } from './meanwhile';

/** Features of the problem format that a generated problem may use; each test and measurement names those it wants. */
export const FEATURES = [
  'machines',
  'crew',
  'split',
  'waits',
  'closesRoom',
  'atMost',
  'precedence',
  'circles',
  'gaps',
  'wishes',
  'sameDay',
  'needs',
  'bounds',
  'cannot',
  'reserve',
  'now',
  'done',
  'fixed',
  'tight',
  ...MEANWHILE,
] as const;

export type Feature = (typeof FEATURES)[number];

const FIRST_DAY = dayOf('2027-03-01');

/** A problem drawn from a seed: the same seed, size and features give the same problem. It has no faults. */
export function exampleProblem(seed: number, features: readonly Feature[] = FEATURES, size = 24): Problem {
  const draw = drawFrom(seed);
  const has = (feature: Feature) => features.includes(feature);
  const days = draw.from(1, 12);
  const rooms = Array.from({ length: draw.from(1, 5) }, (_, i) => ({
    id: `room-${i}`,
    maxPeople: draw.from(1, 3),
  }));
  const machines = has('machines') ? machinesFor(draw, days) : [];
  const people = Array.from({ length: draw.from(1, 4) }, (_, i) => personFor(draw, i, days, has));
  const tasks = Array.from({ length: draw.from(1, size) }, (_, i) =>
    taskFor(draw, i, days, has, {
      rooms: rooms.map((r) => r.id),
      machines: machines.map((m) => m.id),
      people,
    }),
  );
  const problem: Problem = {
    format: 'early-thaw/problem',
    version: 2,
    timezone: 'Europe/Berlin',
    start: formatDate(FIRST_DAY),
    finish: formatDate(FIRST_DAY + days - 1),
    ...(has('now') &&
      draw.chance(0.5) && { now: formatMinute(midnightOf(FIRST_DAY) + draw.from(0, days * 1440)) }),
    people,
    machines,
    rooms,
    tasks,
    precedence: precedenceFor(draw, tasks, has),
    days: has('needs') ? daysFor(draw, days) : [],
    fixed: [],
    done: [],
    policy: policyFor(draw, days, has),
  };
  if (has('done')) problem.done = doneFor(draw, problem);
  if (has('fixed')) problem.fixed = fixedFor(draw, problem, days);
  if (has('circles')) addCircle(draw, problem);
  return withoutCircles(withMeanwhile(draw, problem, has));
}

function policyFor(draw: Draw, days: number, has: (f: Feature) => boolean): Policy {
  return {
    spread: draw.one(SPREADS),
    grouping: draw.one(GROUPINGS),
    hardestFirst: draw.chance(0.5),
    openRooms: draw.from(0, 3),
    reserve: has('reserve') && days > 2 ? [formatDate(FIRST_DAY + draw.from(0, days - 1))] : [],
    sessionCap: has('tight') ? draw.from(40, 180) : 240,
  };
}

function personFor(draw: Draw, i: number, days: number, has: (f: Feature) => boolean): ProblemPerson {
  const windows = [];
  for (let day = 0; day < days; day++) {
    if (draw.chance(0.2)) continue;
    const start = midnightOf(FIRST_DAY + day) + draw.from(6, 20) * 60 + draw.from(0, 3) * 15;
    windows.push(windowFrom(start, draw.from(1, has('tight') ? 4 : 8) * 45));
    if (draw.chance(0.2)) windows.push(windowFrom(start - draw.from(10, 200), draw.from(10, 200)));
  }
  return {
    id: `person-${i}`,
    windows,
    dailyCap: has('tight') ? draw.from(30, 200) : 300,
    cannot: has('cannot') ? ['ladder', 'bleach', 'heavy'].filter(() => draw.chance(0.3)) : [],
    dislikes: draw.chance(0.5) ? { [`kind-${draw.from(0, 3)}`]: draw.from(1, 3) } : {},
    breakAfter: has('tight') ? draw.from(25, 90) : 120,
    breakLength: draw.from(0, 20),
  };
}

function windowFrom(start: Minute, length: number): { start: string; end: string } {
  return { start: formatMinute(start), end: formatMinute(start + length) };
}

function machinesFor(draw: Draw, days: number): Problem['machines'] {
  return Array.from({ length: draw.from(1, 3) }, (_, i) => ({
    id: `machine-${i}`,
    ...(draw.chance(0.5) && {
      windows: Array.from({ length: days }, (_unused, day) =>
        windowFrom(midnightOf(FIRST_DAY + day) + 7 * 60, 15 * 60),
      ),
    }),
  }));
}

type World = {
  readonly rooms: string[];
  readonly machines: string[];
  readonly people: readonly ProblemPerson[];
};

function taskFor(
  draw: Draw,
  i: number,
  days: number,
  has: (f: Feature) => boolean,
  world: World,
): ProblemTask {
  const alone = world.people.length > 1 && has('cannot') && draw.chance(0.15);
  const day = midnightOf(FIRST_DAY + draw.from(0, days - 1));
  return {
    id: `task-${i}`,
    title: `Task ${i}`,
    room: draw.one(world.rooms),
    kind: `kind-${draw.from(0, 3)}`,
    layer: draw.from(0, 9),
    priority: draw.one(PRIORITIES),
    hardness: draw.from(1, 5),
    steps: stepsFor(draw, `task-${i}`, has, world.machines, alone),
    ...(alone && { person: draw.one(world.people).id }),
    ...(has('bounds') && draw.chance(0.2) && { earliest: formatMinute(day + draw.from(0, 1200)) }),
    ...(has('bounds') && draw.chance(0.2) && { latest: formatMinute(day + draw.from(600, 2880)) }),
    ...(has('sameDay') && draw.chance(0.3) && { sameDay: true }),
    ...(has('needs') &&
      draw.chance(0.3) && { needs: draw.one([['dry'], ['daylight'], ['dry', 'daylight']] as const).slice() }),
  };
}

function stepsFor(
  draw: Draw,
  task: string,
  has: (f: Feature) => boolean,
  machines: string[],
  alone: boolean,
): ProblemStep[] {
  const count = has('waits') ? draw.from(1, 5) : draw.from(1, 2);
  return Array.from({ length: count }, (_, i): ProblemStep => {
    const id = `${task}/step-${i}`;
    const machine = machines.length > 0 && draw.chance(0.3) ? { machine: draw.one(machines) } : {};
    if (has('waits') && draw.chance(0.45)) {
      const minutes = draw.from(0, 12) * 15;
      return {
        id,
        mode: 'wait',
        minutes,
        ...machine,
        ...(has('atMost') && draw.chance(0.4) && { atMost: minutes + draw.from(0, 60) }),
        ...(has('closesRoom') && draw.chance(0.3) && { closesRoom: true }),
      };
    }
    return {
      id,
      mode: 'hands',
      minutes: draw.from(1, has('tight') ? 18 : 12) * 5,
      tags: has('cannot') ? ['ladder', 'bleach', 'heavy'].filter(() => draw.chance(0.15)) : [],
      ...machine,
      ...(has('crew') && !alone && draw.chance(0.2) && { crew: 2 }),
      ...(has('split') && draw.chance(0.3) && { split: draw.from(1, 4) * 5 }),
    };
  });
}

function precedenceFor(
  draw: Draw,
  tasks: readonly ProblemTask[],
  has: (f: Feature) => boolean,
): Problem['precedence'] {
  if (!has('precedence') || tasks.length < 2) return [];
  return Array.from({ length: draw.from(0, tasks.length) }, (_, i) => {
    const a = draw.from(0, tasks.length - 2);
    const b = draw.from(a + 1, tasks.length - 1);
    const side = (task: ProblemTask) => (draw.chance(0.7) ? task.id : draw.one(task.steps).id);
    const hard = !(has('wishes') && draw.chance(0.4));
    const minGap = draw.from(0, 60);
    return {
      before: side(tasks[a] as ProblemTask),
      after: side(tasks[b] as ProblemTask),
      hard,
      reason: `Reason ${i}`,
      ...(hard && draw.chance(0.4) && { orderOnly: true }),
      ...(!hard && draw.chance(0.5) && { cost: draw.from(0, 24) / 2 }),
      ...(has('gaps') && draw.chance(0.3) && { minGap }),
      ...(has('gaps') && draw.chance(0.15) && { maxGap: minGap + draw.from(0, 300) }),
    };
  });
}

/** A task whose work belongs between two steps of another: strip the bed, vacuum the mattress, make the bed. */
function addCircle(draw: Draw, problem: Problem): void {
  const around = problem.tasks.find((task) => task.steps.length > 1);
  const inner = problem.tasks.find((task) => task !== around);
  if (!around || !inner) return;
  const first = around.steps[0] as ProblemStep;
  const last = around.steps[around.steps.length - 1] as ProblemStep;
  problem.precedence.push({ before: first.id, after: inner.id, hard: true, reason: 'Out before in' });
  problem.precedence.push({
    before: inner.id,
    after: last.id,
    hard: true,
    orderOnly: draw.chance(0.3),
    reason: 'In after out',
  });
}

function daysFor(draw: Draw, days: number): NonNullable<Problem['days']> {
  return Array.from({ length: days }, (_, day) => ({
    date: formatDate(FIRST_DAY + day),
    dry: draw.chance(0.6),
    daylight: { from: '07:30', to: draw.one(['17:00', '18:45']) },
  }));
}

function doneFor(draw: Draw, problem: Problem): NonNullable<Problem['done']> {
  const now = dayOf(problem.now?.slice(0, 10) ?? problem.start);
  return problem.tasks
    .filter(() => draw.chance(0.2))
    .flatMap((task) => task.steps.slice(0, draw.from(1, task.steps.length)))
    .map((step) => ({ step: step.id, end: formatMinute(midnightOf(now) - draw.from(-600, 1440)) }));
}

function fixedFor(draw: Draw, problem: Problem, days: number): NonNullable<Problem['fixed']> {
  const done = new Set((problem.done ?? []).map((entry) => entry.step));
  return problem.tasks
    .flatMap((task) => task.steps)
    .filter((step) => !done.has(step.id) && draw.chance(0.08))
    .map((step) => {
      const start = midnightOf(day(draw, days)) + draw.from(420, 1200);
      const length =
        step.mode === 'hands' && step.split !== undefined
          ? Math.max(1, Math.floor(step.minutes / 2))
          : Math.max(1, step.minutes);
      const crew = step.mode === 'wait' ? 0 : (step.crew ?? 1);
      return {
        step: step.id,
        people: problem.people.slice(0, crew).map((p) => p.id),
        ...windowFrom(start, length),
      };
    });
}

function day(draw: Draw, days: number): DayNumber {
  return FIRST_DAY + draw.from(0, days - 1);
}

/** Drops the last hard rule while the rules run in a circle that no plan could keep. */
function withoutCircles(problem: Problem): Problem {
  while (problemFaults(problem).some((fault) => fault.got.startsWith('a circle'))) {
    const last = problem.precedence.findLastIndex((link) => link.hard && !link.orderOnly);
    problem.precedence.splice(last, 1);
  }
  return problem;
}
