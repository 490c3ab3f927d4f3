'use server';
import { z } from 'zod';
import { dateSchema, idSchema, nameSchema, taskIdSchema } from '@/core/basics/scalars';
import { OUTCOMES } from '@/core/clean/names';
import { REFUSALS } from '@/core/household/refusals';
import { type ActionResult, accepted, refused } from '@/present/forms/result';
import { doneOnTheWay, sayOfLine, setOutAgain } from '@/server/commands/record';
import { keptHousehold } from '@/server/household/kept';
import { nowIn } from '@/server/process/clock';
import { dropPicture } from '@/server/repositories/pictures';
import { act } from './act';

const onTheWaySchema = z.strictObject({
  task: taskIdSchema,
  person: idSchema.optional(),
  minutes: z.int().min(1).max(1440).optional(),
});

/** Something due was done on the way, outside every clean. */
export async function doneToday(sent: unknown): Promise<ActionResult> {
  return act('doneToday', onTheWaySchema, sent, async (scope, wish, id) => {
    const at = nowIn((await keptHousehold(scope)).household.timezone);
    const { answer } = await doneOnTheWay(scope, id, { ...wish, at });
    return answer.ok ? accepted() : refused(REFUSALS[answer.why]);
  });
}

const saidSchema = z.strictObject({
  line: idSchema,
  minutes: z.int().min(1).max(1440).optional(),
  cameOut: z.enum(OUTCOMES).optional(),
  gone: z.boolean().optional(),
});

/** How long something really took, how it came out, or that it was not done after all. */
export async function sayOfDone(sent: unknown): Promise<ActionResult> {
  return act('sayOfDone', saidSchema, sent, async (scope, wish, id) => {
    const { answer } = await sayOfLine(scope, id, wish);
    return answer.ok ? accepted() : refused(REFUSALS[answer.why]);
  });
}

const nextSchema = z.strictObject({ name: nameSchema, start: dateSchema, finish: dateSchema });

const NOT_YET = {
  'not-closed': 'The clean that is under way has to be closed first.',
  dates: 'The finish is before the start. Choose a later finish or an earlier start.',
} as const;

/** The next clean, made from the one that is closed. */
export async function setOutOnNext(sent: unknown): Promise<ActionResult> {
  return act('setOutOnNext', nextSchema, sent, async (scope, next, id) => {
    const today = nowIn((await keptHousehold(scope)).household.timezone).slice(0, 10);
    const { answer } = await setOutAgain(scope, id, next, today);
    return answer.ok ? accepted() : refused(NOT_YET[answer.why]);
  });
}

const pictureIdSchema = z.strictObject({ id: idSchema });

/** A picture that is not wanted any more. */
export async function removePicture(sent: unknown): Promise<ActionResult> {
  return act('removePicture', pictureIdSchema, sent, async (scope, { id }) => {
    await dropPicture(scope, id);
    return accepted();
  });
}
