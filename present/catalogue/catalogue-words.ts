import type { WorkKind } from '@/core/catalogue/work-kinds';

/** One method as a line of the catalogue. */
export type CatalogueLine = {
  readonly id: string;
  readonly title: string;
  readonly fixture: string;
  readonly kind: WorkKind;
  readonly state: 'default' | 'changed' | 'off' | 'own';
};

export const STATE_WORDS: Record<CatalogueLine['state'], string> = {
  default: '',
  changed: 'with your numbers',
  off: 'switched off',
  own: 'your own',
};

/** What a quantity is called behind "an hour". */
export const QUANTITY_WORDS = {
  each: 'pieces',
  widthM: 'm of width',
  faceM2: 'm²',
  shelfM: 'm of shelf',
  drawers: 'drawers',
  slats: 'slats',
  floorM2: 'm² of floor',
  ceilingM2: 'm² of ceiling',
  wallM2: 'm² of wall',
  skirtingM: 'm along the wall',
} as const;

export const SCHOOL_WORDS = {
  water: 'Water and steam',
  pantry: 'Pantry',
  shop: 'Shop',
  disinfecting: 'Disinfecting',
} as const;
