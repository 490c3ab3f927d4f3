import type { WaitStep } from '../catalogue/method';
import { isOwn } from '../catalogue/own-prefix';
import { isOwnRef } from '../catalogue/own-product';
import { mostMinutesOf } from '../catalogue/product-facts';
import type { ProductName } from '../catalogue/products';
import { productsOf } from '../products/product-choice';
import { touchesProducts } from './step-tags';
import type { CleanTask } from './task';

/**
 * The longest that a wait may last, in minutes: what its method says, else what is usual of its machine, and where a
 * product works meanwhile no longer than that one may stay on; never less than the wait itself is planned with. Undefined where nothing is in a hurry.
 */
export function longestWait(task: CleanTask, step: WaitStep, minutes: number): number | undefined {
  const products = productsWorkingIn(task, step);
  const afterRun = step.machine === undefined ? undefined : MOST_AFTER_RUN[step.machine];
  const said = step.atMostMinutes ?? (afterRun === undefined ? undefined : minutes + afterRun);
  const limits = [
    ...(said === undefined ? [] : [said]),
    ...products.map((product) => mostMinutesIn(step, product)),
  ];
  return limits.length === 0 ? undefined : Math.max(minutes, Math.min(...limits));
}

/** Washing that has run does not lie in the machine for longer: wet it turns musty; dry it only creases. */
const MOST_AFTER_RUN: Readonly<Record<string, number>> = { washer: 120, dryer: 1440 };

/** How long a product may stay on at most during a wait, in minutes. */
export function mostMinutesIn({ longest }: WaitStep, product: ProductName): number {
  return (isOwnRef(product) ? undefined : longest?.[product]) ?? mostMinutesOf(product);
}

/** The products that work on something during a wait. */
export function productsWorkingIn(task: CleanTask, step: WaitStep) {
  return isAtWork(task, step) ? productsOf(task.products) : [];
}

/** Where a household's own method says nothing of it, what was put on by hand works until somebody takes it off. */
function isAtWork(task: CleanTask, step: WaitStep): boolean {
  if (step.works !== undefined || !isOwn(task.method.id)) return step.works === true;
  const { steps } = task.method;
  const before = steps[steps.indexOf(step) - 1];
  return before?.mode === 'hands' && touchesProducts(task, before) && step.machine === undefined;
}
