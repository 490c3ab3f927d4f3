import type { FixtureKind } from '../fixture-kind';

/** Laundry, and the tools of the clean. */
export const LAUNDRY_KINDS = {
  washer: {
    name: 'Washing machine',
    synonyms: ['washer', 'laundry'],
    height: 'low',
    surfaces: ['plastic', 'painted metal'],
    size: {},
  },
  dryer: {
    name: 'Dryer',
    synonyms: ['tumble dryer', 'lint', 'condenser'],
    height: 'low',
    size: {},
    surfaces: ['painted metal', 'steel'],
  },
  'vacuum-cleaner': {
    name: 'Vacuum cleaner',
    synonyms: ['hoover bag', 'filter', 'brush'],
    height: 'floor',
    size: {},
    surfaces: ['plastic'],
  },
  mops: {
    name: 'Mops and buckets',
    synonyms: ['mop head', 'broom'],
    height: 'floor',
    size: {},
    surfaces: ['fabric', 'plastic'],
  },
  'cleaning-cloths': {
    name: 'Cleaning cloths',
    synonyms: ['rags', 'microfibre', 'dusters'],
    height: 'middle',
    size: {},
    surfaces: ['fabric'],
  },
  iron: {
    name: 'Iron',
    synonyms: ['steam iron', 'ironing board'],
    height: 'middle',
    size: {},
    surfaces: ['steel'],
  },
  'laundry-basket': {
    name: 'Laundry basket and airer',
    synonyms: ['hamper', 'clothes horse'],
    height: 'floor',
    size: {},
    surfaces: ['rattan', 'plastic', 'metal'],
  },
  'linen-shelves': {
    name: 'Linen cupboard',
    synonyms: ['towels', 'sheets', 'airing cupboard'],
    height: 'high',
    size: { shelfM: 4 },
    holds: 'linen',
    surfaces: ['wood', 'painted wood', 'laminate'],
  },
} as const satisfies Record<string, FixtureKind>;
