import type { Dose, HandsStep } from '../catalogue/method';
import { factsOf } from '../catalogue/product-facts';
import type { ProductName } from '../catalogue/products';
import { quantityOf } from '../furnish/quantities';
import type { QuantityName } from '../home/quantity-names';
import type { CleanTask } from '../work/task';

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
 * What some tasks take, those of one session or of one room: one bucket does for all that is washed with the same
 * mixture in one room, and is filled again when its water has done what one fill does. `amount` is in the unit of the
 * dose.
 */
export function mixturesFor(tasks: readonly CleanTask[]): Mixture[] {
  const groups = new Map<string, { dose: Dose; share: number; tasks: CleanTask[] }>();
  for (const task of tasks)
    for (const dose of dosesOf(task)) {
      const key = [
        dose.product,
        dose.amount,
        dose.inMl ?? 'neat',
        dose.inMl === undefined ? '' : task.room.id,
      ].join();
      const known = groups.get(key) ?? { dose, share: 0, tasks: [] };
      known.share += shareOf(dose, task);
      known.tasks.push(task);
      groups.set(key, known);
    }
  return merged([...groups.values()].map(mixtureOf));
}

function dosesOf({ products }: CleanTask): Dose[] {
  return [...products.doses, ...(products.disinfectant ? [products.disinfectant] : [])];
}

/** How many doses, or what part of one, a task takes. */
function shareOf(dose: Dose, task: CleanTask): number {
  const quantity = quantityFor(task);
  const reach = REACH[quantity][dose.inMl === undefined ? 'neat' : 'fill'];
  return quantityOf(quantity, task.fixture, task.room) / reach;
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

function mixtureOf({ dose, share, tasks }: { dose: Dose; share: number; tasks: CleanTask[] }): Mixture {
  const { product, unit, amount, inMl } = dose;
  if (inMl === undefined) {
    const whole = amount * Math.max(share, 1);
    return { product, unit, perFill: whole, fills: 1, amount: whole, tasks };
  }
  const fills = Math.max(1, Math.ceil(share - ALMOST_NOTHING));
  return { product, unit, perFill: amount, fillMl: inMl, fills, amount: amount * fills, tasks };
}

/** The same mixture in several rooms is one line. */
function merged(mixtures: readonly Mixture[]): Mixture[] {
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

export type Vessels = { readonly bucketMl: number; readonly bottleMl: number };

/**
 * A mixture for the bottle or the bucket that one has, exactly so much to a fill: what fits the bottle is mixed for a
 * whole bottle, the rest in the bucket, as full as the recipe wants it or the bucket holds.
 */
export function mixingCard(mixture: Mixture, { bucketMl, bottleMl }: Vessels): MixingCard | undefined {
  const { product, unit, perFill, fillMl, fills } = mixture;
  if (fillMl === undefined || product === 'water') return undefined;
  const vessel = fillMl <= bottleMl ? 'bottle' : 'bucket';
  const waterMl = vessel === 'bottle' ? bottleMl : Math.min(bucketMl, fillMl);
  const amount = (perFill * waterMl) / fillMl;
  return {
    product,
    unit,
    vessel,
    waterMl,
    amount,
    spoons: inSpoons(volumeMl(product, amount, unit)),
    fills: Math.ceil((fills * fillMl) / waterMl - ALMOST_NOTHING),
    gloves: factsOf(product).gloves,
  };
}
