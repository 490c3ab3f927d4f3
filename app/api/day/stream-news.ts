import { z } from 'zod';
import type { ToldEvent } from '@/core/clean/events';
import { helperHears } from '@/core/day/helper';
import type { Sender } from '@/server/commands/carry-out';
import { versionsOf } from '@/server/household/versions';
import { keepAsking } from '@/server/machines/machines';
import { listen, type News, whenEnded } from '@/server/news/hub';
import { eventsAfter } from '@/server/repositories/day';
import { type Asker, NOBODY, refused } from './asker';
import { fileFor } from './file-for';

/** What of all news somebody hears. */
type EarsOf = {
  readonly concerns: (event: ToldEvent) => boolean;
  /** The day has to be fetched anew. */
  readonly isOfPlan: (news: News) => boolean;
};

const EARS_OF_ALL: EarsOf = { concerns: () => true, isOfPlan: ({ kind }) => kind === 'plan' };

/** A helper hears of their own steps only, which become others with the plan or where something is handed on. */
async function earsOf(sender: Sender, helper: string): Promise<EarsOf> {
  const packNow = async () => (await fileFor(sender, undefined, undefined))?.pack;
  let pack = await packNow();
  return {
    concerns: (event) => pack !== undefined && helperHears(event, helper, pack),
    isOfPlan: (news) => {
      const isOther = news.kind === 'plan' || news.event.act.do === 'hand';
      if (isOther)
        packNow()
          .then((fresh) => {
            pack = fresh;
          })
          .catch(() => undefined);
      return isOther;
    },
  };
}

/** What a phone knows already; whoever says nothing that can be read knows nothing. */
const knownSchema = z.object({
  after: z.coerce.number().int().nonnegative().catch(0),
  revision: z.coerce.number().int().catch(-1),
});

const HEARTBEAT_MS = 10_000;

/** Everything that happens from a number on, as server-sent events, for as long as the phone listens. */
export async function streamNews(request: Request, asker: Asker): Promise<Response> {
  const sender = await asker();
  if (!sender) return refused(NOBODY);
  const known = knownSchema.parse(Object.fromEntries(new URL(request.url).searchParams));
  const { scope, helper } = sender;
  const ears = helper === undefined ? EARS_OF_ALL : await earsOf(sender, helper);
  let close = () => {};
  const body = new ReadableStream<Uint8Array>({
    start: async (controller) => {
      const encoder = new TextEncoder();
      let over = false;
      const write = (text: string) => {
        if (!over) controller.enqueue(encoder.encode(text));
      };
      const pass = (news: News) => {
        if (ears.isOfPlan(news)) write('event: plan\ndata: {}\n\n');
        if (news.kind === 'event' && ears.concerns(news.event))
          write(`event: happened\ndata: ${JSON.stringify(news.event)}\n\n`);
      };
      const unlisten = listen(scope.household, pass);
      const stayOn = whenEnded(() => close());
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
        stayOn();
        stopAsking();
        clearInterval(heartbeat);
        try {
          controller.close();
        } catch {
          // Whoever listened has gone first.
        }
      };
      request.signal.addEventListener('abort', () => close());
      write(': welcome\n\n');
      if ((await versionsOf(scope)).revision !== known.revision) pass({ kind: 'plan' });
      for (const event of await eventsAfter(scope, known.after)) pass({ kind: 'event', event });
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
