import type { Units } from '@/core/basics/choices';
import { productInText } from '@/core/catalogue/products';
import { type Filling, fillingsOf, fillOf, type Vessels } from '@/core/supplies/amounts';
import type { CleanTask } from '@/core/work/tasks';
import { type Pour, pourOf } from '../supplies/pour';
import { amountWords } from '../supplies/supply-words';

/** What is mixed on the day, and when the water is changed. */

/** Work of one person from one moment to another, as it begins. */
export type Stretch = { readonly tasks: readonly CleanTask[] };

/** What one has to mix in, and the units that one reads. */
export type Mixing = { readonly vessels: Vessels; readonly units: Units };

/** By task: what to fill before it is begun, and how often to change the water on the way. */
export function fillingsOn(
  stretches: readonly Stretch[],
  vessels: Vessels,
): ReadonlyMap<string, readonly Filling[]> {
  return new Map(
    stretches.flatMap(({ tasks }) =>
      [...fillingsOf(tasks, vessels)].map(([{ id }, fillings]) => [id, fillings] as const),
    ),
  );
}

const BEFORE = {
  mix: 'Mix first',
  change: 'Fresh water first',
  pour: 'Pour the bucket out and mix',
} as const;

/** Each filling as it is said. */
export function waterWords(fillings: readonly Filling[], { units }: Mixing): string[] {
  return fillings.flatMap(({ product, unit, perFill, fillMl, before, changes }) => {
    const mixture = `${amountWords(perFill, unit, units)} of ${productInText(product)} in ${amountWords(fillMl, 'ml', units)} of water`;
    return [
      ...(before === 'go-on' ? [] : [`${BEFORE[before]}: ${mixture}.`]),
      ...(changes > 0 ? [`Change the water ${changes === 1 ? 'once' : `${changes} times`} on the way.`] : []),
    ];
  });
}

/** Each filling that is mixed now as it is drawn. */
export function poursIn(fillings: readonly Filling[], { vessels, units }: Mixing): Pour[] {
  return fillings
    .filter(({ before }) => before !== 'go-on')
    .map(({ perFill, unit, fillMl }) => {
      const isBottle = fillMl <= vessels.bottleMl;
      return pourOf({
        vessel: isBottle ? 'bottle' : 'bucket',
        vesselMl: isBottle ? vessels.bottleMl : vessels.bucketMl,
        waterMl: fillMl,
        amount: perFill,
        unit,
        say: (amount, of) => amountWords(amount, of, units),
      });
    });
}

/** `soft soap, 16 ml in 4 l of water`, for the vessel that one has; `vinegar, 20 ml` as it is. */
export function doseWords(
  { product, amount, unit, inMl }: CleanTask['products']['doses'][number],
  { vessels, units }: Mixing,
): string {
  if (inMl === undefined) return `${productInText(product)}, ${amountWords(amount, unit, units)}`;
  const { perFill, fillMl } = fillOf({ amount, inMl }, vessels);
  return `${productInText(product)}, ${amountWords(perFill, unit, units)} in ${amountWords(fillMl, 'ml', units)} of water`;
}
