import type { FixtureKind } from '../fixture-kind';

/** Ways in, hall and stairs. */
export const WAYS_IN_KINDS = {
  banister: {
    name: 'Banister and spindles',
    synonyms: ['handrail', 'railing'],
    height: 'middle',
    surfaces: ['painted wood', 'wood', 'glass', 'steel'],
    size: { widthM: 4 },
  },
  treads: {
    name: 'Stair treads',
    synonyms: ['steps', 'risers', 'stairs'],
    height: 'floor',
    surfaces: ['waxed wood', 'carpet', 'wood', 'stone'],
    size: {},
  },
  'door-mat': {
    name: 'Door mat',
    synonyms: ['mat', 'coir'],
    height: 'floor',
    size: {},
    surfaces: ['fabric', 'rubber'],
  },
  'boot-tray': {
    name: 'Boot tray',
    synonyms: ['umbrella stand', 'wellies'],
    height: 'floor',
    size: {},
    surfaces: ['plastic', 'metal'],
  },
  'shoe-rack': {
    name: 'Shoe rack',
    synonyms: ['shoe cupboard'],
    height: 'floor',
    size: { shelfM: 2 },
    holds: 'pairs',
    surfaces: ['wood', 'metal', 'laminate'],
  },
  coats: {
    name: 'Winter coats',
    synonyms: ['jackets', 'hooks', 'cloakroom'],
    height: 'high',
    size: { widthM: 1 },
    holds: 'coats',
    surfaces: ['wool', 'down', 'fabric'],
  },
  'front-door': {
    name: 'Front door',
    synonyms: ['entrance', 'house door'],
    height: 'middle',
    size: {},
    surfaces: ['painted wood', 'wood', 'metal', 'plastic'],
  },
  'door-fittings': {
    name: 'Letter slot, number, bell',
    synonyms: ['letterbox', 'knocker', 'brass', 'house number'],
    height: 'middle',
    size: {},
    surfaces: ['brass', 'steel'],
  },
  'hall-drawer': {
    name: 'Drawer by the door',
    synonyms: ['keys', 'post', 'junk drawer'],
    height: 'middle',
    size: { drawers: 1 },
    holds: 'things',
    surfaces: ['wood', 'painted wood'],
  },
} as const satisfies Record<string, FixtureKind>;
