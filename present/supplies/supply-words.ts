import type { Units } from '@/core/basics/choices';
import { shownIn, unitName } from '@/core/basics/units';
import { type ProductName, productName } from '@/core/catalogue/products';
import { THINGS, type ThingName } from '@/core/home/thing-names';
import type { Spoons } from '@/core/supplies/amounts';
import type { SupplyLine, SupplyName } from '@/core/supplies/shopping';
import { amount } from '../words/words';

/** Amounts, packs and prices in words. */

export function supplyName(name: SupplyName): string {
  return Object.hasOwn(THINGS, name) ? THINGS[name as ThingName] : productName(name as ProductName);
}

/** From here on a larger unit reads better. */
const LARGE = 1000;
const LARGE_UNITS = { ml: 'l', g: 'kg' } as const;

/** `350 ml`, `1.2 l`, `11.8 fl oz`, `4`. */
export function amountWords(value: number, unit: SupplyLine['unit'], units: Units): string {
  if (unit === 'pieces') return String(value);
  if (units === 'us') return `${amount(shownIn(units, unit, value))} ${unitName(units, unit)}`;
  if (value >= LARGE) return `${amount(value / LARGE)} ${LARGE_UNITS[unit]}`;
  return `${Number(value.toFixed(value < 10 ? 1 : 0))} ${unit}`;
}

/** `2 × 500 ml`. */
export function packWords(
  { packs, pack, unit }: Pick<SupplyLine, 'packs' | 'pack' | 'unit'>,
  units: Units,
): string {
  return `${packs} × ${unit === 'pieces' ? `pack of ${pack.amount}` : amountWords(pack.amount, unit, units)}`;
}

/** `6.40`: made-up prices have no currency. */
export function priceWords(cents: number): string {
  return (cents / 100).toFixed(2).replace(/\B(?=(\d{3})+\.)/g, ',');
}

const FRACTIONS: Readonly<Record<number, string>> = { 0.25: '¼', 0.5: '½', 0.75: '¾' };

/** `1½ tablespoons`, `¼ teaspoon`. */
export function spoonWords({ count, measure }: Spoons): string {
  const whole = Math.floor(count);
  const number = `${whole > 0 ? whole : ''}${FRACTIONS[count - whole] ?? ''}`;
  return `${number} ${measure}${count > 1 ? 's' : ''}`;
}

const POUNDS = 2.205;

/** What laundry weighs, in the units that one reads. */
export function weightWords(kg: number, units: Units): string {
  return units === 'metric' ? `${tenth(kg)} kg` : `${tenth(kg * POUNDS)} lb`;
}

const tenth = (value: number) => Math.round(value * 10) / 10;
