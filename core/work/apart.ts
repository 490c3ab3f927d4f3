import { groupBy } from '../basics/group-by';
import { clashesBetween, PRODUCT_CLASHES, type ProductClash } from '../catalogue/clashes';
import { isOf } from '../catalogue/product-facts';
import type { ProductName } from '../catalogue/products';
import {
  chooseProducts,
  type ProductChoice,
  type Products,
  productsOf,
  type Swap,
} from '../products/product-choice';
import type { CleanTask } from './task';

/** Two tasks of one room whose products must not meet there on one day. */
export type Apart = { readonly first: CleanTask; readonly second: CleanTask; readonly clash: ProductClash };

/** What gives way first: the sharper product. */
const SHARP_FIRST = ['drain', 'chlorine', 'caustic', 'ammonia', 'acid'] as const;

/**
 * Keeps products that must not meet in one room, drain and day away from each other: the sharper one is swapped for
 * another school's where that is safe in the room; where nothing is, or a day between is better, the two tasks are to lie on
 * different days. What is `begun` keeps what it was begun with. Gives the tasks that changed, by id.
 */
export function keepApart(
  tasks: readonly CleanTask[],
  begun: (task: CleanTask) => boolean,
  /** Whether there is a day to wait for at all. */
  canWait: boolean,
): ReadonlyMap<string, CleanTask> {
  const swapped = new Map<string, CleanTask>();
  for (const room of roomsOf(tasks)) {
    const choices = new Map(room.map((task) => [task.id, task.products]));
    for (const task of sharpFirst(room.filter((known) => !begun(known)))) {
      const choice = apartFromRoom(task, choices, canWait);
      if (!choice) continue;
      choices.set(task.id, choice);
      swapped.set(task.id, { ...task, products: choice });
    }
  }
  return swapped;
}

/** The pairs for which no other product was found: they are to lie on different days. */
export function apartIn(tasks: readonly CleanTask[]): Apart[] {
  return roomsOf(tasks).flatMap((room) =>
    room.flatMap((first, i) =>
      room.slice(i + 1).flatMap((second) => {
        const clash = clashOf(first.products, second.products);
        return clash ? [{ first, second, clash }] : [];
      }),
    ),
  );
}

/** Families of which one has to be in a room for anything to be forbidden in it. */
const SHARP = [
  ...new Set(PRODUCT_CLASHES.filter((row) => row.forbidden && row.near === 'room').flatMap((row) => row.one)),
];

/** The tasks with products, by room; rooms in which nothing can clash are left out. */
function roomsOf(tasks: readonly CleanTask[]): CleanTask[][] {
  const isSharp = (task: CleanTask) => productsOf(task.products).some((product) => isOf(product, SHARP));
  const rooms = new Set(tasks.filter(isSharp).map((task) => task.room.id));
  const concerned = tasks.filter((task) => rooms.has(task.room.id) && productsOf(task.products).length > 0);
  return [...groupBy(concerned, (task) => task.room.id).values()];
}

function sharpFirst(tasks: readonly CleanTask[]): CleanTask[] {
  const rank = (task: CleanTask) => {
    const at = SHARP_FIRST.findIndex((family) =>
      productsOf(task.products).some((product) => isOf(product, [family])),
    );
    return at < 0 ? SHARP_FIRST.length : at;
  };
  return tasks
    .map((task) => ({ task, rank: rank(task) }))
    .sort((a, b) => a.rank - b.rank)
    .map(({ task }) => task);
}

/** Another choice for the task that clashes with nothing in the room; undefined where none is needed or there is none. */
function apartFromRoom(
  task: CleanTask,
  choices: ReadonlyMap<string, ProductChoice>,
  canWait: boolean,
): ProductChoice | undefined {
  const others = [...choices].flatMap(([id, choice]) => (id === task.id ? [] : productsOf(choice)));
  const clashing = (product: ProductName): Swap | undefined => {
    const clash = others
      .map((other) => forbiddenBetween(product, other))
      .find((row) => row !== undefined && !(canWait && row.waits));
    return clash && { why: 'near', clash: clash.id, product };
  };
  const known = choices.get(task.id) as ProductChoice;
  if (!productsOf(known).some(clashing)) return undefined;
  const next = chooseProducts(task.method, task.fixture, known.wanted, clashing);
  return next.doses.length > 0 && !(known.disinfectant && !next.disinfectant) ? next : undefined;
}

/** The row that keeps two choices out of one room on one day; undefined where they may meet. */
export function clashOf(a: Products, b: Products): ProductClash | undefined {
  for (const one of productsOf(a))
    for (const other of productsOf(b)) {
      const clash = forbiddenBetween(one, other);
      if (clash) return clash;
    }
  return undefined;
}

function forbiddenBetween(a: ProductName, b: ProductName): ProductClash | undefined {
  return clashesBetween(a, b, 'room').find((row) => row.forbidden);
}
