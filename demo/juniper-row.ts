import { dayOf, formatDate, minutesOf, weekdayOf } from '../core/basics/local-time';
import { randomFrom } from '../core/basics/random';
import { CATALOGUE } from '../core/catalogue/catalogue';
import { UNCHANGED_CATALOGUE } from '../core/catalogue/household-catalogue';
import { NOTHING_SAID_OF_THE_YEAR } from '../core/clean/almanac-settings';
import { USUAL_SWEEP } from '../core/clean/clean';
import type { Leaving } from '../core/clean/leaving';
import { UNCHANGED_RULES } from '../core/clean/rule';
import { UNSTEERED } from '../core/clean/steering';
import type { Supplies } from '../core/clean/supplies';
import type { Tick } from '../core/clean/tick';
import { NO_FACTS } from '../core/home/no-facts';
import type { Household } from '../core/household/household';
import type { Member, WeeklyHours } from '../core/people/member';
import type { Plan } from '../core/plan/plan';
import type { Problem } from '../core/plan/problem';
import { expand } from '../core/problem/expand';
import { linesOf } from '../core/record/line-of';
import { plan } from '../core/spread';
import { tasksOf } from '../core/work/tasks';
import { workOf } from '../core/work/work';
import { historyOf } from './history';
import { JUNIPER_ROW_FLOORS } from './juniper-row-rooms';

/** Where the demo household lives. */
export const DEMO_TIMEZONE = 'Europe/Berlin';

/** Days from the day the demo is loaded to the swap, moved to the nearest Saturday. */
const DAYS_TO_SWAP = 26;
const DAYS_DONE = 5;
const SATURDAY = 6;

const WEEKDAYS = [1, 2, 3, 4, 5];

const hours = (weekdays: readonly number[], from: string, to: string): WeeklyHours[] =>
  weekdays.map((weekday) => ({ weekday, from, to }));

const PEOPLE: readonly Member[] = [
  {
    id: 'ines',
    name: 'Ines',
    hours: [
      ...hours([1, 4], '09:00', '12:30'),
      ...hours([3], '17:30', '20:30'),
      ...hours([6], '09:00', '13:00'),
    ],
    dailyCap: 180,
    cannot: [],
    dislikes: { limescale: 1 },
    breakAfter: 75,
    breakLength: 10,
    pace: 'usual',
    atHome: 'evenings',
    exceptions: [],
    busy: [],
  },
  {
    id: 'bram',
    name: 'Bram',
    hours: [
      ...hours([1, 2, 4], '18:30', '20:30'),
      ...hours([6], '09:00', '13:00'),
      ...hours([7], '14:00', '17:00'),
    ],
    dailyCap: 180,
    cannot: [],
    dislikes: { sanitary: 2 },
    breakAfter: 60,
    breakLength: 10,
    pace: 'usual',
    exceptions: [],
    busy: [],
  },
  {
    id: 'odalys',
    name: 'Odalys',
    hours: [...hours([2, 5], '16:00', '17:30'), ...hours([6], '11:00', '13:00')],
    dailyCap: 90,
    cannot: ['bleach', 'ladder', 'chemical', 'electric'],
    dislikes: { belongings: 1 },
    breakAfter: 45,
    breakLength: 10,
    pace: 'usual',
    exceptions: [],
    busy: [],
    age: 14,
  },
  {
    id: 'teodor',
    name: 'Teodor',
    hours: hours(WEEKDAYS, '10:00', '11:30'),
    dailyCap: 60,
    cannot: ['ladder', 'heavy', 'kneeling', 'overhead', 'standing', 'chemical', 'vacuum', 'electric'],
    dislikes: {},
    breakAfter: 40,
    breakLength: 15,
    pace: 'usual',
    exceptions: [],
    busy: [],
    age: 78,
  },
];

const PHARMACY_PILE = '4b3d7a52-0a0f-4c39-8f6e-5a1f7de2c914';

