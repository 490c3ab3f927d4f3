import { remembered } from '../basics/remembered';
import { isOwnRef, partsOf } from './own-product';
import { ownParts, type ProductName, type ShippedProduct } from './products';
import type { Tag } from './tags';

/**
 * What is in a kind of product and how it is handled: the ground on which clashes, gloves, spoons and waits are worked
 * out. Usual for such products; the label of the bottle in the hand comes first.
 */

/** What a product is, chemically and in the hand. */
export const FAMILIES = {
  water: 'water',
  steam: 'steam',
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
  enzyme: 'enzymes',
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

/** Grams in a millilitre of most powders. */
const POWDER = 0.9;

function powder(gPerMl: number, ...families: Family[]): ProductFacts {
  return { families, form: 'powder', gPerMl, gloves: false, tags: [] };
}

function sharp(facts: ProductFacts, ...tags: Tag[]): ProductFacts {
  return { ...facts, gloves: true, tags: ['chemical', ...tags] };
}

export const PRODUCT_FACTS = {
  water: liquid('water'),
  steam: { ...liquid('steam'), tags: ['heat'] },
  'dish-soap': liquid('soap'),
  'soft-soap': liquid('soap'),
  vinegar: liquid('acid'),
  'citric-acid': { ...powder(POWDER, 'acid'), gloves: true },
  'washing-soda': { ...powder(POWDER, 'alkali'), gloves: true },
  'baking-soda': powder(POWDER, 'alkali'),
  'oxygen-bleach': { ...powder(POWDER, 'peroxide'), gloves: true },
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
  'enzyme-cleaner': liquid('enzyme'),
} as const satisfies Record<ShippedProduct, ProductFacts>;

/** Usual longest times; the label says what holds. */
const MOST_MINUTES: Readonly<Record<ShippedProduct, number>> = {
  water: 1440,
  steam: 1440,
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
  'enzyme-cleaner': 480,
};

/** Of one of one's own: all that holds of what is in it. */
export const factsOf = remembered((product: ProductName): ProductFacts => {
  if (!isOwnRef(product)) return PRODUCT_FACTS[product];
  const parts: readonly ProductFacts[] = ownParts(product).map((part) => PRODUCT_FACTS[part]);
  const { form } = partsOf(product);
  return {
    families: [...new Set(parts.flatMap(({ families }) => families))],
    form,
    gPerMl: form === 'liquid' ? 1 : POWDER,
    gloves: parts.some(({ gloves }) => gloves),
    tags: [...new Set(parts.flatMap(({ tags }) => tags))],
  };
});

/** How long a product may stay on anything at the most, in minutes: it dries on, eats into things, or gives off fumes. */
export function mostMinutesOf(product: ProductName): number {
  if (!isOwnRef(product)) return MOST_MINUTES[product];
  return Math.min(...ownParts(product).map((part) => MOST_MINUTES[part]));
}

/** Liquids are measured in millilitres, powders in grams. */
export function unitFor(product: ProductName): 'ml' | 'g' {
  return factsOf(product).form === 'liquid' ? 'ml' : 'g';
}

export function isOf(product: ProductName, families: readonly Family[]): boolean {
  return factsOf(product).families.some((family) => families.includes(family));
}
