import { fc, test } from '@fast-check/vitest';
import { describe, expect, it } from 'vitest';
import { metricFrom, shownIn, unitName } from './units';

describe('units', () => {
  it('show metres as feet, and leave counts alone', () => {
    expect(shownIn('us', 'm', 3)).toBeCloseTo(9.8425, 4);
    expect(shownIn('us', 'm²', 10)).toBeCloseTo(107.639, 3);
    expect(shownIn('us', 'drawers', 4)).toBe(4);
    expect(shownIn('metric', 'm', 3)).toBe(3);
    expect([unitName('us', 'm²'), unitName('metric', 'm²'), unitName('us', 'slats')]).toEqual([
      'sq ft',
      'm²',
      'slats',
    ]);
  });

  test.prop(
    [
      fc.constantFrom('metric', 'us'),
      fc.constantFrom('m', 'm²', 'slats'),
      fc.double({ min: 0.01, max: 1000, noNaN: true }),
    ],
    {
      seed: 20270301,
    },
  )('come back as they were typed', (units, unit, value) => {
    const system = units as 'metric' | 'us';
    expect(shownIn(system, unit, metricFrom(system, unit, value))).toBeCloseTo(value, 9);
  });
});