/** Where things go that are not to stay, and one that gets another place in the kitchen. */
const LEAVING: Leaving = {
  piles: [{ id: PHARMACY_PILE, name: 'Pharmacy', leaves: true }],
  places: [
    {
      id: 'old-station',
      name: 'The Old Station',
      address: 'Station Road 2',
      takes: ['give', 'sell', 'recycle', 'bin'],
      opens: [
        { weekday: 2, from: '16:00', to: '19:00' },
        { weekday: 4, from: '16:00', to: '19:00' },
        { weekday: 6, from: '09:00', to: '14:00' },
      ],
    },
    {
      id: 'corner-pharmacy',
      name: 'Pharmacy at the corner',
      address: 'Juniper Row 31',
      takes: [PHARMACY_PILE],
      opens: [1, 2, 3, 4, 5].map((weekday) => ({ weekday, from: '08:30', to: '18:30' })),
    },
  ],
  homes: [
    {
      id: 'muesli-bowls',
      what: 'Muesli bowls',
      from: { fixture: 'kitchen-5-cupboard', place: 4 },
      to: { fixture: 'kitchen-5-cupboard', place: 3 },
      why: 'use',
    },
  ],
};

/** What stands in the cupboard under the stairs: some of it enough, some of it old. */
function cupboard(start: string): Supplies {
  const counted = `${start}T08:00`;
  return {
    bucketMl: 5000,
    bottleMl: 500,
    stock: [
      { product: 'dish-soap', amount: 350, unit: 'ml', counted },
      { product: 'soft-soap', amount: 200, unit: 'ml', counted },
      { product: 'citric-acid', amount: 120, unit: 'g', counted },
      { product: 'laundry-detergent', amount: 400, unit: 'ml', counted },
      { product: 'baking-soda', amount: 250, unit: 'g', counted },
      { product: 'peroxide', amount: 200, unit: 'ml', counted, expires: formatDate(dayOf(start) - 20) },
    ],
    things: [
      { thing: 'cloths', count: 6 },
      { thing: 'gloves', count: 1 },
      { thing: 'bags', count: 8 },
    ],
  };
}

/** The demo household before anything is done, for a clean that is in its first week on `today`. */
export function juniperRow(today: string): Household {
  const start = formatDate(dayOf(today) - DAYS_DONE);
  const finish = nearestSaturday(dayOf(today) + DAYS_TO_SWAP);
  const household: Household = {
    format: 'early-thaw/household',
    version: 1,
    name: '14 Juniper Row',
    timezone: DEMO_TIMEZONE,
    units: 'metric',
    home: {
      floors: structuredClone([...JUNIPER_ROW_FLOORS]),
      wayRound: 'clockwise',
      facts: { ...NO_FACTS, hardWater: true, birds: true, builtYear: 1908 },
    },
    people: structuredClone([...PEOPLE]),
    machines: [
      { id: 'washer', kind: 'washer', from: '07:00', to: '22:00', kg: 7 },
      { id: 'dryer', kind: 'dryer', from: '07:00', to: '22:00' },
      { id: 'dishwasher', kind: 'dishwasher', from: '07:00', to: '22:30' },
      { id: 'line', kind: 'line' },
      { id: 'oven', kind: 'oven', from: '07:00', to: '22:00' },
    ],
    clean: {
      id: 'house-swap',
      name: 'House swap',
      reason: 'Another family moves in for a fortnight, and we move into theirs.',
      reward: 'A fortnight by the sea, with nothing left to do at home.',
      start,
      finish: formatDate(finish - 1),
      spread: 'even',
      grouping: 'room',
      firstJob: 'dreaded',
      block: { kind: 'fixed' },
      openRooms: 2,
      reserve: [],
      sessionCap: 180,
      products: 'pantry',
      belongings: 'stop',
      sweep: USUAL_SWEEP,
      matters: 'usual',
      estimates: 'rates',
    },
    marks: [],
    rules: structuredClone(UNCHANGED_RULES),
    supplies: cupboard(start),
    leaving: structuredClone(LEAVING),
    steering: UNSTEERED,
    calls: [],
    almanac: NOTHING_SAID_OF_THE_YEAR,
    catalogue: structuredClone(UNCHANGED_CATALOGUE),
    weather: rainyWeekend(today),
    forecastSeed: 14,
    parts: [],
    events: [],
    ticks: [],
    record: [],
    past: [],
    pictures: [],
    plans: [],
  };
  return { ...household, ...historyOf(household, today) };
}

