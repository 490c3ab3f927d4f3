import { z } from 'zod';
import { MOST_CHOICES } from '../basics/limits';
import { idSchema } from '../basics/scalars';
import { SURFACES } from '../home/surfaces';
import { clashesBetween, type ProductClash } from './clashes';
import type { Dose, Method, OwnDoses } from './method';
import { type Family, unitFor } from './product-facts';
import { ownProductRefSchema } from './product-schema';
import { PRODUCT_NAMES, type ShippedProduct } from './products';
import { PRODUCT_SCHOOLS } from './work-kinds';

/** So many a household has at most. */
export const MOST_OWN_PRODUCTS = 50;

/** A product or mixture of one's own, and how it is used: instead of what, at what dose, at which jobs, and on what not. */
export const ownProductSchema = z.strictObject({
  id: idSchema.max(60),
  product: ownProductRefSchema,
  insteadOf: z.array(z.enum(PRODUCT_NAMES)).max(PRODUCT_NAMES.length),
  /** Millilitres of a liquid, grams of a powder. */
  amount: z.number().gt(0).max(10_000),
  /** Water it goes into; absent: used as it is. */
  inMl: z.number().gt(0).max(30_000).optional(),
  /** The jobs for which it is used; absent: all that take what it stands in for. */
  methods: z.array(z.string().max(120)).max(500).optional(),
  notOn: z.array(z.enum(SURFACES)).max(MOST_CHOICES).default([]),
});
export type OwnProduct = z.infer<typeof ownProductSchema>;

/** A method with what of one's own is used for it. */
export function withOwnProducts(method: Method, products: readonly OwnProduct[]): Method {
  const mine = products.filter(({ methods }) => methods === undefined || methods.includes(method.id));
  if (mine.length === 0) return method;
  const own: OwnDoses = Object.fromEntries(
    PRODUCT_SCHOOLS.flatMap((school) => {
      const doses = method.products[school];
      const found = doses && insteadOf(doses, mine);
      return found ? [[school, found]] : [];
    }),
  );
  return Object.keys(own).length === 0 ? method : { ...method, own };
}

/** The doses with what stands in for some of them, each once; undefined where nothing does. */
function insteadOf(doses: readonly Dose[], products: readonly OwnProduct[]): Dose[] | undefined {
  let found = false;
  const replaced = new Map<string, Dose>();
  for (const dose of doses) {
    const mine = products.find(({ insteadOf: names }) => (names as readonly string[]).includes(dose.product));
    found ||= mine !== undefined;
    const next = mine ? doseOf(mine) : dose;
    replaced.set(next.product, next);
  }
  return found ? [...replaced.values()] : undefined;
}

/** What the label of a bottle may say of it, and the kind of product that is handled alike. */
const LABELS = {
  acid: 'limescale-remover',
  alkali: 'degreaser',
  caustic: 'oven-cleaner',
  chlorine: 'chlorine-bleach',
  peroxide: 'peroxide',
  alcohol: 'alcohol',
  ammonia: 'ammonia-cleaner',
  enzyme: 'enzyme-cleaner',
  solvent: 'solvent-cleaner',
  oil: 'wood-oil',
  abrasive: 'scouring-cream',
  soap: 'dish-soap',
  quat: 'disinfectant',
} as const satisfies Partial<Record<Family, ShippedProduct>>;

type Label = keyof typeof LABELS;
export const LABEL_NAMES = Object.keys(LABELS) as [Label, ...Label[]];

/** What is in a product, with what its label says put as the kind of product that is handled alike. */
export function partsIn({
  madeOf,
  label,
}: {
  readonly madeOf: readonly ShippedProduct[];
  readonly label: readonly Label[];
}): ShippedProduct[] {
  return [...new Set([...madeOf, ...label.map((one) => LABELS[one])])];
}

/** Why some things must not be in one bottle. */
export function clashWithin(parts: readonly ShippedProduct[]): ProductClash | undefined {
  return parts
    .flatMap((a, i) => parts.slice(i + 1).flatMap((b) => clashesBetween(a, b, 'task')))
    .find(({ forbidden }) => forbidden);
}

export function doseOf({ product, amount, inMl, notOn }: OwnProduct): Dose {
  return {
    product,
    amount,
    unit: unitFor(product),
    ...(inMl !== undefined && { inMl }),
    ...(notOn.length > 0 && { notOn }),
  };
}
