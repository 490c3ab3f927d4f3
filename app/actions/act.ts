import { revalidatePath } from 'next/cache';
import { z } from 'zod';
import { type Doing, MAY } from '@/app/access/may';
import { isEnough } from '@/core/household/roles';
import { NOT_YOURS } from '@/present/access/role-words';
import { type ActionResult, refused, WHOLE_FORM } from '@/present/forms/result';
import { IN_SENTENCES } from '@/present/forms/sentences';
import type { HouseholdScope } from '@/server/db/scope';
import { log } from '@/server/process/log';
import { currentVisit, isSameOrigin } from '@/server/session';

const ELSEWHERE = 'This came from another page and was not carried out. Reload the page and try again.';
const SIGNED_OUT = 'You are signed out by now. Nothing was changed. Sign in again and repeat it.';
const BROKEN = 'That did not work, and nothing was changed. Please try again in a moment.';

const idSchema = z.string().min(1).max(64);

/**
 * The one way into the server for everything that a household changes: the request has to come from this site, from
 * somebody who is signed in, and what it brings has to be what the schema says. It comes as `{ id, input }`: the id is
 * given by the page for one press, so that the press counts once however often it is sent.
 */
export async function act<I, T>(
  doing: Doing,
  schema: z.ZodType<I>,
  sent: unknown,
  run: (scope: HouseholdScope, value: I, id: string) => Promise<ActionResult<T>>,
): Promise<ActionResult<T>> {
  const command = z.strictObject({ id: idSchema, input: z.unknown().optional() }).safeParse(sent);
  if (!command.success) return refused(ELSEWHERE);
  const { id, input } = command.data;
  return ask(doing, schema, input, async (scope, value) => {
    const result = await run(scope, value, id);
    if (result.ok) revalidatePath('/', 'layout');
    return result;
  });
}

/** The same for a question: nothing is changed by it. */
export async function ask<I, T>(
  doing: Doing,
  schema: z.ZodType<I>,
  input: unknown,
  run: (scope: HouseholdScope, value: I) => Promise<ActionResult<T>>,
): Promise<ActionResult<T>> {
  return guarded(schema, input, async (value) => {
    const visit = await currentVisit();
    if (!visit) return refused(SIGNED_OUT);
    const asked = MAY[doing];
    return isEnough(visit.role, asked) ? run(visit.scope, value) : refused(NOT_YOURS[asked]);
  });
}

/** The same before anybody is signed in: at the front door. */
export async function guarded<I, T>(
  schema: z.ZodType<I>,
  input: unknown,
  run: (value: I) => Promise<ActionResult<T>>,
): Promise<ActionResult<T>> {
  if (!(await isSameOrigin())) return refused(ELSEWHERE);
  const parsed = schema.safeParse(input, IN_SENTENCES);
  if (!parsed.success) {
    return {
      ok: false,
      faults: parsed.error.issues.map((issue) => ({
        field: issue.path.join('.') || WHOLE_FORM,
        sentence: issue.message,
      })),
    };
  }
  try {
    return await run(parsed.data);
  } catch (error) {
    log.error(
      { err: { type: error instanceof Error ? error.name : 'unknown', code: codeOf(error) } },
      'an action failed',
    );
    return refused(BROKEN);
  }
}

function codeOf(error: unknown): string | undefined {
  return error instanceof Error && 'code' in error ? String(error.code) : undefined;
}