/** The demo household as it is loaded: most of the first days is ticked off, and one evening has slipped. */
export function juniperRowUnderWay(today: string): { household: Household; first: Plan } {
  const household = juniperRow(today);
  const problem = expand(household, CATALOGUE);
  const first = plan(problem, { problemHash: '0'.repeat(64), ...FIRST_PLAN, stop: () => false });
  return { household: underWay(household, problem, first, today), first };
}

/** How the first plan of the demo is looked for: the same on every machine. */
export const FIRST_PLAN = { seed: 1, rounds: 300 } as const;

/** The demo household with its first plan carried out up to today, but for one evening. */
export function underWay(household: Household, problem: Problem, first: Plan, today: string): Household {
  const hands = new Set(
    problem.tasks
      .flatMap((task) => task.steps)
      .filter((step) => step.mode === 'hands')
      .map((step) => step.id),
  );
  const ticks = ticksBefore(first, hands, today);
  return { ...household, ticks, record: [...household.record, ...recordOf(household, ticks)] };
}

/** Everything planned before today is done but for the last of those evenings; a task is ticked in its own order. */
function ticksBefore(first: Plan, hands: ReadonlySet<string>, today: string): Tick[] {
  const past = first.entries.filter((entry) => hands.has(entry.step) && entry.end.slice(0, 10) < today);
  const slipped = past
    .filter((entry) => entry.start.slice(11) >= '16:00')
    .reduce((last, entry) => (entry.start > last ? entry.start.slice(0, 10) : last), '');
  const random = randomFrom(3);
  const ticks = new Map<string, Omit<Tick, 'step'>>();
  for (const { step, start, end, people } of past) {
    if (start.slice(0, 10) === slipped) continue;
    const before = ticks.get(step)?.seconds ?? 0;
    const seconds = Math.round(minutesOf({ start, end }) * 60 * (0.85 + 0.35 * random()));
    ticks.set(step, { at: end, seconds: before + seconds, ...(people[0] && { person: people[0] }) });
  }
  return withoutGaps(first, ticks);
}

/** A later step of a task does not count as done where an earlier one slipped. */
function withoutGaps(first: Plan, ticks: ReadonlyMap<string, Omit<Tick, 'step'>>): Tick[] {
  const missed = new Set(
    first.entries
      .filter((entry) => entry.people.length > 0 && !ticks.has(entry.step))
      .map((entry) => `${taskOf(entry.step)}@${entry.start}`),
  );
  const missedBefore = (step: string, at: string) =>
    [...missed].some((key) => key.startsWith(`${taskOf(step)}@`) && key.slice(key.lastIndexOf('@') + 1) < at);
  return [...ticks]
    .filter(([step, { at }]) => !missedBefore(step, at))
    .map(([step, tick]) => ({ step, ...tick }));
}

function recordOf(household: Household, ticks: readonly Tick[]): Household['record'] {
  const names = new Map(household.people.map(({ id, name }) => [id, name]));
  const tasks = tasksOf(workOf(household, CATALOGUE));
  return linesOf(tasks, ticks, { clean: household.clean.id, names });
}

function taskOf(stepId: string): string {
  return stepId.slice(0, stepId.lastIndexOf('/'));
}

function rainyWeekend(today: string): Household['weather'] {
  const saturday = dayOf(today) + ((SATURDAY - weekdayOf(dayOf(today)) + 7) % 7 || 7);
  return [saturday, saturday + 1].map((day) => ({ date: formatDate(day), dry: false }));
}

function nearestSaturday(day: number): number {
  const offset = ((SATURDAY - weekdayOf(day) + 10) % 7) - 3;
  return day + offset;
}
