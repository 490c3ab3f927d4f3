'use server';
import { z } from 'zod';
import { idSchema } from '@/core/formats/scalars';
import { nowIn, secondIn } from '@/server/clock';
import { settleFound } from '@/server/day/found';
import { oneMoreBlock } from '@/server/day/one-more-block';
import { addTrip } from '@/server/day/trip';
import { keptHousehold } from '@/server/kept';
import { replanWork } from '@/server/planning';
import { makeHelperLink, revokeHelperLink } from '@/server/repositories/helpers';
import { type ActionResult, accepted, refused } from '@/ui/forms/result';
import { clock, count, longDate } from '@/ui/parts/words';
import { act } from './act';

const tripSchema = z.strictObject({ id: idSchema.max(64), bags: z.int().min(1).max(200) });

/** Plans the trip with what leaves the house, by the opening hours of the drop-off place. */
export async function planTrip(input: unknown): Promise<ActionResult<string>> {
  return act(tripSchema, input, async (scope, wish) => {
    const now = nowIn((await keptHousehold(scope)).household.timezone);
    const trip = await addTrip(scope, wish, now);
    if (!trip)
      return refused(
        'Nobody who may is free while the drop-off place is open. Offer an hour more, and try again.',
      );
    await replanWork(scope, now);
    return {
      ok: true,
      value: `The trip to ${trip.place} is planned for ${longDate(trip.date)}, ${clock(trip.from)}.`,
    };
  });
}

const settleSchema = z.strictObject({ id: z.uuid(), found: idSchema });

/** Something that was found on the way has been bought, mended or put away. */
export async function settle(input: unknown): Promise<ActionResult> {
  return act(settleSchema, input, async (scope, wish) => {
    const { timezone } = (await keptHousehold(scope)).household;
    await settleFound(scope, wish, secondIn(timezone));
    return accepted();
  });
}

const blockSchema = z.strictObject({
  id: idSchema.max(64),
  person: idSchema,
  minutes: z.int().min(10).max(240),
});

/** Brings work of a later session to today, for somebody who wants to go on. */
export async function takeOneMoreBlock(input: unknown): Promise<ActionResult<string>> {
  return act(blockSchema, input, async (scope, wish) => {
    const now = nowIn((await keptHousehold(scope)).household.timezone);
    const more = await oneMoreBlock(scope, wish, now);
    if (!more)
      return refused(
        'Nothing of the next sessions can be done now: the most for one day is reached, or it waits for something.',
      );
    await replanWork(scope, now);
    return {
      ok: true,
      value: `${count(more.jobs, 'job', 'jobs')} of ${longDate(more.of)} can be done now.`,
    };
  });
}

/** A link that opens one person's day and nothing else; it is shown this once. */
export async function makeHelper(input: unknown): Promise<ActionResult<string>> {
  return act(idSchema, input, async (scope, person) => {
    const { household } = await keptHousehold(scope);
    if (!household.people.some(({ id }) => id === person))
      return refused('That person is no longer of the household.');
    return { ok: true, value: `/help/${await makeHelperLink(scope, person)}` };
  });
}

export async function withdrawHelper(input: unknown): Promise<ActionResult> {
  return act(idSchema, input, async (scope, person) => {
    await revokeHelperLink(scope, person);
    return accepted();
  });
}
