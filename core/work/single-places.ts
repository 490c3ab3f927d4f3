import { placeTaskId, type TaskId } from '../basics/ids';
import type { HandsStep, Method } from '../catalogue/method';
import { type StepEstimate, sumRanges, type TaskEstimate, taskEstimate } from '../estimate/estimate';
import { quantityOf } from '../furnish/quantities';
import { MOST_PLACES, type Place } from '../home/room';

/**
 * Cupboards, drawers and shelves: each is a place with its own tick and, if one likes, its own name. As many as fit an
 * evening are one job, and what is emptied in it is filled in it.
 */

/** The places of one job, of those at a fixture. */
export type PlacesOfJob = {
  /** Of the job, from 1, and how many jobs the fixture comes to. */
  readonly number: number;
  readonly jobs: number;
  /** The first place, from 1, and how many places there are at the fixture. */
  readonly first: number;
  readonly of: number;
  /** What each is called: its name in the household, else what it is and its number. */
  readonly names: readonly string[];
  /** What they are called together. */
  readonly label: string;
};

type Spot = Pick<Place, 'fixture' | 'room'>;

/** What one is called, and several, where there is nothing else to say about them. */
const WORDS: Readonly<Record<NonNullable<Method['places']>['by'], readonly [one: string, more: string]>> = {
  each: ['', ''],
  drawers: ['drawer ', 'drawers '],
  shelfM: ['shelf ', 'shelves '],
};

/** How many places a method goes through one by one at a fixture; a metre of shelf is a shelf. */
export function countPlaces({ places }: Pick<Method, 'places'>, { fixture, room }: Spot): number {
  if (!places) return 1;
  const count = Math.max(1, Math.round(quantityOf(places.by, fixture, room)));
  return count > MOST_PLACES ? 1 : count;
}

/** The jobs into which the places of a fixture fall; none where there is just one place, or too many to tell apart. */
export function jobsOfPlaces(method: Pick<Method, 'places'>, spot: Spot): PlacesOfJob[] {
  const of = countPlaces(method, spot);
  if (!method.places || of === 1) return [];
  const { by, together } = method.places;
  const given = spot.fixture.places ?? [];
  const jobs = Math.ceil(of / together);
  return Array.from({ length: jobs }, (_, i) => {
    const first = i * together + 1;
    const last = Math.min(of, first + together - 1);
    const own = Array.from({ length: last - first + 1 }, (_place, j) => given[first - 1 + j] ?? '');
    const names = own.map((name, j) => name || `${WORDS[by][0]}${first + j} of ${of}`);
    const counted = first === last ? names[0] : `${WORDS[by][1]}${first} to ${last} of ${of}`;
    const label = own.some((name) => name !== '') ? names.join(', ') : (counted as string);
    return { number: i + 1, jobs, first, of, names, label };
  });
}

type AtPlaces = { readonly method: Pick<Method, 'title'>; readonly part?: PlacesOfJob };

/** What a job is called with the places it is done at: the one place that says it. */
export function jobName({ method, part }: AtPlaces): string {
  return part && part.jobs > 1 ? `${method.title}: ${part.label}` : method.title;
}

/** The share of a fixture's work that a task is. */
export function shareOfJob({ part }: { readonly part?: PlacesOfJob }): number {
  return part ? part.names.length / part.of : 1;
}

/** The task of one of several jobs at a fixture. */
export function taskIdAt(whole: TaskId, part: PlacesOfJob | undefined): TaskId {
  return part && part.jobs > 1 ? placeTaskId(whole, part.number) : whole;
}

const AT_PLACE = 'at-';

/** Whether a step is one of several places, by its key. */
export function isAtPlace(key: string): boolean {
  return key.startsWith(AT_PLACE);
}

/** The steps of a job at several places: each place is emptied, wiped and filled before the next, in one step. */
export function placeByPlace(
  atOne: (index: number) => TaskEstimate,
  { first, names }: PlacesOfJob,
): TaskEstimate {
  return taskEstimate(
    names.flatMap((name, i): StepEstimate[] => {
      const of = atOne(first - 1 + i).steps;
      if (of.length === 0) return [];
      const key = `${AT_PLACE}${first + i}`;
      const title = name.charAt(0).toUpperCase() + name.slice(1);
      return [{ step: { ...inOneGo(of), key, title }, ...sumRanges(of), of }];
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
