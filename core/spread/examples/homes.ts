import { PRIORITIES } from '../../basics/choices';
import { dayOf, formatDate, formatMinute, midnightOf } from '../../basics/local-time';
import {
  type Policy,
  type Problem,
  type ProblemPerson,
  type ProblemStep,
  type ProblemTask,
  SPREADS,
} from '../../plan/problem';
import { type Draw, drawFrom } from './draw';

type WaitStep = Extract<ProblemStep, { mode: 'wait' }>;

/** A Monday. */
const FIRST_DAY = dayOf('2027-03-01');
const TASKS_A_ROOM = 14;
const DAYS_FOR_200 = 28;
/** As often as they are met. */
const KINDS = 'dust dust dust storage storage windows windows sanitary sanitary floors textiles'.split(' ');
const LAYERS = 8;

/**
 * A home as it is lived in: rooms of some fourteen tasks, ceiling to floor, four people with evenings and a longer
 * Saturday, a washer and a line, soaks, floors that dry, work for dry days. Drawn from a seed; the dates grow with the
 * tasks, four weeks to two hundred.
 */
export function exampleHome(seed: number, tasks: number, grouping: Policy['grouping'] = 'room'): Problem {
  const days = Math.ceil((tasks * DAYS_FOR_200) / 200);
  const draw = drawFrom(seed);
  const rooms = Array.from({ length: Math.ceil(tasks / TASKS_A_ROOM) }, (_, i) => ({
    id: `room-${i}`,
    maxPeople: draw.from(1, 2),
  }));
  const drawn = Array.from({ length: tasks }, (_, i) =>
    taskFor(draw, i, rooms[Math.floor(i / TASKS_A_ROOM)]?.id as string),
  );
  return {
    format: 'early-thaw/problem',
    version: 2,
    timezone: 'Europe/Berlin',
    start: formatDate(FIRST_DAY),
    finish: formatDate(FIRST_DAY + days - 1),
    people: Array.from({ length: 4 }, (_, i) => personFor(draw, i, days)),
    machines: [{ id: 'washer', windows: windowsFor(days, () => [7, 22]) }, { id: 'line' }, { id: 'rack' }],
    rooms,
    tasks: drawn,
    precedence: [...ceilingToFloor(drawn), ...wishes(draw, drawn)],
    days: Array.from({ length: days }, (_, day) => ({
      date: formatDate(FIRST_DAY + day),
      dry: draw.chance(0.6),
      daylight: { from: '07:00', to: '18:30' },
    })),
    policy: {
      spread: SPREADS[seed % SPREADS.length] as Problem['policy']['spread'],
      grouping,
      hardestFirst: draw.chance(0.5),
      openRooms: draw.from(1, 3),
      reserve: [formatDate(FIRST_DAY + days - 1)],
      sessionCap: 180,
    },
  };
}

function windowsFor(days: number, hours: (weekday: number) => readonly [number, number] | undefined) {
  return Array.from({ length: days }, (_, day) => {
    const found = hours(day % 7);
    if (!found) return [];
    const midnight = midnightOf(FIRST_DAY + day);
    return [{ start: formatMinute(midnight + found[0] * 60), end: formatMinute(midnight + found[1] * 60) }];
  }).flat();
}

const SATURDAY = 5;
const SUNDAY = 6;

function personFor(draw: Draw, i: number, days: number): ProblemPerson {
  const evening = draw.from(17, 19);
  const restDay = draw.from(0, 4);
  return {
    id: `person-${i}`,
    windows: windowsFor(days, (weekday) => {
      if (weekday === SUNDAY || weekday === restDay) return undefined;
      return weekday === SATURDAY ? [9, 13] : [evening, evening + 2];
    }),
    dailyCap: draw.from(3, 6) * 30,
    cannot: ['ladder', 'heavy'].filter(() => draw.chance(0.25)),
    dislikes: { [draw.one(KINDS)]: draw.from(1, 3) },
    breakAfter: 90,
    breakLength: 10,
  };
}

function taskFor(draw: Draw, i: number, room: string): ProblemTask {
  const id = `task-${i}`;
  const kind = draw.one(KINDS);
  const outdoors = kind === 'windows' && draw.chance(0.3);
  return {
    id,
    title: `Task ${i}`,
    room,
    kind,
    layer: kind === 'floors' ? LAYERS : draw.from(0, LAYERS - 1),
    priority: draw.chance(0.5) ? 'must' : draw.one(PRIORITIES),
    hardness: draw.from(1, 5),
    steps: stepsFor(draw, id, kind),
    ...(outdoors && { needs: ['dry' as const, 'daylight' as const] }),
  };
}

function stepsFor(draw: Draw, task: string, kind: string): ProblemStep[] {
  const hands = (key: string, minutes: number): ProblemStep => ({
    id: `${task}/${key}`,
    mode: 'hands',
    minutes,
    tags: draw.chance(0.1) ? ['ladder'] : [],
    ...(draw.chance(0.04) && { crew: 2 }),
    ...(minutes >= 45 && { split: 20 }),
  });
  const wait = (key: string, minutes: number, more: Partial<WaitStep> = {}): WaitStep => ({
    id: `${task}/${key}`,
    mode: 'wait',
    minutes,
    ...more,
  });
  if (kind === 'textiles')
    return [
      hands('take-down', draw.from(1, 3) * 5),
      wait('wash', 90, { machine: 'washer', atMost: 240 }),
      hands('hang', 10),
      wait('dry', draw.from(2, 8) * 30, { machine: draw.one(['line', 'rack']) }),
      hands('put-back', draw.from(1, 3) * 5),
    ];
  if (kind === 'floors')
    return [
      hands('vacuum', draw.from(1, 4) * 5),
      hands('mop', draw.from(1, 4) * 5),
      wait('dry', 45, { closesRoom: true }),
    ];
  if (kind === 'sanitary')
    return [
      hands('spray', 5),
      wait('soak', draw.from(2, 12) * 5, draw.chance(0.5) ? { atMost: 120 } : {}),
      hands('rinse', draw.from(1, 4) * 5),
    ];
  return [hands('do', draw.from(1, 12) * 5)];
}

/** Within a room each layer comes before the next: of neighbouring tasks, so that the rules stay few. */
function ceilingToFloor(tasks: readonly ProblemTask[]): Problem['precedence'] {
  const byRoom = new Map<string, ProblemTask[]>();
  for (const task of tasks) byRoom.set(task.room, [...(byRoom.get(task.room) ?? []), task]);
  return [...byRoom.values()].flatMap((room) => {
    const sorted = [...room].sort((a, b) => a.layer - b.layer);
    return sorted.flatMap((task, i) => {
      const next = sorted.find((other, j) => j > i && other.layer > task.layer);
      return next
        ? [
            {
              before: (task.steps[0] as ProblemStep).id,
              after: next.id,
              hard: true,
              orderOnly: true,
              reason: 'Dust falls',
            },
          ]
        : [];
    });
  });
}

function wishes(draw: Draw, tasks: readonly ProblemTask[]): Problem['precedence'] {
  return Array.from({ length: Math.floor(tasks.length / 10) }, () => {
    const a = draw.from(0, tasks.length - 2);
    const b = draw.from(a + 1, tasks.length - 1);
    return {
      before: (tasks[a] as ProblemTask).id,
      after: (tasks[b] as ProblemTask).id,
      hard: false,
      reason: 'Rather so',
    };
  });
}
