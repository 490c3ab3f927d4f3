import { NextResponse } from 'next/server';
import { dayBatchSchema, type ToldEvent } from '@/core/day/events';
import { isLocalDate } from '@/core/time/local-time';
import { nowIn, secondIn } from '@/server/clock';
import { type Carried, carryOut, type Sender } from '@/server/day/carry';
import { listen, type News } from '@/server/day/hub';
import { keepAsking } from '@/server/day/machines';
import { rollOn } from '@/server/day/roll-on';
import { keptWork } from '@/server/kept';
import { log } from '@/server/log';
import { replanWork } from '@/server/planning';
import { eventsAfter } from '@/server/repositories/day';
import { currentScope, isSameOrigin } from '@/server/session';
import { readUpload } from '@/server/upload';
import { isOfHelper } from '@/ui/day/day-file';
import type { Taken } from '@/ui/day/run/taken';
import { steeredWords } from '../../actions/steered-words';
import { fileFor } from './file-for';

/** Who asks: whoever is signed in here, or the helper of a link; undefined for nobody that is known. */
export type Asker = () => Promise<Sender | undefined>;

export const signedIn: Asker = async () => {
  const scope = await currentScope();
  return scope && { scope };
};

/** Nobody that is known: what the phone has kept stays there. */
const NOBODY = 401;

/** What a phone has kept and sends; answered with how each was taken, and what has moved for it. */
export async function takeEvents(request: Request, asker: Asker): Promise<Response> {
  if (!(await isSameOrigin())) return refused(403);
  const sender = await asker();
  if (!sender) return refused(NOBODY);
  const sent = await readUpload(request);
  if (!sent.ok) return refused(413);
  const batch = dayBatchSchema.safeParse(jsonOf(sent.text));
  if (!batch.success) return refused(400);
  try {
    const { timezone } = (await keptWork(sender.scope)).household;
    const carried = await carryOut(sender, batch.data, secondIn(timezone));
    const moved = await movedBy(sender, carried, timezone);
    const taken: Taken = {
      answers: carried.answers,
      told: carried.told,
      clockWrong: carried.clockWrong,
      ...(moved !== undefined && { moved }),
    };
    return NextResponse.json(taken, { headers: { 'cache-control': 'no-store' } });
  } catch (error) {
    log.error({ err: { type: error instanceof Error ? error.name : 'unknown' } }, 'events were not taken');
    return refused(503);
  }
}

/** Makes the plan anew where something has happened that it has to make room for, and says what moved. */
async function movedBy(
  { scope, helper }: Sender,
  { replan }: Carried,
  timezone: string,
): Promise<string | undefined> {
  if (!replan) return undefined;
  const made = await replanWork(scope, nowIn(timezone), true);
  await scope.countChange();
  // What else the household has to do is none of a helper's business.
  if (helper !== undefined) return 'The plan was made anew.';
  return made && (await steeredWords(scope, made)).words;
}

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

const HEARTBEAT_MS = 10_000;

/** Everything that happens from a number on, as server-sent events, for as long as the phone listens. */
export async function streamNews(request: Request, asker: Asker): Promise<Response> {
  const sender = await asker();
  if (!sender) return refused(NOBODY);
  const after = Number(new URL(request.url).searchParams.get('after') ?? 0);
  const { scope, helper } = sender;
  const pack = helper === undefined ? undefined : (await fileFor(sender, undefined, undefined))?.pack;
  const concerns = (event: ToldEvent) =>
    helper === undefined || (pack !== undefined && isOfHelper(event, helper, pack));
  let close = () => {};
  const body = new ReadableStream<Uint8Array>({
    start: async (controller) => {
      const encoder = new TextEncoder();
      let over = false;
      const write = (text: string) => {
        if (!over) controller.enqueue(encoder.encode(text));
      };
      const pass = (news: News) => {
        if (news.kind === 'plan') write('event: plan\ndata: {}\n\n');
        else if (concerns(news.event)) write(`event: happened\ndata: ${JSON.stringify(news.event)}\n\n`);
      };
      const unlisten = listen(scope.household, pass);
      const stopAsking = keepAsking(scope);
      const heartbeat = setInterval(async () => {
        // A link that was withdrawn ends the stream, and so does signing out everywhere else.
        if (helper !== undefined && !(await asker().catch(() => sender))) {
          write('event: withdrawn\ndata: {}\n\n');
          close();
        } else write(': still here\n\n');
      }, HEARTBEAT_MS);
      close = () => {
        if (over) return;
        over = true;
        unlisten();
        stopAsking();
        clearInterval(heartbeat);
        controller.close();
      };
      request.signal.addEventListener('abort', () => close());
      write(': welcome\n\n');
      for (const event of await eventsAfter(scope, Number.isInteger(after) && after >= 0 ? after : 0))
        pass({ kind: 'event', event });
    },
    cancel: () => close(),
  });
  return new Response(body, {
    headers: {
      'content-type': 'text/event-stream; charset=utf-8',
      'cache-control': 'no-store, no-transform',
      'x-accel-buffering': 'no',
    },
  });
}

function jsonOf(text: string): unknown {
  try {
    return JSON.parse(text);
  } catch {
    return undefined;
  }
}

function refused(status: number): Response {
  return new Response(null, { status });
}
