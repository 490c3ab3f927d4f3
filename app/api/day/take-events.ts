import { NextResponse } from 'next/server';
import { dayBatchSchema } from '@/core/clean/events';
import type { Taken } from '@/present/day/taken';
import { type Carried, carryOut, type Sender } from '@/server/commands/carry-out';
import { keptHousehold } from '@/server/household/kept';
import { planned } from '@/server/planning/planner';
import { secondIn } from '@/server/process/clock';
import { log } from '@/server/process/log';
import { isSameOrigin } from '@/server/session';
import { readUpload } from '@/server/upload';
import { steeredWords } from '../../actions/steered-words';
import { type Asker, NOBODY, refused } from './asker';

/**
 * What was sent is no day's events, and never will be: only this makes a phone leave something out. Any other refusal,
 * also one that comes from somewhere on the way, leaves it on the phone.
 */
const UNFIT = 422;

/** What a phone has kept and sends; answered with how each was taken, and what has moved for it. */
export async function takeEvents(request: Request, asker: Asker): Promise<Response> {
  if (!(await isSameOrigin())) return refused(403);
  const sender = await asker();
  if (!sender) return refused(NOBODY);
  const sent = await readUpload(request);
  if (!sent.ok) return refused(UNFIT);
  const batch = dayBatchSchema.safeParse(jsonOf(sent.text));
  if (!batch.success) return refused(UNFIT);
  try {
    const { timezone } = (await keptHousehold(sender.scope)).household;
    const carried = await carryOut(sender, batch.data, secondIn(timezone));
    const moved = await movedBy(sender, carried);
    const taken: Taken = {
      answers: carried.answers,
      told: carried.told,
      clockWrong: carried.clockWrong,
      ...(moved !== undefined && { moved }),
      ...(carried.said !== undefined && { said: carried.said }),
    };
    return NextResponse.json(taken, { headers: { 'cache-control': 'no-store' } });
  } catch (error) {
    log.error({ err: { type: error instanceof Error ? error.name : 'unknown' } }, 'events were not taken');
    return refused(503);
  }
}

/** Waits for the plan that makes room for what has happened, and says what moved. */
async function movedBy({ scope, helper }: Sender, { wish, isBack }: Carried): Promise<string | undefined> {
  if (wish === undefined) return isBack ? 'Taken back.' : undefined;
  // The events are kept, whatever becomes of the plan: it is made later where it can't be now.
  const made = await planned(scope, wish).catch(() => undefined);
  const back = isBack ? 'Taken back.' : undefined;
  // What else the household has to do is none of a helper's business.
  if (helper !== undefined) return back ?? 'The plan was made anew.';
  const moved = made && (await steeredWords(scope, made)).words;
  return [back, moved].filter((words) => words !== undefined).join(' ') || undefined;
}

function jsonOf(text: string): unknown {
  try {
    return JSON.parse(text);
  } catch {
    return undefined;
  }
}
