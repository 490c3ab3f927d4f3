/** What is needed besides products. */
export const THINGS = {
  gloves: 'Gloves, pairs',
  'toilet-gloves': 'Gloves for the toilet, pairs',
  masks: 'Dust masks',
  pads: 'Pads and sponges',
  bags: 'Bags',
  cloths: 'Cloths',
  'mop-covers': 'Mop covers',
  dusters: 'Dusters',
  'bin-liners': 'Bin liners',
  'vacuum-bags': 'Vacuum cleaner bags',
  'hood-filters': 'Charcoal filters for the hood',
  'air-filters': 'Air filters',
  'water-filters': 'Cartridges for the water filter',
  batteries: 'Batteries, 9 V blocks',
  'batteries-aa': 'Batteries, AA',
  'batteries-aaa': 'Batteries, AAA',
  'batteries-button': 'Button cells',
  'bulbs-e27': 'Bulbs, large screw cap (E27)',
  'bulbs-e14': 'Bulbs, small screw cap (E14)',
  'bulbs-b22': 'Bulbs, bayonet cap (B22)',
  'bulbs-gu10': 'Bulbs, spot with two pins (GU10)',
  'dishwasher-salt': 'Dishwasher salt, boxes',
  'felt-sliders': 'Felt sliders',
} as const;
export type ThingName = keyof typeof THINGS;
export const THING_NAMES = Object.keys(THINGS) as [ThingName, ...ThingName[]];
