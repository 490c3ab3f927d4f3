import { z } from 'zod';
import { PRIORITIES } from '../basics/choices';
import { MOST } from '../basics/limits';
import { Catalogue } from './catalogue';
import { type Dose, type Method, type MethodStep, methodSchema } from './method';
import { MOST_OWN_PRODUCTS, ownProductSchema, withOwnProducts } from './own-products';
import { PRODUCT_NAMES, type ShippedProduct } from './products';

/**
 * What a household has made of the catalogue: numbers of its own, methods switched off, and methods of its own. Kept
 * apart from the catalogue that ships, so that every one of them can return to the default.
 */

const stepChangeSchema = z.strictObject({
  setUpMinutes: z.number().min(0).max(1440).optional(),
  perHour: z.number().gt(0).max(100_000).optional(),
  secondsEach: z.number().gt(0).max(3600).optional(),
  /** Of a wait. */
  minutes: z.int().min(1).max(2880).optional(),
});

/** How much of a product is taken, and the water that it goes into. */
const doseChangeSchema = z.strictObject({
  amount: z.number().gt(0).max(10_000),
  inMl: z.number().gt(0).max(30_000).optional(),
});

export const methodChangeSchema = z.strictObject({
  steps: z.record(z.string().max(60), stepChangeSchema).default({}),
  intervalMonths: z.int().min(1).max(60).optional(),
  priority: z.enum(PRIORITIES).optional(),
  hardness: z.int().min(1).max(5).optional(),
  leastAge: z.int().min(0).max(18).optional(),
  doses: z.partialRecord(z.enum(PRODUCT_NAMES), doseChangeSchema).optional(),
});
export type MethodChange = z.infer<typeof methodChangeSchema>;

export const householdCatalogueSchema = z.strictObject({
  changed: z.record(z.string().max(120), methodChangeSchema).default({}),
  off: z.array(z.string().max(120)).max(MOST.marks).default([]),
  own: z.array(methodSchema).max(MOST.ownMethods).default([]),
  products: z.array(ownProductSchema).max(MOST_OWN_PRODUCTS).default([]),
});
export type HouseholdCatalogue = z.infer<typeof householdCatalogueSchema>;

export const UNCHANGED_CATALOGUE: HouseholdCatalogue = { changed: {}, off: [], own: [], products: [] };

/** Every method as the household has it, those that are switched off included. */
export function allMethods(base: Catalogue, household: HouseholdCatalogue): Method[] {
  const { own, changed: changes, products } = household;
  return [...base.all(), ...own].map((method) =>
    withOwnProducts(changed(method, changes[method.id]), products),
  );
}

/** The catalogue as the household works by it. */
export function catalogueWith(base: Catalogue, household: HouseholdCatalogue): Catalogue {
  const { changed: changes, off, own, products } = household;
  const isAsShipped = [own, off, products, Object.keys(changes)].every(({ length }) => length === 0);
  if (isAsShipped) return base;
  return new Catalogue(allMethods(base, household).filter((method) => !off.includes(method.id)));
}

function changed(method: Method, change: MethodChange | undefined): Method {
  if (!change) return method;
  const { steps, doses, ...numbers } = change;
  return {
    ...method,
    ...numbers,
    steps: method.steps.map((step) => changedStep(step, steps[step.key])),
    ...(doses && { products: changedDoses(method.products, doses) }),
  };
}

function changedDoses(
  products: Method['products'],
  changes: NonNullable<MethodChange['doses']>,
): Method['products'] {
  const changedDose = ({ inMl, ...dose }: Dose): Dose => {
    const change = changes[dose.product as ShippedProduct];
    return change ? { ...dose, ...change } : { ...dose, ...(inMl !== undefined && { inMl }) };
  };
  return Object.fromEntries(
    Object.entries(products).map(([school, doses]) => [school, doses?.map(changedDose)]),
  );
}

function changedStep(step: MethodStep, change: MethodChange['steps'][string] | undefined): MethodStep {
  if (!change) return step;
  if (step.mode === 'wait') {
    const minutes = change.minutes ?? step.minutes;
    return { ...step, minutes, low: Math.min(step.low, minutes), high: Math.max(step.high, minutes) };
  }
  return {
    ...step,
    setUpMinutes: change.setUpMinutes ?? step.setUpMinutes,
    ...(step.rate && { rate: { ...step.rate, perHour: change.perHour ?? step.rate.perHour } }),
    ...(step.belongings && {
      belongings: { ...step.belongings, secondsEach: change.secondsEach ?? step.belongings.secondsEach },
    }),
  };
}
