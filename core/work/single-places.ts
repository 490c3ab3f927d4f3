import { placeTaskId, type TaskId } from '../basics/ids';
import type { Method } from '../catalogue/method';
import { quantityOf } from '../furnish/quantities';
import { MOST_PLACES, type Place } from '../home/room';

/** A cupboard, a drawer or a shelf of several at a fixture, each gone through by itself and with a tick of its own. */
export type SinglePlace = {
  /** From 1, in the order in which one goes. */
  readonly number: number;
  readonly of: number;
  /** What it is called: its name in the household, else what it is and its number. */
  readonly name: string;
};

/** What one of them is called where there is nothing else to say about it. */
const WORDS: Readonly<Record<NonNullable<Method['places']>, string>> = {
  each: '',
  drawers: 'drawer ',
  shelfM: 'shelf ',
};

/** How many places a method goes through one by one at a fixture; a metre of shelf is a shelf. */
export function countPlaces(
  method: Pick<Method, 'places'>,
  { fixture, room }: Pick<Place, 'fixture' | 'room'>,
): number {
  if (method.places === undefined) return 1;
  const count = Math.max(1, Math.round(quantityOf(method.places, fixture, room)));
  return count > MOST_PLACES ? 1 : count;
}

/** The places that a method goes through one by one; none where there is just one, or too many to tell apart. */
export function singlePlaces(
  method: Pick<Method, 'places'>,
  spot: Pick<Place, 'fixture' | 'room'>,
): SinglePlace[] {
  const of = countPlaces(method, spot);
  if (method.places === undefined || of === 1) return [];
  const words = WORDS[method.places];
  return Array.from({ length: of }, (_, i) => ({
    number: i + 1,
    of,
    name: spot.fixture.places?.[i] || `${words}${i + 1} of ${of}`,
  }));
}

/** What a job is called with the thing it is done at: the one place that says it. */
export function jobName({
  method,
  part,
}: {
  readonly method: Pick<Method, 'title'>;
  readonly part?: SinglePlace;
}): string {
  return part ? `${method.title}: ${part.name}` : method.title;
}

/** The share of a fixture's work that a task is. */
export function shareOfJob({ part }: { readonly part?: SinglePlace }): number {
  return part ? 1 / part.of : 1;
}

/** The task of one place of a fixture. */
export function taskIdAt(whole: TaskId, part: SinglePlace | undefined): TaskId {
  return part ? placeTaskId(whole, part.number) : whole;
}
