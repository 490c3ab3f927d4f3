import { MOST_NAME } from '../../core/basics/limits';
import { dayOf, formatDate } from '../../core/basics/local-time';
import { CATALOGUE } from '../../core/catalogue/catalogue';
import { openingsOf, THE_OLD_STATION } from '../../core/day/drop-off';
import { roomsOf } from '../../core/home/room';
import { applyChange, type HouseholdChange } from '../../core/household/change';
import type { Refusal } from '../../core/household/refusals';
import { expand } from '../../core/problem/expand';
import { placeByHand } from '../../core/steering/by-hand';
import type { HouseholdScope } from '../db/scope';
import type { Kept } from '../household/kept';
import type { Performed } from '../household/perform';
import { changeBy, type Outcome, type Wanted } from './change';

export type Trip = { readonly place: string; readonly date: string; readonly from: string };

type TripWish = {
  readonly id: string;
  readonly bags: number;
  /** Which drop-off place of the household; absent: the first of them, or the made-up one where it has none. */
  readonly place?: string | undefined;
};

/**
 * Puts a trip with what leaves the house into the clean, at the first time at which the drop-off place is open and
 * somebody who may has time. Nothing is changed where there is no such time.
 */
export function addTrip(
  scope: HouseholdScope,
  wish: TripWish,
  now: string,
): Promise<Performed<Outcome<Trip, 'no-time' | Refusal>>> {
  return changeBy<Trip, 'no-time'>(scope, wish.id, (kept) => tripIn(kept, wish, now));
}

function tripIn({ household, plans }: Kept, wish: TripWish, now: string): Wanted<Trip, 'no-time'> {
  const { id } = wish;
  const { clean } = household;
  const rooms = roomsOf(household.home);
  const room = rooms.find(({ kind }) => kind === 'hall') ?? rooms[0];
  if (!clean || !plans || !room) return { ok: false, why: 'no-time' };
  const { places } = household.leaving;
  const place = places.find((known) => known.id === wish.place) ?? places[0] ?? THE_OLD_STATION;
  const added = tripFrom(room.id, wish, place.name);
  const changed = applyChange(household, added);
  if (!changed.ok) return { ok: false, why: 'no-time' };
  const problem = expand({ ...household, ...changed.value, clean }, CATALOGUE, now);
  const task = `trip-${id}-load:leaving-trip`;
  const tomorrow = formatDate(dayOf(now.slice(0, 10)) + 1);
  for (const opening of openingsOf(place, tomorrow, clean.finish)) {
    const placed = placeByHand(problem, plans.latest.plan, { task, date: opening.date, time: opening.from });
    const [first, last] = placed.ok ? [placed.pins[0], placed.pins.at(-1)] : [];
    if (!placed.ok || !first || !last || last.end > `${opening.date}T${opening.to}`) continue;
    if (first.start.slice(0, 10) !== opening.date) continue;
    const changes: HouseholdChange[] = [added, { do: 'pin', pins: placed.pins }];
    return {
      ok: true,
      change: { do: 'several', changes },
      words: `A trip to ${place.name}`,
      value: { place: place.name, date: opening.date, from: first.start },
    };
  }
  return { ok: false, why: 'no-time' };
}

function tripFrom(roomId: string, { id, bags }: TripWish, place: string): HouseholdChange {
  return {
    do: 'several',
    changes: [
      { do: 'add-stop', roomId, id: `trip-${id}`, name: `To ${place}`.slice(0, MOST_NAME) },
      {
        do: 'put-fixture',
        stopId: `trip-${id}`,
        fixture: {
          id: `trip-${id}-load`,
          kind: 'leaving-trip',
          height: 'floor',
          count: bags,
          size: {},
          soil: 'normal',
          fullness: 'full',
          leave: false,
        },
      },
    ],
  };
}
