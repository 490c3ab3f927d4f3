import { productInText } from '@/core/catalogue/products';
import { type Filling, fillingsOf, fillOf, type Vessels } from '@/core/supplies/amounts';
import type { CleanTask } from '@/core/work/tasks';

/** What is mixed on the day, and when the water is changed. */

/** Work of one person from one moment to another, as it begins. */
export type Stretch = { readonly tasks: readonly CleanTask[] };

/** By task: what to fill before it is begun, and how often to change the water on the way. */
export function watersOn(stretches: readonly Stretch[], vessels: Vessels): Map<string, string[]> {
  const said = new Map<string, string[]>();
  for (const { tasks } of stretches)
    for (const [{ id }, fillings] of fillingsOf(tasks, vessels)) said.set(id, fillings.flatMap(fillingWords));
  return said;
}

const BEFORE = {
  mix: 'Mix first',
  change: 'Fresh water first',
  pour: 'Pour the bucket out and mix',
} as const;

function fillingWords({ product, unit, perFill, fillMl, before, changes }: Filling): string[] {
  const mixture = `${rounded(perFill)} ${unit} of ${productInText(product)} in ${litres(fillMl)} of water`;
  return [
    ...(before === 'go-on' ? [] : [`${BEFORE[before]}: ${mixture}.`]),
    ...(changes > 0 ? [`Change the water ${changes === 1 ? 'once' : `${changes} times`} on the way.`] : []),
  ];
}

/** `soft soap, 16 ml in 4 l of water`, for the vessel that one has; `vinegar, 20 ml` as it is. */
export function doseWords(
  { product, amount, unit, inMl }: CleanTask['products']['doses'][number],
  vessels: Vessels,
): string {
  if (inMl === undefined) return `${productInText(product)}, ${rounded(amount)} ${unit}`;
  const { perFill, fillMl } = fillOf({ amount, inMl }, vessels);
  return `${productInText(product)}, ${rounded(perFill)} ${unit} in ${litres(fillMl)} of water`;
}

function litres(ml: number): string {
  return ml < 1000 ? `${ml} ml` : `${rounded(ml / 1000)} l`;
}

const rounded = (value: number) => Math.round(value * 10) / 10;
