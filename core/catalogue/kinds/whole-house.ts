import type { FixtureKind } from '../fixture-kind';

/** What belongs to the whole house. */
export const WHOLE_HOUSE_KINDS = {
  sorting: { name: 'Sorting pass', synonyms: ['declutter'], height: 'middle', size: {}, surfaces: ['wood'] },
  'found-work': {
    name: 'Found on the way',
    synonyms: ['noted', 'for later'],
    height: 'middle',
    size: {},
    surfaces: ['wood'],
  },
  'leaving-trip': {
    name: 'What leaves the house',
    synonyms: ['trip', 'donation', 'recycling centre', 'bags'],
    height: 'floor',
    size: {},
    surfaces: ['fabric'],
  },
  'heating-filter': {
    name: 'Filter of the heating',
    synonyms: ['furnace', 'boiler'],
    height: 'low',
    size: {},
    surfaces: ['metal'],
  },
  'ventilation-filter': {
    name: 'Filters of the ventilation',
    synonyms: ['heat recovery', 'air handling'],
    height: 'high',
    size: {},
    surfaces: ['plastic'],
  },
  'first-aid': {
    name: 'First-aid box',
    synonyms: ['plasters', 'bandages'],
    height: 'middle',
    size: {},
    surfaces: ['plastic'],
  },
  'emergency-bag': {
    name: 'Emergency bag',
    synonyms: ['torch', 'go bag'],
    height: 'middle',
    size: {},
    surfaces: ['fabric'],
  },
  'emergency-numbers': {
    name: 'Emergency numbers',
    synonyms: ['fridge list', 'telephone'],
    height: 'middle',
    size: {},
    surfaces: ['paper'],
  },
  paperwork: {
    name: 'Paperwork',
    synonyms: ['files', 'post', 'documents', 'bills'],
    height: 'middle',
    size: { shelfM: 1 },
    holds: 'papers',
    surfaces: ['paper'],
  },
  'mend-pile': {
    name: 'Things to mend',
    synonyms: ['repair', 'sewing', 'glue'],
    height: 'middle',
    size: {},
    surfaces: ['fabric'],
  },
  'fuse-box': {
    name: 'Fuse box',
    synonyms: ['consumer unit', 'breaker', 'residual current'],
    height: 'middle',
    size: {},
    surfaces: ['painted metal', 'plastic'],
  },
  extinguisher: {
    name: 'Fire extinguisher and blanket',
    synonyms: ['fire'],
    height: 'low',
    size: {},
    surfaces: ['painted metal'],
  },
} as const satisfies Record<string, FixtureKind>;
