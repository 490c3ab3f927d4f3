import type { Method } from '../catalogue/method';
import { factsOf } from '../catalogue/product-facts';
import { THING_NAMES, type ThingName } from '../clean/thing-names';
import { productsOf } from '../products/product-choice';
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
    const jobs = byCloth.filter((task) => zoneOf(task) === zone).length;
    return jobs === 0 ? [] : [{ zone, count: Math.ceil(jobs / ZONES[zone].jobsPerCloth) }];
  });
}

type ThingRow = {
  /** Kept from one session to the next; what is not is used up. */
  readonly kept: boolean;
  readonly countFor: (tasks: readonly CleanTask[]) => number;
};

/** One row a thing: how many a session of work takes. */
const ROWS: Record<ThingName, ThingRow> = {
  gloves: {
    kept: true,
    countFor: (tasks) => {
      const wet = tasks.filter((task) =>
        productsOf(task.products).some((product) => factsOf(product).gloves),
      );
      // One pair stays with the toilet.
      return new Set(wet.map((task) => (zoneOf(task) === 'toilet' ? 'toilet' : 'rest'))).size;
    },
  },
  masks: {
    kept: false,
    countFor: (tasks) =>
      tasks.some((task) => uses(/mask/)(task.method) || hasTag(task, 'fumes') || isDustAbove(task)) ? 1 : 0,
  },
  pads: {
    kept: false,
    countFor: (tasks) => Math.ceil(tasks.filter((task) => uses(/sponge|pad/)(task.method)).length / 4),
  },
  bags: {
    kept: false,
    countFor: (tasks) =>
      Math.ceil(
        tasks.filter((task) => uses(/^bags?( |$)/)(task.method) || task.method.kind === 'belongings').length /
          2,
      ),
  },
  cloths: {
    kept: true,
    countFor: (tasks) => clothsFor(tasks).reduce((sum, { count }) => sum + count, 0),
  },
};

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

/** Whether a thing is there again for the next session. */
export function isKept(thing: ThingName): boolean {
  return ROWS[thing].kept;
}
