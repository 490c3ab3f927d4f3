import { methodAtHand } from '../catalogue/at-hand';
import { disinfecting } from '../catalogue/disinfection';
import { inParts } from '../catalogue/in-parts';
import type { Method } from '../catalogue/method';
import { steaming } from '../catalogue/steam';
import { learntFor } from '../clean/learnt';
import { markKey } from '../clean/marks';
import { type Circumstances, estimateTask } from '../estimate/estimate';
import { type Place, placesOf } from '../home/room';
import { begunWith, chooseProducts, type ProductChoice } from '../products/product-choice';
import { aloneFor, inPartsFor, schoolFor } from '../scope/scope';
import { keepApart } from './apart';
import { joinedRooms } from './floor-runs';
import type { PlaceOfJob } from './place-of-job';
import { secondGoAt } from './second-go';
import { namesOfPlaces, placeByPlace } from './single-places';
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
      .flatMap((method) => tasksAt(place, method, work, circumstancesOf(work, method, place.room.id, joined)))
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

function circumstancesOf(
  work: Work,
  method: Method,
  room: string,
  joined: ReadonlySet<string>,
): Circumstances {
  return {
    facts: work.home.facts,
    pace: work.pace,
    learnt: learntFor(work.learnt, { kind: method.kind, method: method.id, room }),
    spread: work.learnt.on ? work.learnt.spread : 1,
    // What a sweep has not taken along stays as it is.
    belongings: work.belongings === 'sweep' ? 'leave' : work.belongings,
    ...(joined.has(room) && method.kind === 'floors' && { setUpShared: 'room' }),
    share: 1,
    washerKg: work.atHand.washerKg,
  };
}

/** What a method comes to at a fixture: one job, or one for each of its places. */
function tasksAt(place: Place, method: Method, work: Work, circumstances: Circumstances): CleanTask[] {
  const isOne = work.asOne === 'all' || work.asOne.has(taskId(place, method));
  const names = isOne ? [] : namesOfPlaces(method, place);
  if (method.places?.as !== 'jobs' || names.length === 0)
    return withSecondGo(place, method, work, undefined, (part) =>
      taskAt(place, method, work, circumstances, names, part),
    );
  return names.flatMap((name, i) =>
    withSecondGo(place, method, work, { number: i + 1, of: names.length, name }, (part) =>
      taskAt(place, method, work, atPlace(circumstances, i, names.length), [], part),
    ),
  );
}

/** A job, and the second go at it where one is wanted. */
function withSecondGo(
  place: Place,
  method: Method,
  { marks }: Work,
  part: PlaceOfJob | undefined,
  made: (part?: PlaceOfJob) => CleanTask,
): CleanTask[] {
  const second = secondGoAt(part);
  const isWanted = marks.has(markKey({ on: 'task', target: taskId(place, method, second) }));
  return isWanted ? [made(part), made(second)] : [made(part)];
}

/** One of several places has its share, and is set up for with the first. */
function atPlace(circumstances: Circumstances, index: number, of: number): Circumstances {
  return { ...circumstances, share: 1 / of, ...(index > 0 && { setUpShared: 'place' }) };
}

function taskAt(
  place: Place,
  method: Method,
  work: Work,
  circumstances: Circumstances,
  /** Of the places that are steps of it. */
  names: readonly string[],
  part?: PlaceOfJob,
): CleanTask {
  const { fixture, room } = place;
  const products = productsAt(place, method, work, part);
  const done = wayOf(method, products, inPartsFor({ id: taskId(place, method), method, room }, work.marks));
  const estimate = (under: Circumstances) => estimateTask(done, fixture, room, under);
  if (names.length === 0) return scopedTask(place, done, estimate(circumstances), products, work, part);
  const byPlace = placeByPlace(names, (i) => estimate(atPlace(circumstances, i, names.length)));
  const steps = byPlace.steps.map(({ step }) => step);
  return scopedTask(place, { ...done, steps }, byPlace, products, work, part);
}

/** How a method is done with what it is done with, and in how many parts. */
function wayOf(method: Method, { school, disinfectant }: ProductChoice, isInParts: boolean): Method {
  const way = school === 'steam' ? steaming(method) : method;
  const clean = disinfectant ? disinfecting(way, disinfectant) : way;
  return isInParts ? inParts(clean) : clean;
}

function productsAt(place: Place, method: Method, work: Work, part?: PlaceOfJob): ProductChoice {
  const { fixture, room } = place;
  const id = taskId(place, method, part);
  const wanted = schoolFor({ id, method, room }, work.marks, work.school);
  const used = work.uses.get(id);
  return (used && begunWith(used, fixture, wanted)) ?? chooseProducts(method, fixture, wanted);
}
