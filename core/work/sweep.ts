import { groupBy } from '../basics/group-by';
import { taskEstimate } from '../estimate/estimate';
import { type Place, placesOf } from '../home/room';
import { chooseProducts } from '../products/product-choice';
import { placeOf } from './sorting';
import { type CleanTask, scopedTask, type Work } from './task';

/** The method by which a room is swept through before anything in it is cleaned. */
const SWEEP_METHOD = 'sweep-pass';

/** The bags may be full before the minutes are over; longer than those it never takes. */
const SOONEST = 0.6;

/** One sweep against the clock through each room that holds belongings; whatever it does not take along stays. */
export function sweepTasks(work: Work): CleanTask[] {
  const method = work.catalogue.method(SWEEP_METHOD);
  const step = method?.steps[0];
  if (!method || step?.mode !== 'hands') return [];
  const { minutes, bags } = work.sweep;
  const title = `${minutes} minutes by the clock, ${bags === 1 ? 'one bag' : `${bags} bags`}`;
  const swept = { ...method, steps: [{ ...step, title }] };
  return roomsWithBelongings(work).map((somewhere) => {
    const place = placeOf(somewhere);
    const estimate = { step: { ...step, title }, minutes, low: minutes * SOONEST, high: minutes };
    const products = chooseProducts(method, place.fixture, work.school);
    return scopedTask(place, swept, taskEstimate([estimate]), products, work);
  });
}

/** A place in each room in which things are decided about. */
function roomsWithBelongings({ home, catalogue }: Work): Place[] {
  const holding = placesOf(home).filter(({ fixture }) =>
    catalogue
      .for(fixture)
      .some(({ steps }) => steps.some((step) => step.mode === 'hands' && step.belongings?.does === 'decide')),
  );
  return [...groupBy(holding, ({ room }) => room).values()].map(([first]) => first as Place);
}
