import { groupBy } from '../basics/group-by';
import type { Method } from '../catalogue/method';
import { factsOf } from '../catalogue/product-facts';
import { type Fixture, fixturesOf, type Home, roomsOf } from '../home/room';
import { THING_NAMES, type ThingName } from '../home/thing-names';
import { productsOf } from '../products/product-choice';
import { shareOfJob } from '../work/place-of-job';
import { tagsOf } from '../work/step-tags';
import type { CleanTask } from '../work/task';

/** What is needed besides products, counted for the work of one session. */

/** Cloths of one zone are never used in another, and they too go to the wash. */
export const ZONES = {
  toilet: { words: 'toilet', jobsPerCloth: 1 },
  bathroom: { words: 'bathroom', jobsPerCloth: 2 },
  kitchen: { words: 'kitchen', jobsPerCloth: 2 },
  rest: { words: 'rest of the house', jobsPerCloth: 3 },
} as const;
export type Zone = keyof typeof ZONES;

const BATHROOMS: readonly string[] = ['bathroom', 'shower', 'toilet'];
const KITCHENS: readonly string[] = ['kitchen', 'pantry', 'dining'];

export function zoneOf({ fixture, room }: Pick<CleanTask, 'fixture' | 'room'>): Zone {
  if (fixture.kind === 'toilet') return 'toilet';
  if (BATHROOMS.includes(room.kind)) return 'bathroom';
  return KITCHENS.includes(room.kind) ? 'kitchen' : 'rest';
}

const uses =
  (words: RegExp) =>
  ({ tools }: Method): boolean =>
    tools.some((tool) => words.test(tool));

/** Cloths by zone for some tasks, zones without any left out. */
export function clothsFor(tasks: readonly CleanTask[]): { readonly zone: Zone; readonly count: number }[] {
  const byCloth = tasks.filter((task) => uses(/cloth/)(task.method));
  return (Object.keys(ZONES) as Zone[]).flatMap((zone) => {
    const jobs = jobsIn(byCloth.filter((task) => zoneOf(task) === zone));
    return jobs === 0 ? [] : [{ zone, count: wholeUp(jobs / ZONES[zone].jobsPerCloth) }];
  });
}

/** How many jobs some tasks are: the places of one thing are one together. */
function jobsIn(tasks: readonly CleanTask[]): number {
  return tasks.reduce((sum, task) => sum + shareOfJob(task), 0);
}

/** Shares add up with tiny errors; one more is not fetched for them. */
function wholeUp(value: number): number {
  return Math.ceil(value - 1e-6);
}

/** How what the sessions need adds up over a clean. */
export type Lasting =
  /** Used up. */
  | 'used-up'
  /** One a person and day. */
  | 'a-day-each'
  /** Washed by the next day: as many as on the day that takes most. */
  | 'washed'
  /** Everybody has one of their own. */
  | 'each'
  /** There for everybody, from one session to the next. */
  | 'kept';

type ThingRow = {
  readonly lasts: Lasting;
  readonly countFor: (tasks: readonly CleanTask[]) => number;
};

/** So many of the tasks share one. */
const oneFor =
  (tasks: number, holds: (task: CleanTask) => boolean) =>
  (all: readonly CleanTask[]): number =>
    wholeUp(jobsIn(all.filter(holds)) / tasks);
/** One for each of the things at which some methods are done. */
const oneAtEach =
  (...methods: readonly string[]) =>
  (all: readonly CleanTask[]): number =>
    all
      .filter(({ method }) => methods.includes(method.id))
      .reduce((sum, { fixture }) => sum + fixture.count, 0);
const byTool =
  (words: RegExp) =>
  ({ method }: CleanTask): boolean =>
    uses(words)(method);
const isWet = ({ products }: CleanTask) => productsOf(products).some((product) => factsOf(product).gloves);

const none = () => 0;

/** A carbon monoxide alarm takes two. */
const CO_ALARM_CELLS = 2;

/** Four feet of what is slid. */
const FEET = 4;

