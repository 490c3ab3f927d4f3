import { surfaceOf } from '../catalogue/catalogue';
import { clashesBetween, clashesOn } from '../catalogue/clashes';
import type { HandsStep } from '../catalogue/method';
import { isOf } from '../catalogue/product-facts';
import type { CleanTask } from '../clean/task';
import type { HomeFacts } from '../home/facts';
import { homeCautions } from './cautions';
import { productsOf } from './product-choice';
import { tagsOf } from './step-tags';

/** Something to beware of at one step of one task. The same caution has the same id wherever it comes up. */
export type StepCaution = { readonly id: string; readonly says: string };

/** One row a hazard that a step can have. */
const TAG_CAUTIONS: Readonly<Record<string, string>> = {
  ladder: 'A step that stands firm, shoes that hold, one hand for yourself, and somebody else in the house.',
  electric: 'Pull the plug or switch the circuit off first; plug back in only when it is dry.',
  heat: 'Hot: let it cool as far as the work allows, and gloves that take heat.',
  heavy: 'Two people, or slide it on felt; lift from the knees.',
  fumes: 'Window open, door to the rest of the house shut, and out of the room while it works.',
  bleach:
    'Chlorine bleach by itself: never with an acid, ammonia, alcohol or another cleaner, not even in the drain.',
  chemical: 'Gloves, and the label first: it knows this bottle better than any list.',
};

/** Surfaces that an acid spoils when it splashes there. */
const SPLASHED = ['marble', 'limestone', 'granite', 'stone'];

/** What to beware of at a step, from the tags, the products, what stands near, and the house itself. */
export function cautionsAt(task: CleanTask, step: HandsStep, facts: HomeFacts): StepCaution[] {
  const tags = tagsOf(task, step);
  const found: StepCaution[] = Object.entries(TAG_CAUTIONS)
    .filter(([tag]) => tags.includes(tag))
    .map(([tag, says]) => ({ id: `tag:${tag}`, says }));
  if (task.method.caution) found.unshift({ id: `method:${task.method.id}`, says: task.method.caution });
  const wet = step.belongings === undefined;
  return [
    ...found,
    ...(wet ? productCautions(task) : []),
    ...homeCautions({ method: task.method, products: productsOf(task.products) }, facts, task.room).map(
      ({ id, says }) => ({ id: `home:${id}`, says }),
    ),
  ];
}

/** What to beware of because of the products of a task: on its surface, with each other, and beside stone. */
export function productCautions(task: CleanTask): StepCaution[] {
  const products = productsOf(task.products);
  const onSurface = products.flatMap((product) =>
    clashesOn(product, surfaceOf(task.fixture), task.fixture.kind),
  );
  const together = products.flatMap((a, i) =>
    products.slice(i + 1).flatMap((b) => clashesBetween(a, b, 'task')),
  );
  const rows = [...onSurface, ...together].filter((row) => !row.forbidden);
  const cautions = rows.map(({ id, why, instead }) => ({ id: `clash:${id}`, says: `${why} ${instead}` }));
  const stone = products.some((product) => isOf(product, ['acid'])) && stoneNear(task);
  if (stone)
    cautions.push({
      id: 'clash:acid-near-stone',
      says: `The ${stone} near it must not catch a splash of acid: cover it, and rinse at once.`,
    });
  return cautions;
}

function stoneNear({ stop, fixture }: CleanTask): string | undefined {
  return stop.fixtures
    .filter((other) => other.id !== fixture.id)
    .map((other) => surfaceOf(other) ?? '')
    .find((surface) => SPLASHED.includes(surface));
}
