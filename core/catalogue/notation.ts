import type { QuantityName } from '../home/quantity-names';
import { BELONGINGS, type BelongingKind, OUT_SHARE } from './belongings';
import type { DoseEntry, HandsEntry, WaitEntry } from './method';
import type { ProductName } from './products';

/** Short ways to write a method down, so that an entry of the catalogue reads like a row of a table. */

/** A hands-on step. */
export function hands(
  key: string,
  title: string,
  rest: Omit<HandsEntry, 'key' | 'mode' | 'title'> = {},
): HandsEntry {
  return { key, mode: 'hands', title, ...rest };
}

/** A wait, as the range into which four in five fall with the usual length between: `[low, usual, high]` minutes. */
export function wait(
  key: string,
  title: string,
  [low, minutes, high]: readonly [number, number, number],
  rest: Omit<WaitEntry, 'key' | 'mode' | 'title' | 'minutes' | 'low' | 'high'> = {},
): WaitEntry {
  const soak = high <= SOAK_MINUTES && rest.machine === undefined ? { atMostMinutes: MOST_SOAK_MINUTES } : {};
  return { key, mode: 'wait', title, minutes, low, high, ...soak, ...rest };
}

/** A wait in which a product works; how long it may stay on at the most depends on the product. */
export function dwell(
  key: string,
  title: string,
  range: readonly [number, number, number],
  rest: Omit<WaitEntry, 'key' | 'mode' | 'title' | 'minutes' | 'low' | 'high'> = {},
): WaitEntry {
  return wait(key, title, range, { works: true, ...rest });
}

/** What works for so short a time is a soak: it is seen to the same day, before it dries. */
const SOAK_MINUTES = 20;
const MOST_SOAK_MINUTES = 120;

/** A production rate: so many units of the quantity an hour. */
export function per(quantity: QuantityName, perHour: number): NonNullable<HandsEntry['rate']> {
  return { quantity, perHour };
}

type Belongings = NonNullable<HandsEntry['belongings']>;

/** Things taken out, decided about and put back in one step. `perUnit`: how many of the places that are counted. */
export function things(of: BelongingKind, quantity: QuantityName, perUnit = 1): Belongings {
  return belongings(of, quantity, perUnit, 1, 'decide');
}

/** Things taken out and decided about; another step puts them back. */
export function out(of: BelongingKind, quantity: QuantityName, perUnit = 1): Belongings {
  return belongings(of, quantity, perUnit, OUT_SHARE, 'decide');
}

/** Things put back. */
export function back(of: BelongingKind, quantity: QuantityName, perUnit = 1): Belongings {
  return belongings(of, quantity, perUnit, 1 - OUT_SHARE, 'return');
}

/** Things that have to be moved out of the way, whatever is decided about belongings: food out of a fridge. */
export function moved(of: BelongingKind, quantity: QuantityName, perUnit = 1): Belongings {
  return belongings(of, quantity, perUnit, 1, 'move');
}

function belongings(
  of: BelongingKind,
  quantity: QuantityName,
  perUnit: number,
  share: number,
  does: Belongings['does'],
): Belongings {
  const { many, seconds } = BELONGINGS[of];
  return { of, quantity, thingsPerUnit: many[2] * perUnit, secondsEach: Math.round(seconds * share), does };
}

/** An amount of a product, and the water it goes into, where it does. */
export function dose(product: ProductName, amount: number, unit: 'ml' | 'g', inMl?: number): DoseEntry {
  return { product, amount, unit, ...(inMl !== undefined && { inMl }) };
}
