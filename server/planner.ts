import { connect } from './db/connection';
import { shareNews } from './news/share';
import { wireBy } from './news/wire';
import { shareSearches } from './planning/far-searches';
import { workOnQueue } from './planning/queue';
import { config } from './process/config';

/** A planner: makes the plans that servers beside it wish for. Any number of them may run before one database. */
async function runPlanner(): Promise<void> {
  const { databaseUrl, redisUrl } = config();
  if (!redisUrl)
    throw new Error('A planner needs REDIS_URL, by which it hears of the plans that are wished for.');
  const db = connect(databaseUrl);
  await db.raw('SELECT 1');
  const wire = wireBy(redisUrl);
  shareNews(wire);
  shareSearches(wire);
  const work = workOnQueue(redisUrl, db);
  for (const signal of ['SIGTERM', 'SIGINT'] as const)
    process.once(signal, async () => {
      await work.close();
      await wire.close();
      await db.destroy();
      process.exit(0);
    });
  process.stdout.write('The planner is ready.\n');
}

runPlanner().catch((error: unknown) => {
  process.stderr.write(`${error instanceof Error ? error.message : String(error)}\n`);
  process.exit(1);
});
