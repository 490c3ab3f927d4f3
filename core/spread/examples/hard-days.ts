import { dayOf, formatMinute, midnightOf } from '../../basics/local-time';
import type { Problem, ProblemStep, ProblemTask } from '../../plan/problem';
import { type Draw, drawFrom } from './draw';

const DAY = '2027-03-01';
const OPENS = 9 * 60;
const CLOSES = 22 * 60;
const MOST_TASKS = 16;

/**
 * One day on which more interlocks than on those of `exampleDay`: half of the tasks are short hands, a soak that may
 * last up to four times its own, and hands; odd minutes; all of a room before its floor, which shuts it; rooms for one,
 * one washer, two people at once, and people who may not do some of it.
 */
export function hardDay(seed: number): Problem {
  const draw = drawFrom(seed);
  const people = Array.from({ length: draw.from(1, 3) }, (_, i) => personFor(draw, i));
  const rooms = Array.from({ length: draw.from(2, 3) }, (_, i) => ({
    id: `room-${i}`,
    maxPeople: draw.chance(0.5) ? 1 : 2,
  }));
  const floors = rooms.map((room, i) => floorOf(draw, room.id, i));
  const tasks = Array.from({ length: draw.from(6, MOST_TASKS - floors.length) }, (_, i) =>
    taskFor(draw, i, draw.one(rooms), people.length),
  );
  return {
    format: 'early-thaw/problem',
    version: 2,
    timezone: 'Europe/Berlin',
    start: DAY,
    finish: DAY,
    people,
    machines: [{ id: 'washer' }],
    rooms,
    tasks: [...tasks, ...floors],
    precedence: tasks.flatMap((task) =>
      floors
        .filter((floor) => floor.room === task.room)
        .map((floor) => ({
          before: task.id,
          after: floor.id,
          hard: true,
          orderOnly: true,
          reason: 'Last the floor',
        })),
    ),
    policy: {
      spread: 'soonest',
      grouping: 'none',
      hardestFirst: false,
      openRooms: 9,
      reserve: [],
      sessionCap: 780,
    },
  };
}

function personFor(draw: Draw, i: number): Problem['people'][number] {
  const at = (minute: number) => formatMinute(midnightOf(dayOf(DAY)) + minute);
  return {
    id: `person-${i}`,
    windows: [{ start: at(OPENS + (i === 0 ? 0 : draw.from(0, 47))), end: at(CLOSES) }],
    dailyCap: 780,
    cannot: i === 0 ? [] : ['ladder', 'bleach'].filter(() => draw.chance(0.4)),
    dislikes: {},
    breakAfter: 780,
    breakLength: 0,
  };
}

type Room = { readonly id: string; readonly maxPeople: number };

function taskFor(draw: Draw, i: number, room: Room, people: number): ProblemTask {
  const id = `task-${i}`;
  const hands = (key: string, most: number): ProblemStep => ({
    id: `${id}/${key}`,
    mode: 'hands',
    minutes: draw.from(1, most),
    ...(people > 1 && room.maxPeople > 1 && draw.chance(0.08)
      ? { crew: 2 }
      : { tags: ['ladder', 'bleach'].filter(() => people > 1 && draw.chance(0.2)) }),
  });
  const soaked = (): ProblemStep[] => {
    const minutes = draw.from(7, 41);
    return [
      hands('spray', 6),
      { id: `${id}/soak`, mode: 'wait', minutes, atMost: minutes * draw.from(2, 4) },
      hands('rinse', 17),
    ];
  };
  const shapes: (() => ProblemStep[])[] = [
    () => [hands('do', 27)],
    () => [hands('first', 19), hands('then', 19)],
    () => [
      hands('load', 6),
      { id: `${id}/wash`, mode: 'wait', minutes: draw.from(31, 53), machine: 'washer' },
      hands('hang', 13),
    ],
  ];
  return task(id, room.id, draw.from(0, 6), draw.chance(0.5) ? soaked() : draw.one(shapes)());
}

/** Vacuumed, then mopped, then shut while it dries. */
function floorOf(draw: Draw, room: string, i: number): ProblemTask {
  const id = `floor-${i}`;
  return task(id, room, 8, [
    { id: `${id}/vacuum`, mode: 'hands', minutes: draw.from(4, 13) },
    { id: `${id}/mop`, mode: 'hands', minutes: draw.from(4, 13) },
    { id: `${id}/dry`, mode: 'wait', minutes: draw.from(11, 29), closesRoom: true },
  ]);
}

function task(id: string, room: string, layer: number, steps: ProblemStep[]): ProblemTask {
  return { id, title: `Task ${id}`, room, kind: 'work', layer, priority: 'must', hardness: 2, steps };
}
