import { isOwnRef, type OwnProductRef, partsOf } from './own-product';

/** Cleaning products by kind; brands never appear. */
export const PRODUCTS = {
  water: 'Warm water',
  steam: 'Steam',
  'dish-soap': 'Washing-up liquid',
  'soft-soap': 'Soft soap',
  vinegar: 'White vinegar',
  'citric-acid': 'Citric acid',
  'washing-soda': 'Washing soda',
  'baking-soda': 'Baking soda',
  'oxygen-bleach': 'Oxygen bleach',
  'chlorine-bleach': 'Chlorine bleach',
  'limescale-remover': 'Limescale remover',
  'toilet-cleaner': 'Toilet cleaner',
  degreaser: 'Degreaser',
  'glass-cleaner': 'Glass cleaner',
  'oven-cleaner': 'Oven cleaner',
  'wood-soap': 'Wood soap',
  'wood-wax': 'Wood wax',
  'stone-cleaner': 'pH-neutral stone cleaner',
  'laundry-detergent': 'Laundry detergent',
  'machine-cleaner': 'Machine cleaner',
  disinfectant: 'Surface disinfectant',
  'rinse-aid': 'Rinse aid',
  peroxide: 'Hydrogen peroxide, 3 %',
  alcohol: 'Cleaning alcohol',
  'mould-remover': 'Mould remover',
  'carpet-shampoo': 'Carpet and upholstery shampoo',
  'leather-care': 'Leather care',
  'wood-oil': 'Wood oil',
  'metal-polish': 'Metal polish',
  'scouring-cream': 'Scouring cream',
  'ammonia-cleaner': 'Ammonia cleaner',
  'solvent-cleaner': 'Solvent spot remover',
  'drain-opener': 'Drain opener',
  'enzyme-cleaner': 'Enzyme cleaner',
} as const;

/** A product that ships with the catalogue. */
export type ShippedProduct = keyof typeof PRODUCTS;
export const PRODUCT_NAMES = Object.keys(PRODUCTS) as [ShippedProduct, ...ShippedProduct[]];

/** Comes from the tap: nobody buys or counts it. */
export function isFromTap(product: ProductName): boolean {
  return product === 'water' || product === 'steam';
}

/** A product that ships, or one of one's own by its reference. */
export type ProductName = ShippedProduct | OwnProductRef;

/** What people call it. */
export function productName(product: ProductName): string {
  return isOwnRef(product) ? partsOf(product).name : PRODUCTS[product];
}

/** Its name within a sentence; what is one's own keeps its letters. */
export function productInText(product: ProductName): string {
  return isOwnRef(product) ? partsOf(product).name : PRODUCTS[product].toLowerCase();
}

/** What is in one of one's own, or what it is like. */
export function ownParts(product: OwnProductRef): readonly ShippedProduct[] {
  return partsOf<ShippedProduct>(product).parts;
}
