import { groupBy } from '../basics/group-by';
import { learntFor } from '../clean/learnt';
import { HANDLING_SHARE, type StepEstimate, taskEstimate } from '../estimate/estimate';
import { newFixture } from '../furnish/fixture';
import type { Place } from '../home/room';
import { chooseProducts } from '../products/product-choice';
import { type CleanTask, scopedTask, type Work } from './task';

/** The method by which a room is sorted through before anything in it is cleaned. */
const SORTING_METHOD = 'sorting-pass';

/** How far a sorting pass may turn out shorter or longer: deciding varies far more than wiping. */
const SPREAD = { low: 0.6, high: 1.7 };

/**
 * One pass through each room that holds belongings, before anything is cleaned. It carries the deciding; what is left
 * of it at the stops is taking things out and putting them back.
 */
export function sortingTasks(tasks: readonly CleanTask[], work: Work): CleanTask[] {
  const method = work.catalogue.method(SORTING_METHOD);
  const step = method?.steps[0];
  if (!method || step?.mode !== 'hands') return [];
  return rooms(tasks).flatMap((inRoom) => {
    const { things, minutes } = decisions(inRoom);
    if (things === 0) return [];
    const secondsEach = Math.round(((minutes * 60) / things) * 10) / 10;
    const deciding = (things * secondsEach) / 60;
    const { setUpMinutes } = step;
    const learnt = learntFor(work.learnt, {
      kind: method.kind,
      method: method.id,
      room: inRoom[0]?.room.id ?? '',
    });
    const factor = work.pace * learnt;
    const estimate: StepEstimate = {
      step,
      parts: {
        setUpMinutes,
        belongings: { things, secondsEach, fullness: 'full', minutes: deciding },
        pace: work.pace,
        ...(learnt !== 1 && { learnt }),
      },
      minutes: (setUpMinutes + deciding) * factor,
      low: (setUpMinutes + deciding * SPREAD.low) * factor,
      high: (setUpMinutes + deciding * SPREAD.high) * factor,
    };
    const place = placeOf(inRoom[0] as CleanTask);
    return [
      scopedTask(
        place,
        method,
        taskEstimate([estimate]),
        chooseProducts(method, place.fixture, work.school),
        work,
      ),
    ];
  });
}

function rooms(tasks: readonly CleanTask[]): CleanTask[][] {
  return [...groupBy(tasks, (task) => task.room).values()];
}

/** Things to decide about in a room, and the minutes of deciding that the stops no longer carry. */
function decisions(tasks: readonly CleanTask[]): { things: number; minutes: number } {
  let things = 0;
  let minutes = 0;
  for (const task of tasks.filter((one) => one.scope.in)) {
    for (const { step, parts } of task.byRates.steps.flatMap((one) => one.of ?? [one])) {
      if (step.mode !== 'hands' || step.belongings?.does !== 'decide' || !parts?.belongings) continue;
      things += parts.belongings.things;
      minutes += (parts.belongings.minutes / HANDLING_SHARE) * (1 - HANDLING_SHARE);
    }
  }
  return { things, minutes };
}

/** A pass is no thing at a stop: it belongs to the room itself. */
export function placeOf({ floor, room }: Pick<Place, 'floor' | 'room'>): Place {
  const fixture = newFixture(`${room.id}-sorting`, 'sorting');
  return {
    floor,
    room,
    stop: { id: `${room.id}-sorting`, name: 'The whole room', shell: true, fixtures: [fixture] },
    fixture,
  };
}
