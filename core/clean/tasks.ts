import type { Method } from '../catalogue/method';
import { type Circumstances, estimateTask } from '../estimate/estimate';
import { type Place, placesOf } from '../home/room';
import { joinedRooms } from './floor-runs';
import { sortingTasks } from './sorting';
import { type CleanTask, scopedTask, type Work } from './task';

export { type CleanTask, handsRange, partsOfStepId, stepIdOf, type Work } from './task';

/** Every task that could be done, room by room in walking order, each with whether it is in scope. */
export function listTasks(work: Work): CleanTask[] {
  const joined = joinedRooms(work.home);
  const found = placesOf(work.home).flatMap((place) =>
    work.catalogue.for(place.fixture).flatMap((method) => {
      const task = taskAt(place, method, work, circumstancesOf(work, method, joined.has(place.room.id)));
      return task.byRates.steps.some((step) => step.step.mode === 'hands') ? [task] : [];
    }),
  );
  return work.belongings === 'first' ? [...sortingTasks(found, work), ...found] : found;
}

/** The tasks that are done in this clean. */
export function tasksOf(work: Work): CleanTask[] {
  return listTasks(work).filter((task) => task.scope.in);
}

function circumstancesOf(work: Work, method: Method, joined: boolean): Circumstances {
  return {
    facts: work.home.facts,
    pace: work.pace,
    belongings: work.belongings,
    setUpShared: joined && method.kind === 'floors',
  };
}

function taskAt(place: Place, method: Method, work: Work, circumstances: Circumstances): CleanTask {
  const byRates = estimateTask(method, place.fixture, place.room, circumstances);
  return scopedTask(place, method, byRates, work);
}
