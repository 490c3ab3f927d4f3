import { type Job, Queue, Worker } from 'bullmq';
import type { Knex } from 'knex';
import { type HouseholdId, HouseholdScope } from '../db/scope';
import { listen, type When } from '../news/hub';
import { connection, type Wire } from '../news/wire';
import { log } from '../process/log';
import { fulfil, isWishOpen, openWishes, planElsewhere, QUIET_MS, TRY_AGAIN_MS } from './planner';

/**
 * Planning by processes of their own. A wish stays a row of the database; the queue only says whose turn it is, one at a time
 * for a household, so that nothing is lost with it.
 */

const NAME = 'early-thaw-plans';
type Turn = { readonly household: string };

/** So many at once: searches have two threads, and what takes a moment goes past them. */
const AT_ONCE = 8;
/** Wishes of which the queue has lost its word are found again. */
const LOOK_MS = 5_000;
/** Whoever waits for a plan asks again so often, and so long. */
const ASK_MS = 1_000;
const MOST_MS = 60_000;

/** What a planner was at when it was killed is another’s within seconds, however often that happens. */
const SOON_TAKEN_UP = { lockDuration: 4_000, stalledInterval: 2_000, maxStalledCount: 100 } as const;

const again = (tries: number) => TRY_AGAIN_MS[tries - 1] ?? TRY_AGAIN_MS.at(-1) ?? 0;

/** Puts wishes in the queue for planners, and waits for what they make. */
export function queueWishes(url: string, db: Knex, wire: Wire): Queue<Turn> {
  const queue = new Queue<Turn>(NAME, { connection: connection(url) });
  queue.on('error', () => undefined);
  const wished = (household: string, when: When) =>
    wire.isUp() ? queued(queue, household, when) : undefined;
  planElsewhere(db, {
    wished,
    fulfil: (scope) => wished(scope.household, 'now')?.then(() => made(scope)),
  });
  return queue;
}

/** A newer wish takes the place of one that still waits; one that comes while a plan is made is made after it. */
async function queued(queue: Queue<Turn>, household: string, when: When): Promise<void> {
  await queue.add(
    'plan',
    { household },
    {
      delay: when === 'soon' ? QUIET_MS : 0,
      deduplication: { id: household, reschedule: true, keepLastIfActive: true },
      attempts: TRY_AGAIN_MS.length + 1,
      backoff: { type: 'custom' },
      removeOnComplete: true,
      removeOnFail: true,
    },
  );
}

/** Resolves once all wishes of a household are fulfilled. Throws where nobody fulfils them for too long. */
async function made(scope: HouseholdScope): Promise<void> {
  const until = Date.now() + MOST_MS;
  while (await isWishOpen(scope)) {
    if (Date.now() > until) throw new Error('No planner has made the plan in time.');
    await toldOfPlan(scope.household);
  }
}

function toldOfPlan(household: HouseholdId): Promise<void> {
  return new Promise((resolve) => {
    const done = () => {
      clearTimeout(timer);
      unlisten();
      resolve();
    };
    const timer = setTimeout(done, ASK_MS);
    const unlisten = listen(household, ({ kind }) => kind === 'plan' && done());
  });
}

/** Makes the plans of the queue, and looks for wishes that are not in it any more. */
export function workOnQueue(url: string, db: Knex): { readonly close: () => Promise<void> } {
  const queue = new Queue<Turn>(NAME, { connection: connection(url) });
  const worker = new Worker<Turn>(
    NAME,
    ({ data }: Job<Turn>) => fulfil(new HouseholdScope(db, data.household as HouseholdId)),
    {
      connection: connection(url),
      concurrency: AT_ONCE,
      settings: { backoffStrategy: again },
      ...SOON_TAKEN_UP,
    },
  );
  queue.on('error', () => undefined);
  worker.on('error', () => undefined);
  worker.on('failed', (_job, error) => log.error({ err: { type: error.name } }, 'a plan was not made'));
  const look = async () => {
    for (const id of await openWishes(db)) await queued(queue, id, 'now');
  };
  const looking = setInterval(() => void look().catch(() => undefined), LOOK_MS);
  void look().catch(() => undefined);
  return {
    close: async () => {
      clearInterval(looking);
      await worker.close();
      await queue.close();
    },
  };
}
