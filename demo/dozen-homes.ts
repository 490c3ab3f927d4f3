import { dayOf, formatDate } from '../core/basics/local-time';
import { UNCHANGED_CATALOGUE } from '../core/catalogue/household-catalogue';
import { NOTHING_SAID_OF_THE_YEAR } from '../core/clean/almanac-settings';
import { type Clean, USUAL_SWEEP } from '../core/clean/clean';
import { NOTHING_LEAVING } from '../core/clean/piles';
import { UNCHANGED_RULES } from '../core/clean/rule';
import { UNSTEERED } from '../core/clean/steering';
import { NO_SUPPLIES } from '../core/clean/supplies';
import type { HomeFacts } from '../core/home/facts';
import { NO_FACTS } from '../core/home/no-facts';
import type { Home } from '../core/home/room';
import type { Household } from '../core/household/household';
import type { HouseholdMachine } from '../core/machines/household-machine';
import type { Member } from '../core/people/member';
import { FAMILY_HOUSE, home, hugeHome, LARGE_OLD_HOUSE, ONE_ROOM_FLAT, usualRoom } from './example-homes';

/** Twelve homes that have little in common but that somebody wants them clean: what works in all of them works. */

const DOZEN_START = '2027-03-01';

type Sketch = {
  readonly home: Home;
  readonly facts?: Partial<HomeFacts>;
  readonly people: readonly Member[];
  readonly machines?: readonly HouseholdMachine['kind'][];
  readonly days: number;
  readonly clean?: Partial<Clean>;
};

const EVERY_DAY = [1, 2, 3, 4, 5, 6, 7];
const WORK_DAYS = [1, 2, 3, 4, 5];
const WEEKEND = [6, 7];

function person(
  name: string,
  weekdays: readonly number[],
  from: string,
  to: string,
  more: Partial<Member> = {},
): Member {
  return {
    id: name.toLowerCase(),
    name,
    hours: weekdays.map((weekday) => ({ weekday, from, to })),
    dailyCap: 240,
    cannot: [],
    dislikes: {},
    breakAfter: 60,
    breakLength: 10,
    pace: 'usual',
    exceptions: [],
    busy: [],
    ...more,
  };
}

const ALL_MACHINES: readonly HouseholdMachine['kind'][] = ['washer', 'dryer', 'dishwasher', 'line', 'oven'];

const FLAT_SHARE = home({
  'Second floor': [
    usualRoom('hall', 'Hall', 'hall'),
    usualRoom('kitchen', 'Kitchen', 'kitchen', { all: { soil: 'heavy' } }),
    usualRoom('bath', 'Bathroom', 'bathroom', { size: 'small', all: { soil: 'heavy' } }),
    usualRoom('one', 'Room one', 'bedroom'),
    usualRoom('two', 'Room two', 'bedroom'),
    usualRoom('three', 'Room three', 'bedroom', { all: { fullness: 'full' } }),
  ],
});

const COTTAGE = home({
  'Ground floor': [
    usualRoom('porch', 'Porch', 'porch'),
    usualRoom('kitchen', 'Kitchen', 'kitchen'),
    usualRoom('living', 'Living room', 'living', { also: ['cage', 'fireplace'] }),
    usualRoom('bedroom', 'Bedroom', 'bedroom', { also: ['bedside'] }),
    usualRoom('shower', 'Shower room', 'shower'),
  ],
  Outside: [usualRoom('terrace', 'Terrace', 'terrace')],
});

