import type { Units } from './choices';

/** Lengths, areas, volumes and weights in the units of a household. Everything is kept metric; this is for showing and typing. */

/** One row a unit: what it is called in each system, and how many of the other make one metric. */
const CONVERSIONS = {
  m: { metric: 'm', us: 'ft', perMetric: 3.280_84 },
  'm²': { metric: 'm²', us: 'sq ft', perMetric: 10.763_91 },
  ml: { metric: 'ml', us: 'fl oz', perMetric: 0.033_814 },
  g: { metric: 'g', us: 'oz', perMetric: 0.035_274 },
  'm of shelf': { metric: 'm of shelf', us: 'ft of shelf', perMetric: 3.280_84 },
} as const;

type Converted = keyof typeof CONVERSIONS;

function isConverted(unit: string): unit is Converted {
  return Object.hasOwn(CONVERSIONS, unit);
}

/** A metric value in the units of a household: `shownIn('us', 'm', 3)` // => 9.84252 */
export function shownIn(units: Units, unit: string, value: number): number {
  return units === 'us' && isConverted(unit) ? value * CONVERSIONS[unit].perMetric : value;
}

/** What was typed in the units of a household, in metric: `metricFrom('us', 'm', 10)` // => 3.048 */
export function metricFrom(units: Units, unit: string, value: number): number {
  return units === 'us' && isConverted(unit) ? value / CONVERSIONS[unit].perMetric : value;
}

export function unitName(units: Units, unit: string): string {
  return isConverted(unit) ? CONVERSIONS[unit][units] : unit;
}
