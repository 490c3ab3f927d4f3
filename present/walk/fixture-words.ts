import type { Fixture, Fullness, Height, Soil } from '@/core/home/room';

export const HEIGHT_WORDS: Record<Height, string> = {
  ceiling: 'Ceiling',
  high: 'High up',
  middle: 'Hand height',
  low: 'Low down',
  floor: 'Floor',
};

export const SOIL_WORDS: Record<Soil, string> = {
  light: 'light',
  normal: 'normal',
  heavy: 'heavy',
  years: 'of years',
};

export const FULLNESS_WORDS: Record<Fullness, string> = {
  empty: 'empty',
  sparse: 'sparse',
  half: 'half full',
  full: 'full',
  crammed: 'crammed',
};

/** `Window, 2 of them, heavy soil, clear`. */
export function fixtureSummary(name: string, fixture: Fixture, clear: boolean): string {
  return [
    name,
    fixture.count > 1 && `${fixture.count} of them`,
    fixture.soil !== 'normal' && `soil ${SOIL_WORDS[fixture.soil]}`,
    fixture.leave && 'left this time',
    fixture.mend && 'to mend',
    clear && 'clear',
  ]
    .filter(Boolean)
    .join(', ');
}
