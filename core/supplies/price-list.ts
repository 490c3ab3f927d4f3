import { isOwnRef, type OwnProductRef, partsOf } from '../catalogue/own-product';
import type { ProductName, ShippedProduct } from '../catalogue/products';
import type { ThingName } from '../home/thing-names';

/** A pack as a shop sells it: millilitres or grams of a product, or so many of a thing. */
export type Pack = { readonly amount: number; readonly cents: number };

/**
 * A shop, as the shopping list needs it: the pack in which something is sold, and its price. What stands behind it may
 * be another list, or a real shop.
 */
export type PriceList = {
  readonly productPack: (product: ProductName) => Pack;
  readonly thingPack: (thing: ThingName) => Pack;
};

const pack = (amount: number, cents: number): Pack => ({ amount, cents });

/** Made up, rounded, and a stand-in for a shop. Water comes from the tap. */
const PRODUCT_PACKS = {
  water: pack(1000, 0),
  steam: pack(1000, 0),
  'dish-soap': pack(500, 190),
  'soft-soap': pack(1000, 450),
  vinegar: pack(1000, 120),
  'citric-acid': pack(400, 320),
  'washing-soda': pack(500, 180),
  'baking-soda': pack(250, 150),
  'oxygen-bleach': pack(500, 380),
  'chlorine-bleach': pack(1000, 160),
  'limescale-remover': pack(500, 290),
  'toilet-cleaner': pack(750, 210),
  degreaser: pack(750, 390),
  'glass-cleaner': pack(500, 240),
  'oven-cleaner': pack(300, 520),
  'wood-soap': pack(1000, 790),
  'wood-wax': pack(500, 1290),
  'stone-cleaner': pack(750, 690),
  'laundry-detergent': pack(1500, 640),
  'machine-cleaner': pack(250, 390),
  disinfectant: pack(500, 480),
  'rinse-aid': pack(500, 270),
  peroxide: pack(250, 350),
  alcohol: pack(500, 450),
  'mould-remover': pack(500, 590),
  'carpet-shampoo': pack(500, 690),
  'leather-care': pack(250, 890),
  'wood-oil': pack(500, 1490),
  'metal-polish': pack(200, 490),
  'scouring-cream': pack(500, 230),
  'ammonia-cleaner': pack(1000, 310),
  'solvent-cleaner': pack(125, 420),
  'drain-opener': pack(500, 550),
  'enzyme-cleaner': pack(500, 590),
} satisfies Record<ShippedProduct, Pack>;

const THING_PACKS = {
  gloves: pack(1, 220),
  'toilet-gloves': pack(1, 220),
  masks: pack(5, 490),
  pads: pack(3, 260),
  bags: pack(20, 340),
  cloths: pack(4, 590),
  'mop-covers': pack(2, 990),
  dusters: pack(1, 450),
  'bin-liners': pack(20, 250),
  'vacuum-bags': pack(4, 890),
  'hood-filters': pack(1, 1490),
  'air-filters': pack(1, 1890),
  'water-filters': pack(1, 690),
  batteries: pack(2, 590),
  'batteries-aa': pack(8, 490),
  'batteries-aaa': pack(8, 490),
  'batteries-button': pack(2, 350),
  'bulbs-e27': pack(1, 390),
  'bulbs-e14': pack(1, 390),
  'bulbs-b22': pack(1, 390),
  'bulbs-gu10': pack(1, 420),
  'dishwasher-salt': pack(1, 180),
  'felt-sliders': pack(8, 550),
} satisfies Record<ThingName, Pack>;

/** What is one's own is sold as such products usually are. */
function ownPack(product: OwnProductRef): Pack {
  return partsOf(product).form === 'liquid' ? pack(500, 400) : pack(500, 300);
}

export const MADE_UP_PRICES: PriceList = {
  productPack: (product) => (isOwnRef(product) ? ownPack(product) : PRODUCT_PACKS[product]),
  thingPack: (thing) => THING_PACKS[thing],
};
