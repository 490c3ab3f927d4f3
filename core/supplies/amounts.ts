import { groupBy } from '../basics/group-by';
import type { Dose, HandsStep } from '../catalogue/method';
import { factsOf } from '../catalogue/product-facts';
import { isFromTap, type ProductName } from '../catalogue/products';
import { quantityOf } from '../furnish/quantities';
import type { QuantityName } from '../home/quantity-names';
import { dosesOf } from '../products/product-choice';
import { shareOfJob } from '../work/place-of-job';
import type { CleanTask } from '../work/task';
import { zoneOf } from './things';

/** How much of each product some work takes, from dose × quantity. */

/** How much of a quantity one fill of water does before it is changed, and how much one dose does that is used neat. */
const REACH: Record<QuantityName, { readonly fill: number; readonly neat: number }> = {
  each: { fill: 6, neat: 1 },
  widthM: { fill: 12, neat: 3 },
  faceM2: { fill: 8, neat: 4 },
  shelfM: { fill: 12, neat: 3 },
  drawers: { fill: 12, neat: 4 },
  slats: { fill: 60, neat: 30 },
  floorM2: { fill: 20, neat: 15 },
  ceilingM2: { fill: 20, neat: 15 },
  wallM2: { fill: 20, neat: 10 },
  skirtingM: { fill: 20, neat: 10 },
};

/** What one mixes in, in millilitres. */
export type Vessels = { readonly bucketMl: number; readonly bottleMl: number };

/** One mixture, or one product used neat, with how much of it is needed. */
export type Mixture = {
  readonly product: ProductName;
  readonly unit: Dose['unit'];
  /** Of the product in one fill; of a neat one in all. */
  readonly perFill: number;
  /** Water in one fill; absent for what is used neat. */
  readonly fillMl?: number;
  readonly fills: number;
  /** Of the product in all. */
  readonly amount: number;
  readonly tasks: readonly CleanTask[];
};

/**
 * What some tasks take in no order that is known: all that is washed with one mixture comes together. `amount` is in the
 * unit of the dose.
 */
export function mixturesFor(tasks: readonly CleanTask[], vessels: Vessels): Mixture[] {
  return mixturesOf(
    usesIn(tasks).toSorted((a, b) => a.key.localeCompare(b.key)),
    vessels,
  );
}

/** What the tasks of one session take, in the order in which somebody begins them. */
export function mixturesInTurn(tasks: readonly CleanTask[], vessels: Vessels): Mixture[] {
  return mixturesOf(usesIn(tasks), vessels);
}

/** One dose of a task. */
type DoseUse = {
  readonly task: CleanTask;
  readonly dose: Dose;
  /** The same for what may come out of one bottle or bucket. */
  readonly key: string;
};

function usesIn(tasks: readonly CleanTask[]): DoseUse[] {
  return tasks.flatMap((task) =>
    dosesOf(task.products).map((dose) => {
      const sharedBy = dose.inMl === undefined ? '' : zoneOf(task);
      return { task, dose, key: [dose.product, dose.amount, dose.inMl ?? 'neat', sharedBy].join() };
    }),
  );
}

function mixturesOf(uses: readonly DoseUse[], vessels: Vessels): Mixture[] {
  const neat = groupBy(
    uses.filter(({ dose }) => dose.inMl === undefined),
    ({ key }) => key,
  );
  const filled = groupBy(fillsIn(uses, vessels), ({ use }) => use.key);
  return mergedMixtures([
    ...[...neat.values()].map(neatMixture),
    ...[...filled.values()].map((fills): Mixture => {
      const [{ product, unit, perFill, fillMl }] = fills as [Fill];
      const often = fills.reduce((sum, { before, changes }) => sum + changes + Number(before !== 'go-on'), 0);
      const tasks = fills.map(({ use }) => use.task);
      return { product, unit, perFill, fillMl, fills: often, amount: perFill * often, tasks };
    }),
  ]);
}

function neatMixture(uses: readonly DoseUse[]): Mixture {
  const [{ dose }] = uses as [DoseUse];
  const share = uses.reduce((sum, use) => sum + shareOf(use.dose, use.task), 0);
  const amount = dose.amount * Math.max(share, 1);
  const tasks = uses.map(({ task }) => task);
  return { product: dose.product, unit: dose.unit, perFill: amount, fills: 1, amount, tasks };
}

/** How many doses, or what part of one, a task takes. */
function shareOf(dose: Dose, task: CleanTask): number {
  const quantity = quantityFor(task);
  const reach = REACH[quantity][dose.inMl === undefined ? 'neat' : 'fill'];
  return (quantityOf(quantity, task.fixture, task.room) * shareOfJob(task)) / reach;
}

/** By what the work with water is measured. */
function quantityFor({ method }: CleanTask): QuantityName {
  const rated = method.steps.filter(
    (step): step is HandsStep => step.mode === 'hands' && step.rate !== undefined,
  );
  const wet = rated.find((step) => step.tags.includes('chemical')) ?? rated[0];
  return wet?.rate?.quantity ?? 'each';
}

/** Shares add up with tiny errors; a fill too many is not mixed for them. */
const ALMOST_NOTHING = 1e-6;

/** What fits the bottle is mixed for a whole bottle, the rest in the bucket, as full as the recipe wants it or it holds. */
export function fillOf(
  { amount, inMl }: { readonly amount: number; readonly inMl: number },
  { bucketMl, bottleMl }: Vessels,
): { readonly fillMl: number; readonly perFill: number } {
  const fillMl = inMl <= bottleMl ? bottleMl : Math.min(bucketMl, inMl);
  return { fillMl, perFill: (amount * fillMl) / inMl };
}

