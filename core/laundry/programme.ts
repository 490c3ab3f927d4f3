import type { Fibre, Textile } from './textile';

/** How a machine washes, one row a temperature: usual minutes. */
export type Programme = {
  readonly id: 'hot' | 'mixed' | 'gentle' | 'wool';
  readonly name: string;
  /** In degrees Celsius. */
  readonly temperature: Textile['warmest'];
  readonly minutes: number;
};

export const PROGRAMMES: Readonly<Record<Textile['warmest'], Programme>> = {
  60: { id: 'hot', name: 'Hot, 60 °C', temperature: 60, minutes: 120 },
  40: { id: 'mixed', name: 'Mixed, 40 °C', temperature: 40, minutes: 75 },
  30: { id: 'gentle', name: 'Gentle, 30 °C', temperature: 30, minutes: 50 },
  20: { id: 'wool', name: 'Wool, cold', temperature: 20, minutes: 40 },
};

/** The share of what a machine takes of cotton: what is delicate needs room to move. */
const SHARES: Readonly<Record<Fibre, number>> = { cotton: 1, 'easy-care': 1 / 2, wool: 1 / 3 };

/** What a machine that takes so many kilograms of cotton takes of fibres together: what the most delicate of them needs. */
export function capacityFor(fibres: Iterable<Fibre>, machineKg: number): number {
  return machineKg * Math.min(...[...fibres].map((fibre) => SHARES[fibre]));
}
