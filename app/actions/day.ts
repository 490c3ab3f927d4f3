'use server';
import { z } from 'zod';
import { idSchema, stepIdSchema } from '@/core/basics/scalars';
import type { DayAct } from '@/core/clean/events';
import { REFUSALS } from '@/core/household/refusals';
import { type ActionResult, accepted, refused } from '@/present/forms/result';
import { clock, count, longDate } from '@/present/words/words';
import { carryOut } from '@/server/commands/carry-out';
import { settleFound } from '@/server/commands/found';
import { oneMoreBlock } from '@/server/commands/one-more-block';
import { addTrip } from '@/server/commands/trip';
import { keptHousehold } from '@/server/household/kept';
import { planned } from '@/server/planning/planner';
import { nowIn, secondIn } from '@/server/process/clock';
import { makeHelperLink, revokeHelperLink } from '@/server/repositories/helpers';
import { act } from './act';

const tripSchema = z.strictObject({ bags: z.int().min(1).max(200), place: idSchema.optional() });

/** Plans the trip with what leaves the house, by the opening hours of the drop-off place. */
export async function planTrip(sent: unknown): Promise<ActionResult<string>> {
  return act('planTrip', tripSchema, sent, async (scope, wish, id) => {
    const now = nowIn((await keptHousehold(scope)).household.timezone);
    const { answer, wish: plan } = await addTrip(scope, { id, ...wish }, now);
    if (!answer.ok)
      return refused(
        'Nobody who may is free while that place is open before the finish. Offer an hour more, and try again.',
      );
    if (plan !== undefined) await planned(scope, plan);
    const trip = answer.value;
    return {
      ok: true,
      value: `The trip to ${trip.place} is planned for ${longDate(trip.date)}, ${clock(trip.from)}.`,
    };
  });
}

const settleSchema = z.strictObject({ found: idSchema });

/** Something that was found on the way has been bought, mended or put away. */
export async function settle(sent: unknown): Promise<ActionResult> {
  return act('settle', settleSchema, sent, async (scope, { found }, id) => {
    const { timezone } = (await keptHousehold(scope)).household;
    await settleFound(scope, { id: z.uuid().parse(id), found }, secondIn(timezone));
    return accepted();
  });
}

const tickSchema = z.strictObject({
  step: stepIdSchema,
  isDone: z.boolean(),
  /** What is not done any more with it. */
  after: z.array(stepIdSchema).max(30),
});

/** Ticks a step off where one stands, or takes the tick back. */
export async function tickStep(sent: unknown): Promise<ActionResult> {
  return act('tickStep', tickSchema, sent, async (scope, { step, isDone, after }, id) => {
    const at = secondIn((await keptHousehold(scope)).household.timezone);
    const said: DayAct = isDone ? { do: 'done', step } : { do: 'undo', step, also: after };
    const event = { id: z.uuid().parse(id), at, act: said };
    const { answers, wish: plan } = await carryOut({ scope }, { sentAt: at, events: [event] }, () => at);
    if (plan !== undefined) await planned(scope, plan);
    return answers[0]?.verdict.as === 'gone' ? refused(REFUSALS.gone) : accepted();
  });
}

const blockSchema = z.strictObject({
  person: idSchema,
  minutes: z.int().min(10).max(240),
});

/** Brings work of a later session to today, for somebody who wants to go on. */
export async function takeOneMoreBlock(sent: unknown): Promise<ActionResult<string>> {
  return act('takeOneMoreBlock', blockSchema, sent, async (scope, wish, id) => {
    const now = nowIn((await keptHousehold(scope)).household.timezone);
    const { answer, wish: plan } = await oneMoreBlock(scope, { id, ...wish }, now);
    if (!answer.ok)
      return refused(
        'Nothing of the next sessions can be done now: the most for one day is reached, or it waits for something.',
      );
    if (plan !== undefined) await planned(scope, plan);
    return {
      ok: true,
      value: `${count(answer.value.jobs, 'job', 'jobs')} of ${longDate(answer.value.of)} can be done now.`,
    };
  });
}

/** A link that opens one person's day and nothing else; it is shown this once. */
export async function makeHelper(sent: unknown): Promise<ActionResult<string>> {
  return act('makeHelper', idSchema, sent, async (scope, person) => {
    const { household } = await keptHousehold(scope);
    if (!household.people.some(({ id }) => id === person))
      return refused('That person is no longer of the household.');
    return { ok: true, value: `/help/${await makeHelperLink(scope, person)}` };
  });
}

export async function withdrawHelper(sent: unknown): Promise<ActionResult> {
  return act('withdrawHelper', idSchema, sent, async (scope, person) => {
    await revokeHelperLink(scope, person);
    return accepted();
  });
}