/** What is filled before a task of a session is begun, and how often the water is changed on the way through it. */
export type Filling = {
  readonly product: ProductName;
  readonly unit: Dose['unit'];
  readonly perFill: number;
  readonly fillMl: number;
  /** The water of the task before still does; or it is used up; or another mixture is in the bucket. */
  readonly before: 'mix' | 'change' | 'pour' | 'go-on';
  readonly changes: number;
};

type Fill = Filling & { readonly use: DoseUse };

/** The fillings of the tasks of one session, in the order in which they are begun; together they are those of `mixturesInTurn`. */
export function fillingsOf(tasks: readonly CleanTask[], vessels: Vessels): Map<CleanTask, Filling[]> {
  const fills = fillsIn(usesIn(tasks), vessels).filter(({ product }) => !isFromTap(product));
  return groupBy(fills, ({ use }) => use.task);
}

/**
 * What is filled for one use after the other. A bottle keeps what is in it; of buckets there is one in somebody's hand,
 * which is poured out before something else goes in. Each is filled again when its water has done what one fill does.
 */
function fillsIn(uses: readonly DoseUse[], vessels: Vessels): Fill[] {
  /** How many fills each mixture has had, by those that still stand there. */
  const standing = new Map<string, number>();
  let inHand: string | undefined;
  return uses.flatMap((use): Fill[] => {
    const { dose, task, key } = use;
    const { product, unit, amount, inMl } = dose;
    if (inMl === undefined) return [];
    const { fillMl, perFill } = fillOf({ amount, inMl }, vessels);
    const isBucket = fillMl > vessels.bottleMl && !isFromTap(product);
    const poured = isBucket && inHand !== undefined && inHand !== key;
    if (poured) standing.delete(inHand as string);
    if (isBucket) inHand = key;
    const start = standing.get(key);
    const end = (start ?? 0) + (shareOf(dose, task) * inMl) / fillMl;
    standing.set(key, end);
    const known = Math.max(1, Math.ceil((start ?? 0) - ALMOST_NOTHING));
    const isUsedUp = start !== undefined && start > known - ALMOST_NOTHING;
    const first = start === undefined ? 1 : known + Number(isUsedUp);
    const changes = Math.max(0, Math.ceil(end - ALMOST_NOTHING) - first);
    const before = start === undefined ? (poured ? 'pour' : 'mix') : isUsedUp ? 'change' : 'go-on';
    return [{ use, product, unit, perFill, fillMl, before, changes }];
  });
}

/** The same mixture in several rooms, or sessions, is one line. */
export function mergedMixtures(mixtures: readonly Mixture[]): Mixture[] {
  const lines = new Map<string, Mixture>();
  for (const mixture of mixtures) {
    const { product, perFill, fillMl } = mixture;
    const key = fillMl === undefined ? product : [product, perFill, fillMl].join();
    const known = lines.get(key);
    lines.set(key, known ? sum(known, mixture) : mixture);
  }
  return [...lines.values()];
}

function sum(a: Mixture, b: Mixture): Mixture {
  const neat = a.fillMl === undefined;
  return {
    ...a,
    perFill: neat ? a.perFill + b.perFill : a.perFill,
    fills: neat ? 1 : a.fills + b.fills,
    amount: a.amount + b.amount,
    tasks: [...a.tasks, ...b.tasks],
  };
}

/** Kitchen measures, in millilitres. */
const TEASPOON_ML = 5;
const TABLESPOON_ML = 15;
const CUP_ML = 240;

/** The millilitres that an amount of a product fills. */
export function volumeMl(product: ProductName, amount: number, unit: Dose['unit']): number {
  return unit === 'ml' ? amount : amount / factsOf(product).gPerMl;
}

export type Spoons = { readonly count: number; readonly measure: 'teaspoon' | 'tablespoon' | 'cup' };

const MEASURES = [
  { measure: 'cup', ml: CUP_ML, from: CUP_ML / 2, step: 0.25 },
  { measure: 'tablespoon', ml: TABLESPOON_ML, from: TABLESPOON_ML, step: 0.5 },
  { measure: 'teaspoon', ml: TEASPOON_ML, from: 0, step: 0.25 },
] as const;

/** A volume by the largest kitchen measure that fits it, to the nearest part that one can still pour; never nothing. */
export function inSpoons(ml: number): Spoons {
  const row = MEASURES.find(({ from }) => ml >= from) ?? MEASURES[2];
  return { measure: row.measure, count: Math.max(row.step, Math.round(ml / row.ml / row.step) * row.step) };
}

export type MixingCard = {
  readonly product: ProductName;
  readonly unit: Dose['unit'];
  readonly vessel: 'bucket' | 'bottle';
  /** Water in one fill. */
  readonly waterMl: number;
  /** Of the product in one fill. */
  readonly amount: number;
  readonly spoons: Spoons;
  /** How often it is filled; in between the water is changed. */
  readonly fills: number;
  readonly gloves: boolean;
};

/** How a mixture is made, exactly so much to a fill; none for water, and for what is used as it is. */
export function mixingCard(mixture: Mixture, { bottleMl }: Vessels): MixingCard | undefined {
  const { product, unit, perFill, fillMl, fills } = mixture;
  if (fillMl === undefined || isFromTap(product)) return undefined;
  return {
    product,
    unit,
    vessel: fillMl <= bottleMl ? 'bottle' : 'bucket',
    waterMl: fillMl,
    amount: perFill,
    spoons: inSpoons(volumeMl(product, perFill, unit)),
    fills,
    gloves: factsOf(product).gloves,
  };
}
