import type { HandsStep } from '../catalogue/method';
import { factsOf } from '../catalogue/product-facts';
import { isSeated } from '../catalogue/seated-work';
import { GLOVES_LEAST_AGE, LEAST_AGES, type Tag } from '../catalogue/tags';
import { productsOf, productTags } from '../products/product-choice';
import type { CleanTask } from './task';

/** Hazards of a step: its own, those of the products it is done with, and the age from which it may be done. */
export function tagsOf(task: CleanTask, step: HandsStep): string[] {
  const { method, products } = task;
  const fromProducts = touchesProducts(task, step) ? productTags(products) : [];
  const hazards = [...step.tags, ...fromProducts, ...demandsOf(task, step)];
  const gloves = touchesProducts(task, step) && productsOf(products).some((one) => factsOf(one).gloves);
  const age = Math.max(method.leastAge, gloves ? GLOVES_LEAST_AGE : 0, leastAgeFor(hazards));
  return [...new Set([...hazards, ...(age > 0 ? [ageTag(age)] : [])])];
}

/** What a step asks of a body, by where it is done and how. */
function demandsOf({ method, fixture }: CleanTask, step: HandsStep): Tag[] {
  const isOverhead =
    fixture.height === 'ceiling' ||
    step.tags.includes('ladder') ||
    (fixture.height === 'high' && method.kind !== 'belongings');
  return [
    ...(isOverhead ? (['overhead'] as const) : []),
    ...(isSeated(method.id, step.key) ? [] : (['standing'] as const)),
  ];
}

/** The age that hazards ask for, in years. */
export function leastAgeFor(tags: readonly string[]): number {
  return Math.max(0, ...tags.map((tag) => LEAST_AGES[tag as Tag] ?? 0));
}

/** Products are used where the method says so; where it does not say, in all work but with belongings. */
export function touchesProducts({ method }: CleanTask, step: HandsStep): boolean {
  const said = method.steps.some((known) => known.mode === 'hands' && known.tags.includes('chemical'));
  return said ? step.tags.includes('chemical') : step.belongings === undefined || step.rate !== undefined;
}

export const ADULT = 18;

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
  return !hazardsOf(task).some((tag) => never.includes(tag));
}

/** They are asked for by each person on each page that lists jobs. */
const known = new WeakMap<CleanTask, readonly string[]>();

/** Hazards of all hands-on steps of a task. */
function hazardsOf(task: CleanTask): readonly string[] {
  const last = known.get(task);
  if (last) return last;
  const hazards = task.method.steps.flatMap((step) => (step.mode === 'hands' ? tagsOf(task, step) : []));
  known.set(task, hazards);
  return hazards;
}
