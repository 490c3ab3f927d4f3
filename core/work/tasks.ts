import { methodAtHand } from '../catalogue/at-hand';
import { disinfecting } from '../catalogue/disinfection';
import type { Method } from '../catalogue/method';
import { type Circumstances, estimateTask } from '../estimate/estimate';
import { type Place, placesOf } from '../home/room';
import { begunWith, chooseProducts, type ProductChoice } from '../products/product-choice';
import { schoolFor } from '../scope/scope';
import { keepApart } from './apart';
import { joinedRooms } from './floor-runs';
import { sortingTasks } from './sorting';
import { type CleanTask, scopedTask, taskId, type Work } from './task';
import { gathered } from './wash-loads';

export { type CleanTask, handsRange, stepIdOf, type Work } from './task';

/** Every task that could be done, room by room in walking order, each with whether it is in scope. */
export function listTasks(work: Work): CleanTask[] {
  const joined = joinedRooms(work.home);
  const found = placesOf(work.home).flatMap((place) =>
    methodsAt(place, work).flatMap((method) => {
      const task = taskAt(place, method, work, circumstancesOf(work, method, joined.has(place.room.id)));
      return task.byRates.steps.some((step) => step.step.mode === 'hands') ? [task] : [];
    }),
  );
  return withProductsApart(
    work.belongings === 'first' ? [...sortingTasks(found, work), ...found] : found,
    work,
  );
}

/** The methods for a fixture, each as it is done here; what nothing is left of is no job. */
function methodsAt({ fixture }: Place, { catalogue, atHand }: Work): Method[] {
  return catalogue.for(fixture).map((method) => methodAtHand(method, atHand));
}

/** Products matter to each other only where both tasks are done. */
function withProductsApart(listed: CleanTask[], { uses, lastsOneDay }: Work): CleanTask[] {
  const done = listed.filter((task) => task.scope.in);
  const swapped = keepApart(done, (task) => uses.has(task.id), !lastsOneDay);
  return swapped.size === 0 ? listed : listed.map((task) => swapped.get(task.id) ?? task);
}

/** The tasks that are done in this clean. */
export function tasksOf(work: Work): CleanTask[] {
  return tasksAmong(listTasks(work), work);
}

/** The same where all that could be done is listed already. */
export function tasksAmong(listed: readonly CleanTask[], work: Work): CleanTask[] {
  return gathered(
    listed.filter((task) => task.scope.in),
    work,
  );
}

function circumstancesOf(work: Work, method: Method, joined: boolean): Circumstances {
  return {
    facts: work.home.facts,
    pace: work.pace,
    belongings: work.belongings,
    setUpShared: joined && method.kind === 'floors',
    washerKg: work.atHand.washerKg,
  };
}

function taskAt(place: Place, method: Method, work: Work, circumstances: Circumstances): CleanTask {
  const { fixture, room } = place;
  const products = productsAt(place, method, work);
  const done = products.disinfectant ? disinfecting(method, products.disinfectant) : method;
  return scopedTask(place, done, estimateTask(done, fixture, room, circumstances), products, work);
}

function productsAt(place: Place, method: Method, work: Work): ProductChoice {
  const { fixture, room } = place;
  const id = taskId(place, method);
  const wanted = schoolFor({ id, method, room }, work.marks, work.school);
  const used = work.uses.get(id);
  return (used && begunWith(used, fixture, wanted)) ?? chooseProducts(method, fixture, wanted);
}
