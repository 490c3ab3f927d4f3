import type { FixtureKindName } from '@/core/catalogue/fixture-kinds';

/**
 * The mark of each kind of thing, so that a strip is read before its words are: one row a mark. The marks are drawn in
 * public/icons/marks.svg; each has words beside it, so that nobody has to guess.
 */
export const MARKS = [
  ['window', 'window', 'fly-screen', 'window-grille'],
  ['curtains', 'curtains', 'nets', 'curtain-rail', 'shower-curtain'],
  ['blinds', 'blind', 'shutters', 'awning'],
  ['door-front', 'door', 'front-door', 'door-fittings', 'threshold'],
  ['vertical-align-top', 'ceiling', 'coving'],
  ['format-paint', 'walls', 'paint-marks'],
  ['grid-view', 'wall-tiles', 'splashback', 'shower-wall'],
  ['border-bottom', 'sill', 'skirting', 'plinths', 'grout', 'sealant', 'behind-furniture'],
  ['grid-on', 'hard-floor', 'yard-floor', 'porch-floor', 'garage-floor'],
  ['texture', 'carpet', 'rug', 'door-mat', 'bath-mats', 'boot-tray'],
  ['stairs', 'treads', 'front-step', 'banister'],
  ['light', 'ceiling-light', 'wall-light', 'lamp', 'outdoor-light', 'season-lights'],
  ['air', 'vent', 'ceiling-fan', 'air-return', 'air-cleaner', 'hood'],
  ['hvac', 'charcoal-filter', 'heating-filter', 'ventilation-filter', 'water-filter'],
  ['sensors', 'smoke-alarm', 'co-alarm'],
  ['outlet', 'switches', 'touch-points', 'cables', 'fuse-box'],
  ['heat-pump', 'radiator', 'towel-rail', 'electric-fire'],
  ['fireplace', 'fireplace'],
  ['image', 'picture', 'ornaments'],
  ['crop-portrait', 'mirror', 'glass-furniture', 'shower-screen', 'display-cabinet'],
  ['menu-book', 'books', 'shelf'],
  ['tv', 'screens'],
  ['piano', 'instrument'],
  ['weekend', 'upholstery', 'cushions', 'throws'],
  ['table-restaurant', 'wood-furniture', 'table', 'dressing-table', 'bedside'],
  ['local-florist', 'plants', 'planters', 'last-touches'],
  ['pets', 'pet-bed', 'litter-corner', 'cage'],
  ['bed', 'bed', 'mattress', 'duvet', 'headboard', 'protector', 'under-bed', 'bed-drawers'],
  ['checkroom', 'wardrobe', 'coats', 'outgrown', 'season-store', 'shoes', 'shoe-rack', 'bags'],
  ['inventory', 'drawers', 'kitchen-drawers', 'cupboard', 'cupboard-tops', 'hall-drawer', 'under-sink'],
  ['inventory', 'bathroom-cabinet', 'pantry-shelves', 'jars', 'linen-shelves', 'store-shelves'],
  [
    'inventory',
    'small-bath-things',
    'bread-bin',
    'sorting',
    'leaving-trip',
    'shop-trip',
    'pick-up',
    'mend-pile',
  ],
  ['toys', 'toys', 'outdoor-toys'],
  ['plumbing', 'taps', 'shower-drain', 'disposer'],
  ['shower', 'shower-head', 'shower-tray'],
  ['bathtub', 'bath', 'jetted-bath'],
  ['wc', 'toilet'],
  ['soap', 'basin', 'sink', 'towels'],
  ['medical-services', 'medicine-box', 'first-aid', 'emergency-bag'],
  ['countertops', 'worktop', 'hob', 'boards', 'drying-rack', 'appliance-front'],
  ['kitchen', 'fridge', 'freezer', 'dishwasher'],
  ['microwave', 'oven', 'microwave'],
  ['coffee-maker', 'kettle', 'coffee-machine'],
  ['blender', 'small-appliance'],
  ['delete', 'waste-bin', 'kitchen-bin', 'outdoor-bin'],
  ['local-laundry-service', 'washer', 'dryer'],
  ['dry-cleaning', 'laundry-basket', 'cleaning-cloths', 'mops'],
  ['iron', 'iron', 'vacuum-cleaner'],
  ['chair', 'outdoor-furniture'],
  ['outdoor-grill', 'grill'],
  ['yard', 'leaves', 'gutters'],
  ['fence', 'balcony-rail'],
  ['pedal-bike', 'bicycle'],
  ['description', 'paperwork', 'emergency-numbers'],
  ['fire-extinguisher', 'extinguisher'],
  ['handyman', 'found-work', 'something-else', 'mould-spot', 'pest-check'],
] as const satisfies readonly (readonly [mark: string, ...kinds: FixtureKindName[]])[];

export type MarkName = (typeof MARKS)[number][0];

const BY_KIND: ReadonlyMap<string, MarkName> = new Map(
  MARKS.flatMap(([mark, ...kinds]) => kinds.map((kind) => [kind, mark] as const)),
);

export function markOf(kind: string): MarkName | undefined {
  return BY_KIND.get(kind);
}
