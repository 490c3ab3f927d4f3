import { dayOf, formatMinute, midnightOf } from '../../basics/local-time';
import type { Problem, ProblemStep, ProblemTask } from '../../plan/problem';
import { type Draw, drawFrom } from './draw';

type WaitStep = Extract<ProblemStep, { mode: 'wait' }>;

const DAY = '2027-03-01';
const OPENS = 9 * 60;
const CLOSES = 21 * 60;
const MOST_TASKS = 16;

/**
 * One day of up to sixteen tasks on which waits, machines and people interlock: one to three people, not all of whom
 * may do everything, two machines, small rooms, floors that close them, soaks that must not last too long. All times
 * are multiples of five minutes, so that a grid of five minutes loses nothing.
 */
export function exampleDay(seed: number): Problem {
  const draw = drawFrom(seed);
  const at = (minute: number) => formatMinute(midnightOf(dayOf(DAY)) + minute);
  const people = Array.from({ length: draw.from(1, 3) }, (_, i) => ({
    id: `person-${i}`,
    windows: [{ start: at(OPENS + (i === 0 ? 0 : draw.from(0, 6) * 10)), end: at(CLOSES) }],
    dailyCap: 600,
    cannot: i === 0 ? [] : ['ladder', 'bleach'].filter(() => draw.chance(0.35)),
    dislikes: {},
    breakAfter: 600,
    breakLength: 0,
  }));
  const rooms = Array.from({ length: draw.from(2, 4) }, (_, i) => ({
    id: `room-${i}`,
    maxPeople: draw.from(1, 2),
  }));
  const tasks = Array.from({ length: draw.from(8, MOST_TASKS) }, (_, i) =>
    taskFor(draw, i, draw.one(rooms), people.length),
  );
  return {
    format: 'early-thaw/problem',
    version: 2,
    timezone: 'Europe/Berlin',
    start: DAY,
    finish: DAY,
    people,
    machines: [{ id: 'washer' }, { id: 'dryer' }],
    rooms,
    tasks,
    precedence: precedenceFor(draw, tasks),
    policy: {
      spread: 'soonest',
      grouping: 'none',
      hardestFirst: false,
      openRooms: 9,
      reserve: [],
      sessionCap: 720,
    },
  };
}

function taskFor(
  draw: Draw,
  i: number,
  room: { id: string; maxPeople: number },
  people: number,
): ProblemTask {
  const id = `task-${i}`;
  const hands = (key: string, most: number): ProblemStep => ({
    id: `${id}/${key}`,
    mode: 'hands',
    minutes: draw.from(1, most) * 5,
    ...(people > 1 && room.maxPeople > 1 && draw.chance(0.08)
      ? { crew: 2 }
      : { tags: ['ladder', 'bleach'].filter(() => people > 1 && draw.chance(0.15)) }),
  });
  const wait = (key: string, from: number, to: number, more: Partial<WaitStep> = {}): WaitStep => ({
    id: `${id}/${key}`,
    mode: 'wait',
    minutes: draw.from(from, to) * 5,
    ...more,
  });
  const shapes: (() => ProblemStep[])[] = [
    () => [hands('do', 6)],
    () => [hands('first', 4), hands('then', 4)],
    () => [hands('spray', 2), wait('soak', 2, 8), hands('rinse', 3)],
    () => [hands('spray', 2), withMost(wait('soak', 2, 8)), hands('rinse', 3)],
    () => [hands('load', 2), wait('wash', 4, 9, { machine: 'washer' }), hands('hang', 3)],
    () => [
      hands('load', 2),
      wait('wash', 4, 9, { machine: 'washer' }),
      hands('change', 1),
      wait('dry', 4, 9, { machine: 'dryer' }),
      hands('fold', 3),
    ],
    () => [hands('mop', 4), wait('dry', 2, 5, { closesRoom: true })],
  ];
  return {
    id,
    title: `Task ${i}`,
    room: room.id,
    kind: 'work',
    layer: draw.from(0, 7),
    priority: 'must',
    hardness: 2,
    steps: draw.one(shapes)(),
  };
}

/** A soak that may last a little longer than it must, and no more. */
function withMost(step: WaitStep): WaitStep {
  return { ...step, atMost: step.minutes + 10 };
}

function precedenceFor(draw: Draw, tasks: readonly ProblemTask[]): Problem['precedence'] {
  return Array.from({ length: draw.from(0, 5) }, () => {
    const a = draw.from(0, tasks.length - 2);
    const b = draw.from(a + 1, tasks.length - 1);
    return {
      before: (tasks[a] as ProblemTask).id,
      after: (tasks[b] as ProblemTask).id,
      hard: true,
      reason: 'First this',
      ...(draw.chance(0.5) && { orderOnly: true }),
    };
  });
}
