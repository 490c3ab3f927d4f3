import type { QuantityName } from '../home/quantity-names';
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

/** Things taken out and decided about: how many a full unit holds, and the seconds that each takes. */
export function things(quantity: QuantityName, thingsPerUnit: number, secondsEach: number): Belongings {
  return { quantity, thingsPerUnit, secondsEach, does: 'decide' };
}

/** Things put back. */
export function returned(quantity: QuantityName, thingsPerUnit: number, secondsEach: number): Belongings {
  return { quantity, thingsPerUnit, secondsEach, does: 'return' };
}

/** Things that have to be moved out of the way, whatever is decided about belongings: food out of a fridge. */
export function moved(quantity: QuantityName, thingsPerUnit: number, secondsEach: number): Belongings {
  return { quantity, thingsPerUnit, secondsEach, does: 'move' };
}

/** An amount of a product, and the water it goes into, where it does. */
export function dose(product: ProductName, amount: number, unit: 'ml' | 'g', inMl?: number): DoseEntry {
  return { product, amount, unit, ...(inMl !== undefined && { inMl }) };
}
