// npm run planner: makes plans for the servers that stand before the same database, until Ctrl-C.
import { join, resolve } from 'node:path';
import { runningDatabase } from './lib/data-folder.mjs';
import { root } from './lib/root.mjs';
import { fail, Trouble } from './lib/stage.mjs';

const folder = resolve(process.env.EARLY_THAW_DATA || join(root, '.data'));

try {
  if (process.argv.length > 2)
    throw new Trouble('A planner is told nothing but its surroundings: npm run planner. Nothing was begun.');
  if (!process.env.REDIS_URL)
    throw new Trouble(
      'A planner needs REDIS_URL, such as redis://127.0.0.1:6379, by which it hears of the plans that are wished for. Nothing was begun.',
    );
  const database = runningDatabase(folder);
  const { startPlanner } = await import('./lib/planner.mjs');
  const planner = await startPlanner({
    DATABASE_URL: database.url,
    EARLY_THAW_SECRET: database.secret,
    EARLY_THAW_LOGS: join(folder, 'logs'),
  });
  process.stdout.write('  The planner is ready. Ctrl-C stops it.\n');
  for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => void planner.stop());
  process.exitCode = await planner.code;
} catch (error) {
  fail(error);
  process.exitCode = 1;
}