/** One row a thing: how many a session of work takes. */
const ROWS: Record<ThingName, ThingRow> = {
  gloves: {
    lasts: 'each',
    countFor: (tasks) => (tasks.some((task) => isWet(task) && zoneOf(task) !== 'toilet') ? 1 : 0),
  },
  'toilet-gloves': {
    lasts: 'kept',
    countFor: (tasks) => (tasks.some((task) => isWet(task) && zoneOf(task) === 'toilet') ? 1 : 0),
  },
  masks: {
    lasts: 'a-day-each',
    countFor: (tasks) =>
      tasks.some((task) => byTool(/mask/)(task) || hasTag(task, 'fumes') || isDustAbove(task)) ? 1 : 0,
  },
  pads: { lasts: 'used-up', countFor: oneFor(4, byTool(/sponge|pad/)) },
  bags: {
    lasts: 'used-up',
    countFor: oneFor(2, (task) => byTool(/^bags?( |$)/)(task) || task.method.kind === 'belongings'),
  },
  cloths: {
    lasts: 'washed',
    countFor: (tasks) => clothsFor(tasks).reduce((sum, { count }) => sum + count, 0),
  },
  'mop-covers': { lasts: 'washed', countFor: oneFor(1, byTool(/^flat mop/)) },
  dusters: { lasts: 'washed', countFor: oneFor(4, byTool(/duster/)) },
  'bin-liners': { lasts: 'used-up', countFor: oneAtEach('bin-wash', 'waste-bin-wash', 'outdoor-bin-wash') },
  'vacuum-bags': { lasts: 'used-up', countFor: oneAtEach('vacuum-filter') },
  'hood-filters': { lasts: 'used-up', countFor: oneAtEach('extractor-filter-charcoal') },
  'air-filters': {
    lasts: 'used-up',
    countFor: oneAtEach('heating-filter-change', 'ventilation-filter-change', 'air-return-vacuum'),
  },
  'water-filters': { lasts: 'used-up', countFor: oneAtEach('water-filter-change') },
  batteries: { lasts: 'used-up', countFor: oneAtEach('alarm-test') },
  'batteries-aa': {
    lasts: 'used-up',
    countFor: (tasks) => CO_ALARM_CELLS * oneAtEach('co-alarm-test')(tasks),
  },
  // These are taken where somebody said on the walk that one is worn out.
  'batteries-aaa': { lasts: 'used-up', countFor: none },
  'batteries-button': { lasts: 'used-up', countFor: none },
  'bulbs-e27': { lasts: 'used-up', countFor: none },
  'bulbs-e14': { lasts: 'used-up', countFor: none },
  'bulbs-b22': { lasts: 'used-up', countFor: none },
  'bulbs-gu10': { lasts: 'used-up', countFor: none },
  'dishwasher-salt': { lasts: 'used-up', countFor: oneAtEach('dishwasher-clean') },
  'felt-sliders': { lasts: 'kept', countFor: (tasks) => (tasks.some(isSlid) ? FEET : 0) },
};

/** Something heavy goes aside on felt. */
function isSlid(task: CleanTask): boolean {
  return byTool(/felt/)(task) || task.method.steps.some(({ title }) => /felt/.test(title));
}

function hasTag(task: CleanTask, tag: string): boolean {
  return task.method.steps.some((step) => step.mode === 'hands' && tagsOf(task, step).includes(tag));
}

function isDustAbove({ method }: CleanTask): boolean {
  return method.kind === 'dusting' && method.layer === 0;
}

export function thingsFor(
  tasks: readonly CleanTask[],
): { readonly thing: ThingName; readonly count: number }[] {
  return THING_NAMES.map((thing) => ({ thing, count: ROWS[thing].countFor(tasks) })).filter(
    ({ count }) => count > 0,
  );
}

export function lastingOf(thing: ThingName): Lasting {
  return ROWS[thing].lasts;
}

export type WornOut = {
  readonly thing: ThingName;
  readonly count: number;
  readonly tasks: readonly CleanTask[];
};

/** What is worn out at the fixtures of some tasks and gets a new one, fixture by fixture, but for those seen to before. */
export function wornOutAt(tasks: readonly CleanTask[], seen: Set<string> = new Set()): WornOut[] {
  const byFixture = groupBy(
    tasks.filter(({ fixture }) => fixture.needs !== undefined && !seen.has(fixture.id)),
    ({ fixture }) => fixture,
  );
  return [...byFixture].map(([{ id, needs, count }, own]) => {
    seen.add(id);
    return { thing: needs as ThingName, count, tasks: own };
  });
}

/** Everything in a home at which something is worn out. */
export function wornIn(home: Home): Fixture[] {
  return roomsOf(home)
    .flatMap(fixturesOf)
    .filter(({ needs }) => needs !== undefined);
}