const SKETCHES: Readonly<Record<string, Sketch>> = {
  'one person in one day': {
    home: ONE_ROOM_FLAT,
    people: [person('Mira', [1], '09:00', '18:00', { dailyCap: 480 })],
    machines: ['washer'],
    days: 1,
    clean: { spread: 'early' },
  },
  'children of 6 and 11': {
    home: FAMILY_HOUSE,
    people: [
      person('Noor', WEEKEND, '09:00', '13:00'),
      person('Sol', [2, 4, 6], '18:00', '20:00'),
      person('Ida', [6], '10:00', '11:30', { age: 11, dailyCap: 60, breakAfter: 30 }),
      person('Leo', [6], '10:00', '11:00', { age: 6, dailyCap: 30, breakAfter: 20 }),
    ],
    machines: ALL_MACHINES,
    days: 28,
  },
  'no machines': {
    home: ONE_ROOM_FLAT,
    facts: { singleBedding: true },
    people: [person('Mira', EVERY_DAY, '17:00', '20:00')],
    days: 10,
  },
  'birds and an asthmatic': {
    home: COTTAGE,
    facts: { birds: true, singleBedding: true },
    people: [
      person('Ada', EVERY_DAY, '10:00', '12:00', { cannot: ['fumes', 'bleach', 'vacuum'] }),
      person('Jon', WEEKEND, '10:00', '15:00'),
    ],
    machines: ['washer', 'line', 'oven'],
    days: 21,
    clean: { products: 'water' },
  },
  'two-hour windows': {
    home: FAMILY_HOUSE,
    people: [person('Noor', WORK_DAYS, '19:00', '21:00', { dailyCap: 120 })],
    machines: ['washer', 'dishwasher'],
    days: 56,
  },
  'twenty-two rooms': {
    home: hugeHome(22, 480),
    people: [
      person('Noor', WORK_DAYS, '08:00', '12:00'),
      person('Sol', WORK_DAYS, '13:00', '17:00'),
      person('Kim', WEEKEND, '09:00', '15:00'),
    ],
    machines: ALL_MACHINES,
    days: 60,
    clean: { grouping: 'kind' },
  },
  'retired and not lifting': {
    home: COTTAGE,
    people: [
      person('Edda', EVERY_DAY, '10:00', '12:00', {
        cannot: ['ladder', 'heavy', 'kneeling', 'overhead'],
        pace: 'unhurried',
      }),
      person('Olaf', EVERY_DAY, '10:00', '11:30', { cannot: ['ladder', 'heavy'], breakAfter: 30 }),
    ],
    machines: ['washer', 'line'],
    days: 28,
  },
  'far too little time': {
    home: LARGE_OLD_HOUSE,
    people: [person('Mira', WEEKEND, '10:00', '12:00', { dailyCap: 120 })],
    machines: ['washer'],
    days: 7,
  },
  'three who share a flat': {
    home: FLAT_SHARE,
    people: [
      person('Ayo', [1, 3, 5], '18:00', '20:30'),
      person('Bea', [2, 4], '18:00', '20:30', { dislikes: { sanitary: 3 } }),
      person('Cem', WEEKEND, '11:00', '14:00'),
    ],
    machines: ['washer'],
    days: 14,
    clean: { products: 'shop' },
  },
  'moving out on a weekend': {
    home: FLAT_SHARE,
    people: [
      person('Ayo', [6, 7], '08:00', '19:00', { dailyCap: 540 }),
      person('Bea', [6, 7], '08:00', '19:00', { dailyCap: 540 }),
    ],
    days: 7,
    clean: { spread: 'early', belongings: 'leave', products: 'shop', sessionCap: 660 },
  },
  'a baby asleep': {
    home: FAMILY_HOUSE,
    people: [
      person('Noor', EVERY_DAY, '20:00', '21:30', { cannot: ['noise', 'vacuum'] }),
      person('Sol', [6], '09:00', '12:00'),
    ],
    machines: ALL_MACHINES,
    days: 42,
    clean: { products: 'disinfecting' },
  },
  'nobody has hours yet': {
    home: ONE_ROOM_FLAT,
    people: [person('Mira', [], '09:00', '10:00')],
    machines: ['washer'],
    days: 14,
  },
};

function householdOf(name: string, sketch: Sketch): Household {
  return {
    format: 'early-thaw/household',
    version: 1,
    name,
    timezone: 'Europe/Berlin',
    units: 'metric',
    home: { ...structuredClone(sketch.home), facts: { ...NO_FACTS, ...sketch.facts } },
    people: structuredClone([...sketch.people]),
    machines: (sketch.machines ?? []).map((kind) => ({ id: kind, kind })),
    clean: {
      id: 'clean',
      name: 'Spring 2027',
      reason: '',
      reward: 'Cake on the balcony',
      start: DOZEN_START,
      finish: formatDate(dayOf(DOZEN_START) + sketch.days - 1),
      spread: 'even',
      grouping: 'room',
      firstJob: 'any',
      block: { kind: 'fixed' },
      reserve: [],
      sessionCap: 240,
      products: 'pantry',
      belongings: 'stop',
      sweep: USUAL_SWEEP,
      matters: 'usual',
      estimates: 'rates',
      ...sketch.clean,
    },
    marks: [],
    catalogue: structuredClone(UNCHANGED_CATALOGUE),
    rules: structuredClone(UNCHANGED_RULES),
    supplies: NO_SUPPLIES,
    leaving: NOTHING_LEAVING,
    steering: UNSTEERED,
    calls: [],
    almanac: NOTHING_SAID_OF_THE_YEAR,
    weather: [],
    ticks: [],
    parts: [],
    events: [],
    record: [],
    past: [],
    pictures: [],
    plans: [],
  };
}

/** The twelve, by what is special about them. */
export const DOZEN_HOMES: readonly Household[] = Object.entries(SKETCHES).map(([name, sketch]) =>
  householdOf(name, sketch),
);

/** One of them. */
export function homeNamed(name: string): Household {
  const found = DOZEN_HOMES.find((one) => one.name === name);
  if (!found) throw new Error(`There is no home “${name}” among the dozen.`);
  return structuredClone(found);
}
