import { randomUUID } from 'node:crypto';
import { type DayFile, dayFile } from '@/present/day/day-file';
import type { Sender } from '@/server/commands/carry-out';
import { currentOf } from '@/server/current';
import { versionsOf } from '@/server/household/versions';
import { keeperOf } from '@/server/keeper';
import { secondIn } from '@/server/process/clock';
import { eventsOn, lastingBefore } from '@/server/repositories/day';

/** A date as a phone keeps it; undefined while there is no plan, and for a helper who is no longer of the household. */
export async function fileFor(
  { scope, helper }: Sender,
  date: string | undefined,
  wanted: string | undefined,
): Promise<DayFile | undefined> {
  // Read before the household, so that nothing that happens in between is taken for known.
  const { revision, daySeq: seq } = await versionsOf(scope);
  const state = await currentOf(scope);
  const { campaign, household } = state;
  const { people } = household;
  // Who lives alone is who is meant, without being asked.
  const asked = helper ?? wanted ?? (people.length === 1 ? people[0]?.id : undefined);
  const person = people.find(({ id }) => id === asked)?.id;
  if (!campaign?.plans || (helper !== undefined && person === undefined)) return undefined;
  const on = date ?? state.today;
  const [earlier, events] = await Promise.all([lastingBefore(scope, on), eventsOn(scope, on)]);
  return dayFile(state, campaign, {
    made: randomUUID(),
    keeper: keeperOf(scope.household, helper),
    second: secondIn(household.timezone),
    date: on,
    person,
    helper: helper !== undefined,
    earlier,
    events,
    seq,
    revision,
  });
}
