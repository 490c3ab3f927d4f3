import type { HandsStep, Method } from '../catalogue/method';
import { type StepEstimate, sumRanges, type TaskEstimate, taskEstimate } from '../estimate/estimate';
import { quantityOf } from '../furnish/quantities';
import { MOST_PLACES, type Place } from '../home/room';
import { keyAtPlace } from './place-of-job';

/**
 * Cupboards, drawers and shelves: each is a place with its own tick and, if one likes, its own name. Small ones are steps of
 * one job, each emptied, wiped and filled before the next; of wardrobes and cabinets each is a job.
 */

type Spot = Pick<Place, 'fixture' | 'room'>;
type Placed = Pick<Method, 'places'>;

/** What one is called where there is nothing else to say about it. */
const WORDS: Readonly<Record<NonNullable<Method['places']>['by'], string>> = {
  each: '',
  drawers: 'drawer ',
  shelfM: 'shelf ',
};

/** How many places a method goes through one by one at a fixture; a metre of shelf is a shelf. */
export function countPlaces({ places }: Placed, { fixture, room }: Spot): number {
  if (!places) return 1;
  const count = Math.max(1, Math.round(quantityOf(places.by, fixture, room)));
  return count > MOST_PLACES ? 1 : count;
}

/** What the places are called that a method goes through one by one; none where there is just one, or too many to tell apart. */
export function namesOfPlaces(method: Placed, spot: Spot): string[] {
  const of = countPlaces(method, spot);
  if (!method.places || of === 1) return [];
  const words = WORDS[method.places.by];
  return Array.from({ length: of }, (_, i) => spot.fixture.places?.[i] || `${words}${i + 1} of ${of}`);
}

/** The steps of a job at several places: each is emptied, wiped and filled before the next, in one step. */
export function placeByPlace(names: readonly string[], atOne: (index: number) => TaskEstimate): TaskEstimate {
  return taskEstimate(
    names.flatMap((name, i): StepEstimate[] => {
      const of = atOne(i).steps;
      if (of.length === 0) return [];
      const title = name.charAt(0).toUpperCase() + name.slice(1);
      return [{ step: { ...inOneGo(of), key: keyAtPlace(i + 1), title }, ...sumRanges(of), of }];
    }),
  );
}

/** Steps by hand as one that is all of them. */
function inOneGo(of: readonly StepEstimate[]): HandsStep {
  const steps = of.map(({ step }) => step as HandsStep);
  const [first] = steps as [HandsStep];
  const rate = steps.find((step) => step.rate)?.rate;
  const { splitMinutes: _split, ...step } = first;
  return {
    ...step,
    setUpMinutes: steps.reduce((sum, { setUpMinutes }) => sum + setUpMinutes, 0),
    tags: [...new Set(steps.flatMap(({ tags }) => tags))],
    ...(rate && { rate }),
  };
}
