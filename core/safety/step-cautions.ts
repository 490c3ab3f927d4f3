import { surfaceOf } from '../catalogue/catalogue';
import { clashesBetween, clashesOn } from '../catalogue/clashes';
import type { HandsStep } from '../catalogue/method';
import { isOf } from '../catalogue/product-facts';
import type { Tag } from '../catalogue/tags';
import type { HomeFacts } from '../home/facts';
import { productsOf } from '../products/product-choice';
import { tagsOf } from '../work/step-tags';
import type { CleanTask } from '../work/task';
import { homeCautions } from './cautions';

/** Something to beware of at one step of one task. The same caution has the same id wherever it comes up. */
export type StepCaution = {
  readonly id: string;
  readonly why: string;
  /** What to do. */
  readonly says: string;
};

type TagCaution = { readonly tag: Tag; readonly why: string; readonly says: string };

/** One row a hazard that a step can have. */
const TAG_CAUTIONS: readonly TagCaution[] = [
  {
    tag: 'ladder',
    why: 'One falls from low steps too.',
    says: 'A step that stands firm, shoes that hold, one hand for yourself, and somebody else in the house.',
  },
  {
    tag: 'electric',
    why: 'Water and current do not go together.',
    says: 'Pull the plug or switch the circuit off first; plug back in only when it is dry.',
  },
  {
    tag: 'heat',
    why: 'Steam, hot water and hot metal scald.',
    says: 'Let it cool as far as the work allows, and wear gloves that take heat.',
  },
  {
    tag: 'heavy',
    why: 'Backs and feet take it badly.',
    says: 'Two people, or slide it on felt; lift from the knees.',
  },
  {
    tag: 'fumes',
    why: 'Vapour gathers in a closed room.',
    says: 'Window open, door to the rest of the house shut, and out of the room while it works.',
  },
  {
    tag: 'bleach',
    why: 'With other cleaners it gives off poisonous gas, in the drain too.',
    says: 'Chlorine bleach by itself: never with an acid, ammonia, alcohol or another cleaner.',
  },
  {
    tag: 'chemical',
    why: 'Strong products burn skin and eyes.',
    says: 'Gloves, and the label first: it knows this bottle better than any list.',
  },
];

/** Surfaces that an acid spoils when it splashes there. */
const SPLASHED = ['marble', 'limestone', 'granite', 'stone'];

/** What to beware of at a step, from the tags, the products, what stands near, and the house itself. */
export function cautionsAt(task: CleanTask, step: HandsStep, facts: HomeFacts): StepCaution[] {
  const tags = tagsOf(task, step);
  const { id, caution } = task.method;
  const own = caution === undefined ? [] : [{ id: `method:${id}`, why: caution, says: caution }];
  const byTag = TAG_CAUTIONS.filter(({ tag }) => tags.includes(tag)).map(({ tag, why, says }) => ({
    id: `tag:${tag}`,
    why,
    says,
  }));
  const wet = step.belongings === undefined;
  return [
    ...own,
    ...byTag,
    ...(wet ? productCautions(task) : []),
    ...homeCautions({ method: task.method, products: productsOf(task.products) }, facts, task.room).map(
      (row) => ({ id: `home:${row.id}`, why: row.says, says: row.says }),
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
  const cautions = rows.map(({ id, why, instead }) => ({
    id: `clash:${id}`,
    why,
    says: `${why} ${instead}`,
  }));
  const stone = products.some((product) => isOf(product, ['acid'])) && stoneNear(task);
  if (stone)
    cautions.push({
      id: 'clash:acid-near-stone',
      why: 'Acid eats lime in stone, marble above all.',
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

/** What to beware of at a task because of what was used in its room before, on the same day: rinse between. */
export function cautionsBeside(task: CleanTask, before: readonly CleanTask[]): StepCaution[] {
  const rows = before
    .filter((other) => other.room.id === task.room.id && other.id !== task.id)
    .flatMap((other) =>
      productsOf(task.products).flatMap((one) =>
        productsOf(other.products).flatMap((two) => clashesBetween(one, two, 'room')),
      ),
    )
    .filter((row) => !row.forbidden);
  return [...new Set(rows)].map(({ id, why, instead }) => ({
    id: `beside:${id}`,
    why,
    says: `${why} ${instead}`,
  }));
}
