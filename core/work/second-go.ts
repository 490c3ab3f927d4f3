import { SECOND_GOES_FROM, wholeTaskOf } from '../basics/ids';
import type { ProductSchool } from '../catalogue/work-kinds';
import type { Mark } from '../clean/marks';
import { chooseProducts, dosesOf } from '../products/product-choice';
import { type PlaceOfJob, taskIdAt } from './place-of-job';
import type { CleanTask } from './task';

/**
 * What did not come clean is done once more, with something stronger: one more job at the same thing, so that what was
 * done stays done and what was used stays known.
 */

const NAME = 'second go';

/** Where a second go is, of a job at one place or at the whole of a thing. */
export function secondGoAt(part?: PlaceOfJob): PlaceOfJob {
  if (!part) return { number: SECOND_GOES_FROM + 1, of: 1, name: NAME };
  return { ...part, number: SECOND_GOES_FROM + part.number, name: `${part.name}, ${NAME}` };
}

/** From the mildest to the strongest. */
const BY_STRENGTH: readonly ProductSchool[] = ['water', 'pantry', 'shop'];

/** The next stronger products that are safe on the thing; undefined where there are none. */
function strongerThan({ method, fixture, products }: CleanTask): ProductSchool | undefined {
  const known = JSON.stringify(dosesOf(products));
  return BY_STRENGTH.slice(BY_STRENGTH.indexOf(products.school) + 1).find((school) => {
    const choice = chooseProducts(method, fixture, school);
    return choice.school === school && JSON.stringify(dosesOf(choice)) !== known;
  });
}

/** What has a task done a second time; with the same again where nothing stronger is safe. */
export function secondGoMark(task: CleanTask): Mark {
  const stronger = strongerThan(task);
  return {
    on: 'task',
    target: taskIdAt(wholeTaskOf(task.id), secondGoAt(task.part)),
    in: true,
    priority: task.scope.priority,
    ...(stronger && { products: stronger }),
  };
}
