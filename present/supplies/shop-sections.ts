import { isOwnRef } from '@/core/catalogue/own-product';
import type { ShippedProduct } from '@/core/catalogue/products';
import type { ThingName } from '@/core/home/thing-names';
import type { SupplyName } from '@/core/supplies/shopping';

/** Where in a shop things stand, in the order in which one passes. */
export const SHOP_SECTIONS = {
  food: 'Kitchen and baking shelf',
  cleaning: 'Cleaning shelf',
  laundry: 'Laundry shelf',
  household: 'Household goods',
  chemist: 'Chemist',
  electrical: 'Lamps and batteries',
  hardware: 'Hardware and paint',
  parts: 'Spare parts, by the name of the machine',
  own: 'Your own products',
} as const;
export type ShopSection = keyof typeof SHOP_SECTIONS;

/** Where each is usually found; shops differ. */
const SECTION_OF: Readonly<Record<ShippedProduct | ThingName, ShopSection>> = {
  water: 'household',
  steam: 'household',
  'dish-soap': 'cleaning',
  'soft-soap': 'cleaning',
  vinegar: 'food',
  'citric-acid': 'food',
  'washing-soda': 'laundry',
  'baking-soda': 'food',
  'oxygen-bleach': 'laundry',
  'chlorine-bleach': 'cleaning',
  'limescale-remover': 'cleaning',
  'toilet-cleaner': 'cleaning',
  degreaser: 'cleaning',
  'glass-cleaner': 'cleaning',
  'oven-cleaner': 'cleaning',
  'wood-soap': 'hardware',
  'wood-wax': 'hardware',
  'stone-cleaner': 'hardware',
  'laundry-detergent': 'laundry',
  'machine-cleaner': 'cleaning',
  disinfectant: 'chemist',
  'rinse-aid': 'cleaning',
  peroxide: 'chemist',
  alcohol: 'chemist',
  'mould-remover': 'cleaning',
  'carpet-shampoo': 'cleaning',
  'leather-care': 'hardware',
  'wood-oil': 'hardware',
  'metal-polish': 'cleaning',
  'scouring-cream': 'cleaning',
  'ammonia-cleaner': 'cleaning',
  'solvent-cleaner': 'hardware',
  'drain-opener': 'cleaning',
  'enzyme-cleaner': 'cleaning',
  gloves: 'household',
  'toilet-gloves': 'household',
  masks: 'hardware',
  pads: 'household',
  bags: 'household',
  cloths: 'household',
  'mop-covers': 'household',
  dusters: 'household',
  'bin-liners': 'household',
  'vacuum-bags': 'parts',
  'hood-filters': 'parts',
  'air-filters': 'parts',
  'water-filters': 'parts',
  batteries: 'electrical',
  'batteries-aa': 'electrical',
  'batteries-aaa': 'electrical',
  'batteries-button': 'electrical',
  'bulbs-e27': 'electrical',
  'bulbs-e14': 'electrical',
  'bulbs-b22': 'electrical',
  'bulbs-gu10': 'electrical',
  'dishwasher-salt': 'cleaning',
  'felt-sliders': 'hardware',
};

export function sectionOf(name: SupplyName): ShopSection {
  return isOwnRef(name) ? 'own' : SECTION_OF[name as ShippedProduct | ThingName];
}
