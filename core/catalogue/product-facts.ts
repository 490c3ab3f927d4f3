import type { ProductName } from './products';
import type { Tag } from './tags';

/**
 * What is in a kind of product and how it is handled: the ground on which clashes, gloves, spoons and waits are worked
 * out. Usual for such products; the label of the bottle in the hand comes first.
 */

/** What a product is, chemically and in the hand. */
export const FAMILIES = {
  water: 'water',
  soap: 'soap',
  acid: 'acid',
  alkali: 'soda or another alkali',
  caustic: 'caustic',
  chlorine: 'chlorine bleach',
  ammonia: 'ammonia',
  alcohol: 'alcohol',
  peroxide: 'peroxide',
  quat: 'disinfectant',
  oil: 'oil or wax',
  abrasive: 'scouring grit',
  solvent: 'solvent',
  drain: 'drain opener',
} as const;
export type Family = keyof typeof FAMILIES;

export type ProductFacts = {
  readonly families: readonly Family[];
  readonly form: 'liquid' | 'powder';
  /** Grams in a millilitre, for spoons. */
  readonly gPerMl: number;
  readonly gloves: boolean;
  /** Hazards that a step has through the product. */
  readonly tags: readonly Tag[];
  /** How long a surface stays wet for it to disinfect; absent: it does not disinfect. */
  readonly contactMinutes?: number;
};

function liquid(...families: Family[]): ProductFacts {
  return { families, form: 'liquid', gPerMl: 1, gloves: false, tags: [] };
}

function powder(gPerMl: number, ...families: Family[]): ProductFacts {
  return { families, form: 'powder', gPerMl, gloves: false, tags: [] };
}

function sharp(facts: ProductFacts, ...tags: Tag[]): ProductFacts {
  return { ...facts, gloves: true, tags: ['chemical', ...tags] };
}

export const PRODUCT_FACTS = {
  water: liquid('water'),
  'dish-soap': liquid('soap'),
  'soft-soap': liquid('soap'),
  vinegar: liquid('acid'),
  'citric-acid': { ...powder(0.9, 'acid'), gloves: true },
  'washing-soda': { ...powder(0.9, 'alkali'), gloves: true },
  'baking-soda': powder(0.9, 'alkali'),
  'oxygen-bleach': { ...powder(0.9, 'peroxide'), gloves: true },
  'chlorine-bleach': { ...sharp(liquid('chlorine'), 'bleach', 'fumes'), contactMinutes: 10 },
  'limescale-remover': sharp(liquid('acid')),
  'toilet-cleaner': sharp(liquid('acid')),
  degreaser: { ...liquid('alkali'), gloves: true },
  'glass-cleaner': liquid('alcohol'),
  'oven-cleaner': sharp(liquid('caustic'), 'fumes'),
  'wood-soap': liquid('soap'),
  'wood-wax': liquid('oil'),
  'stone-cleaner': liquid('soap'),
  'laundry-detergent': liquid('soap'),
  'machine-cleaner': { ...liquid('acid'), gloves: true },
  disinfectant: { ...sharp(liquid('quat')), contactMinutes: 5 },
  'rinse-aid': liquid('soap'),
  peroxide: { ...liquid('peroxide'), gloves: true, contactMinutes: 10 },
  alcohol: { ...liquid('alcohol'), tags: ['fumes'], contactMinutes: 1 },
  'mould-remover': sharp(liquid('chlorine'), 'bleach', 'fumes'),
  'carpet-shampoo': liquid('soap'),
  'leather-care': liquid('oil'),
  'wood-oil': liquid('oil'),
  'metal-polish': liquid('abrasive', 'solvent'),
  'scouring-cream': liquid('abrasive'),
  'ammonia-cleaner': sharp(liquid('ammonia'), 'fumes'),
  'solvent-cleaner': sharp(liquid('solvent'), 'fumes'),
  'drain-opener': sharp(liquid('drain'), 'fumes'),
} as const satisfies Record<ProductName, ProductFacts>;

/** Usual longest times; the label says what holds. */
const MOST_MINUTES: Readonly<Record<ProductName, number>> = {
  water: 1440,
  'dish-soap': 720,
  'soft-soap': 720,
  vinegar: 180,
  'citric-acid': 180,
  'washing-soda': 720,
  'baking-soda': 720,
  'oxygen-bleach': 480,
  'chlorine-bleach': 30,
  'limescale-remover': 60,
  'toilet-cleaner': 120,
  degreaser: 60,
  'glass-cleaner': 10,
  'oven-cleaner': 180,
  'wood-soap': 30,
  'wood-wax': 1440,
  'stone-cleaner': 60,
  'laundry-detergent': 720,
  'machine-cleaner': 90,
  disinfectant: 30,
  'rinse-aid': 60,
  peroxide: 60,
  alcohol: 10,
  'mould-remover': 45,
  'carpet-shampoo': 60,
  'leather-care': 1440,
  'wood-oil': 1440,
  'metal-polish': 30,
  'scouring-cream': 30,
  'ammonia-cleaner': 30,
  'solvent-cleaner': 30,
  'drain-opener': 60,
};

export function factsOf(product: ProductName): ProductFacts {
  return PRODUCT_FACTS[product];
}

/** How long a product may stay on anything at the most, in minutes: it dries on, eats into things, or gives off fumes. */
export function mostMinutesOf(product: ProductName): number {
  return MOST_MINUTES[product];
}

/** Liquids are measured in millilitres, powders in grams. */
export function unitFor(product: ProductName): 'ml' | 'g' {
  return factsOf(product).form === 'liquid' ? 'ml' : 'g';
}

export function isOf(product: ProductName, families: readonly Family[]): boolean {
  return factsOf(product).families.some((family) => families.includes(family));
}
