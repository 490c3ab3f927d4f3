/** Cleaning products by kind; brands never appear. */
export const PRODUCTS = {
  water: 'Warm water',
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
} as const;

export type ProductName = keyof typeof PRODUCTS;
export const PRODUCT_NAMES = Object.keys(PRODUCTS) as [ProductName, ...ProductName[]];
