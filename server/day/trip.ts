import { CATALOGUE } from '../../core/catalogue/catalogue';
import { expand } from '../../core/clean/expand';
import { openingsOf, THE_OLD_STATION } from '../../core/day/drop-off';
import { roomsOf } from '../../core/home/room';
import { applyChange, type HouseholdChange } from '../../core/household/change';
import { placeByHand } from '../../core/steering/by-hand';
import { dayOf, formatDate } from '../../core/time/local-time';
import type { HouseholdScope } from '../db/scope';
import { edit } from '../editing';
import { loadPlans } from '../repositories/clean';
import { loadHousehold } from '../repositories/household';

export type Trip = { readonly place: string; readonly date: string; readonly from: string };

/**
 * Puts a trip with what leaves the house into the clean, at the first time at which the drop-off place is open and
 * somebody who may has time. Undefined where there is no such time; nothing is changed then.
 */
export async function addTrip(
  scope: HouseholdScope,
  { id, bags }: { readonly id: string; readonly bags: number },
  now: string,
): Promise<Trip | undefined> {
  const { clean, ...rest } = await loadHousehold(scope);
  const plans = clean && (await loadPlans(scope, clean.id));
  const rooms = roomsOf(rest.home);
  const room = rooms.find(({ kind }) => kind === 'hall') ?? rooms[0];
  if (!clean || !plans || !room) return undefined;
  const added = tripFrom(room.id, id, bags);
  const changed = applyChange({ ...rest, clean }, added);
  if (!changed.ok) return undefined;
  const problem = expand({ ...rest, ...changed.value, clean }, CATALOGUE, now);
  const task = `trip-${id}-load:leaving-trip`;
  const tomorrow = formatDate(dayOf(now.slice(0, 10)) + 1);
  for (const opening of openingsOf(THE_OLD_STATION, tomorrow, clean.finish)) {
    const placed = placeByHand(problem, plans.latest.plan, { task, date: opening.date, time: opening.from });
    const [first, last] = placed.ok ? [placed.pins[0], placed.pins.at(-1)] : [];
    if (!placed.ok || !first || !last || last.end > `${opening.date}T${opening.to}`) continue;
    if (first.start.slice(0, 10) !== opening.date) continue;
    const change: HouseholdChange = {
      do: 'several',
      changes: [added, { do: 'pin', pins: placed.pins }],
    };
    await edit(scope, id, change, () => 'A trip to the drop-off place');
    return { place: THE_OLD_STATION.name, date: opening.date, from: first.start };
  }
  return undefined;
}

function tripFrom(roomId: string, id: string, bags: number): HouseholdChange {
  return {
    do: 'several',
    changes: [
      { do: 'add-stop', roomId, id: `trip-${id}`, name: 'What leaves the house' },
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
