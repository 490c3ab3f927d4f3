import type { ThingName } from '../home/thing-names';
import type { FixtureKindName } from './fixture-kinds';

/** What wears out at a kind of fixture and is replaced: the light by its cap, what runs on batteries by their size. */

const BULBS: readonly ThingName[] = ['bulbs-e27', 'bulbs-e14', 'bulbs-b22', 'bulbs-gu10'];
const BATTERIES: readonly ThingName[] = ['batteries', 'batteries-aa', 'batteries-aaa', 'batteries-button'];

const WEARS_OUT: Partial<Record<FixtureKindName, readonly ThingName[]>> = {
  'ceiling-light': BULBS,
  'wall-light': BULBS,
  lamp: BULBS,
  'outdoor-light': BULBS,
  'season-lights': [...BULBS, ...BATTERIES],
  mirror: BULBS,
  hood: [...BULBS, 'hood-filters'],
  fridge: BULBS,
  oven: BULBS,
  'smoke-alarm': BATTERIES,
  'co-alarm': BATTERIES,
  screens: BATTERIES,
  toys: BATTERIES,
  instrument: BATTERIES,
  'vacuum-cleaner': ['vacuum-bags'],
  'air-cleaner': ['air-filters'],
  'heating-filter': ['air-filters'],
  'ventilation-filter': ['air-filters'],
  'water-filter': ['water-filters'],
  'charcoal-filter': ['hood-filters'],
  mops: ['mop-covers'],
  'cleaning-cloths': ['cloths'],
  dishwasher: ['dishwasher-salt'],
  table: ['felt-sliders'],
  'wood-furniture': ['felt-sliders'],
};

/** What may be worn out at a fixture; nothing for most kinds. */
export function wearsOutAt(kind: string): readonly ThingName[] {
  return Object.hasOwn(WEARS_OUT, kind) ? (WEARS_OUT[kind as FixtureKindName] ?? []) : [];
}
