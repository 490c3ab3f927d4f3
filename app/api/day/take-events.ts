import { NextResponse } from 'next/server';
import { dayBatchSchema } from '@/core/clean/events';
import type { Taken } from '@/present/day/taken';
import { carryOut } from '@/server/commands/carry-out';
import { secondIn } from '@/server/process/clock';
import { log } from '@/server/process/log';
import { isSameOrigin } from '@/server/session';
import { readUpload } from '@/server/upload';
import { type Asker, NOBODY, refused } from './asker';

/**
 * What was sent is no day's events, and never will be: only this makes a phone leave something out. Any other refusal,
 * also one that comes from somewhere on the way, leaves it on the phone.
 */
const UNFIT = 422;

/** What a phone has kept and sends; answered, once it is kept here, with how each was taken. */
export async function takeEvents(request: Request, asker: Asker): Promise<Response> {
  if (!(await isSameOrigin())) return refused(403);
  const sender = await asker();
  if (!sender) return refused(NOBODY);
  const sent = await readUpload(request);
  if (!sent.ok) return refused(UNFIT);
  const batch = dayBatchSchema.safeParse(jsonOf(sent.text));
  if (!batch.success) return refused(UNFIT);
  try {
    const carried = await carryOut(sender, batch.data, secondIn);
    const { answers, told, clockWrong, isBack, said, wish } = carried;
    const taken: Taken = {
      answers,
      told,
      clockWrong,
      isBack,
      ...(said !== undefined && { said }),
      ...(wish !== undefined && { wish }),
    };
    return NextResponse.json(taken, { headers: { 'cache-control': 'no-store, no-transform' } });
  } catch (error) {
    log.error({ err: { type: error instanceof Error ? error.name : 'unknown' } }, 'events were not taken');
    return refused(503);
  }
}

function jsonOf(text: string): unknown {
  try {
    return JSON.parse(text);
  } catch {
    return undefined;
  }
}
