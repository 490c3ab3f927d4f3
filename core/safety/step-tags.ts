import type { HandsStep } from '../catalogue/method';
import type { CleanTask } from '../clean/task';
import { productTags } from './product-choice';

/** Hazards of a step: its own, those of the products it is done with, and the age from which it may be done. */
export function tagsOf(task: CleanTask, step: HandsStep): string[] {
  const { method, products } = task;
  const fromProducts = touchesProducts(task, step) ? productTags(products) : [];
  const age = method.leastAge > 0 ? [ageTag(method.leastAge)] : [];
  return [...new Set([...step.tags, ...fromProducts, ...age])];
}

/** Products are used where the method says so; where it does not say, in all work but with belongings. */
export function touchesProducts({ method }: CleanTask, step: HandsStep): boolean {
  const said = method.steps.some((known) => known.mode === 'hands' && known.tags.includes('chemical'));
  return said ? step.tags.includes('chemical') : step.belongings === undefined;
}

const ADULT = 18;

function ageTag(years: number): string {
  return `from-${years}`;
}

type Bound = { readonly cannot: readonly string[]; readonly age?: number | undefined };

/** All that a person must not do: what was said, and what is for older people. */
export function cannotDo({ cannot, age }: Bound): string[] {
  if (age === undefined || age >= ADULT) return [...cannot];
  const older = Array.from({ length: ADULT - age }, (_, i) => ageTag(age + 1 + i));
  return [...cannot, ...older];
}

/** Whether a person may do every hands-on step of a task. */
export function mayDo(person: Bound, task: CleanTask): boolean {
  const never = cannotDo(person);
  return task.method.steps.every(
    (step) => step.mode === 'wait' || !tagsOf(task, step).some((tag) => never.includes(tag)),
  );
}
