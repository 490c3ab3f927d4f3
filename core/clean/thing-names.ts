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
  batteries: 'Batteries for alarms',
  'dishwasher-salt': 'Dishwasher salt, boxes',
  'felt-sliders': 'Felt sliders',
} as const;
export type ThingName = keyof typeof THINGS;
export const THING_NAMES = Object.keys(THINGS) as [ThingName, ...ThingName[]];
