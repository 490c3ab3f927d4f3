/** How much there is to do of a fixture, by what is counted or measured. */
export const QUANTITY_NAMES = [
  'each',
  'widthM',
  'faceM2',
  'shelfM',
  'drawers',
  'slats',
  'floorM2',
  'ceilingM2',
  'wallM2',
  'skirtingM',
] as const;
export type QuantityName = (typeof QUANTITY_NAMES)[number];
