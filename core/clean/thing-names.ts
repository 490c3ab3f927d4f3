/** What is needed besides products. */
export const THINGS = {
  gloves: 'Gloves, pairs',
  masks: 'Dust masks',
  pads: 'Pads and sponges',
  bags: 'Bags',
  cloths: 'Cloths',
} as const;
export type ThingName = keyof typeof THINGS;
export const THING_NAMES = Object.keys(THINGS) as [ThingName, ...ThingName[]];
