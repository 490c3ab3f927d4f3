import { NextResponse } from 'next/server';
import { isLocalDate } from '@/core/time/local-time';
import { nowIn } from '@/server/clock';
import type { Sender } from '@/server/day/carry';
import { rollOn } from '@/server/day/roll-on';
import { keptWork } from '@/server/kept';
import { log } from '@/server/log';
import { steeredWords } from '../../actions/steered-words';
import { type Asker, NOBODY, refused } from './asker';
import { fileFor } from './file-for';

/** The day as a file; what was missed on earlier days is given a new one first. */
export async function sendFile(request: Request, date: string, asker: Asker): Promise<Response> {
  const sender = await asker();
  if (!sender) return refused(NOBODY);
  if (!isLocalDate(date)) return refused(400);
  const person = new URL(request.url).searchParams.get('person') ?? undefined;
  await rollMissed(sender);
  const file = await fileFor(sender, date, person);
  return file ? NextResponse.json(file, { headers: { 'cache-control': 'no-store' } }) : refused(404);
}

/** What was missed rolls on by itself as soon as somebody looks; what moved, in a sentence. */
export async function rollMissed({ scope }: Sender): Promise<string | undefined> {
  try {
    const { timezone } = (await keptWork(scope)).household;
    const made = await rollOn(scope, nowIn(timezone));
    return made && (await steeredWords(scope, made)).words;
  } catch (error) {
    log.error(
      { err: { type: error instanceof Error ? error.name : 'unknown' } },
      'what was missed could not roll on',
    );
    return undefined;
  }
}
