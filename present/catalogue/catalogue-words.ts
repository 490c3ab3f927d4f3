import type { MethodStep } from '@/core/catalogue/method';
import { MACHINE_KINDS, type MachineKind, type WorkKind } from '@/core/catalogue/work-kinds';

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
  water: 'Water',
  steam: 'Steam',
  pantry: 'Pantry',
  shop: 'Shop',
  disinfecting: 'Disinfecting',
} as const;

/** `Where there is a washing machine but no dryer, with one set of bedding`; nothing of a step that is done everywhere. */
export function whenWords(when: MethodStep['when']): string {
  if (!when) return '';
  const { has = [], lacks = [], singleBedding, singleTowels, alone } = when;
  const there = [
    has.length > 0 && `a ${names(has, ' and a ')}`,
    lacks.length > 0 && `no ${names(lacks, ' and no ')}`,
  ].filter(Boolean);
  const sets = [setsOf('bedding', singleBedding), setsOf('towels', singleTowels)];
  const hands = alone !== undefined && (alone ? 'where one lifts alone' : 'where two can lift');
  const words = [there.length > 0 && `where there is ${there.join(' but ')}`, ...sets, hands]
    .filter(Boolean)
    .join(', ');
  return words.charAt(0).toUpperCase() + words.slice(1);
}

function setsOf(what: string, isSingle: boolean | undefined): string | undefined {
  return isSingle === undefined
    ? undefined
    : `with ${isSingle ? 'only one set' : 'more than one set'} of ${what}`;
}

function names(kinds: readonly MachineKind[], joint: string): string {
  return kinds.map((kind) => MACHINE_KINDS[kind].toLowerCase()).join(joint);
}
