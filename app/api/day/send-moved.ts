import { NextResponse } from 'next/server';
import { z } from 'zod';
import type { Moved } from '@/present/day/taken';
import type { Sender } from '@/server/commands/carry-out';
import { planned, type Replanned } from '@/server/planning/planner';
import { steeredWords } from '../../actions/steered-words';
import { type Asker, NOBODY, refused } from './asker';

const wishSchema = z.coerce.number().int().min(1).max(Number.MAX_SAFE_INTEGER);

/** Waits for the plan that makes room for what has happened, and says what moved for it. */
export async function sendMoved(wish: string, asker: Asker): Promise<Response> {
  const sender = await asker();
  if (!sender) return refused(NOBODY);
  const number = wishSchema.safeParse(wish);
  if (!number.success) return refused(400);
  // Where it can't be made now it is made later, and there is nothing to say.
  const made = await planned(sender.scope, number.data).catch(() => undefined);
  const moved: Moved = { words: made && (await wordsFor(sender, made)) };
  return NextResponse.json(moved, { headers: { 'cache-control': 'no-store' } });
}

/** What else the household has to do is none of a helper's business. */
async function wordsFor({ scope, helper }: Sender, made: Replanned): Promise<string> {
  return helper === undefined ? (await steeredWords(scope, made)).words : 'The plan was made anew.';
}
