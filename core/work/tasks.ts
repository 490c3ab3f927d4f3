import { methodAtHand } from '../catalogue/at-hand';
import { disinfecting } from '../catalogue/disinfection';
import { inParts } from '../catalogue/in-parts';
import type { Method } from '../catalogue/method';
import { steaming } from '../catalogue/steam';
import { type Circumstances, estimateTask } from '../estimate/estimate';
import { type Place, placesOf } from '../home/room';
import { begunWith, chooseProducts, type ProductChoice } from '../products/product-choice';
import { aloneFor, inPartsFor, schoolFor } from '../scope/scope';
import { keepApart } from './apart';
import { joinedRooms } from './floor-runs';
import { jobsOfPlaces, type PlacesOfJob, placeByPlace } from './single-places';
import { sortingTasks } from './sorting';
import { sweepTasks } from './sweep';
import { type CleanTask, scopedTask, taskId, type Work } from './task';
import { gathered } from './wash-loads';

export { type CleanTask, handsRange, stepIdOf, type Work } from './task';

/** Every task that could be done, room by room in walking order, each with whether it is in scope. */
export function listTasks(work: Work): CleanTask[] {
  const joined = joinedRooms(work.home);
  const found = placesOf(work.home).flatMap((place) =>
    methodsAt(place, work)
      .flatMap((method) =>
        tasksAt(place, method, work, circumstancesOf(work, method, joined.has(place.room.id))),
      )
      .filter((task) => task.byRates.steps.some((step) => step.step.mode === 'hands')),
  );
  return withProductsApart([...passesBefore(found, work), ...found], work);
}

/** What goes through a room before anything in it is cleaned. */
function passesBefore(found: readonly CleanTask[], work: Work): CleanTask[] {
  if (work.belongings === 'first') return sortingTasks(found, work);
  return work.belongings === 'sweep' ? sweepTasks(work) : [];
}

/** The methods for a fixture, each as it is done here; what nothing is left of is no job. */
function methodsAt(place: Place, { catalogue, atHand, marks }: Work): Method[] {
  const { fixture, room } = place;
  return catalogue.for(fixture).map((method) => {
    const alone = aloneFor({ id: taskId(place, method), method, room }, marks, atHand.alone);
    return methodAtHand(method, { ...atHand, alone });
  });
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
    // What a sweep has not taken along stays as it is.
    belongings: work.belongings === 'sweep' ? 'leave' : work.belongings,
    ...(joined && method.kind === 'floors' && { setUpShared: 'room' }),
    share: 1,
    washerKg: work.atHand.washerKg,
  };
}

/** What a method comes to at a fixture: one job, or several where it has many places. */
function tasksAt(place: Place, method: Method, work: Work, circumstances: Circumstances): CleanTask[] {
  const isOne = work.asOne === 'all' || work.asOne.has(taskId(place, method));
  const parts = isOne ? [] : jobsOfPlaces(method, place);
  if (parts.length === 0) return [taskAt(place, method, work, circumstances)];
  return parts.map((part) => taskAt(place, method, work, circumstances, part));
}

function taskAt(
  place: Place,
  method: Method,
  work: Work,
  circumstances: Circumstances,
  part?: PlacesOfJob,
): CleanTask {
  const { fixture, room } = place;
  const products = productsAt(place, method, work, part);
  const way = products.school === 'steam' ? steaming(method) : method;
  const whole = products.disinfectant ? disinfecting(way, products.disinfectant) : way;
  const isInParts = inPartsFor({ id: taskId(place, method), method, room }, work.marks);
  const done = isInParts ? inParts(whole) : whole;
  if (!part) return scopedTask(place, done, estimateTask(done, fixture, room, circumstances), products, work);
  const atOne = (index: number) =>
    estimateTask(done, fixture, room, {
      ...circumstances,
      share: 1 / part.of,
      ...(index > 0 && { setUpShared: 'place' }),
    });
  const estimate = part.names.length === 1 ? atOne(part.first - 1) : placeByPlace(atOne, part);
  const steps = estimate.steps.map(({ step }) => step);
  return scopedTask(place, { ...done, steps }, estimate, products, work, part);
}

function productsAt(place: Place, method: Method, work: Work, part?: PlacesOfJob): ProductChoice {
  const { fixture, room } = place;
  const id = taskId(place, method, part);
  const wanted = schoolFor({ id, method, room }, work.marks, work.school);
  const used = work.uses.get(id);
  return (used && begunWith(used, fixture, wanted)) ?? chooseProducts(method, fixture, wanted);
}
