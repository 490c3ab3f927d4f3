// A planner: a process that makes plans for the servers that stand before the same database.
import { spawn } from 'node:child_process';
import { bundled } from './bundle.mjs';
import { end, identityOf } from './processes.mjs';
import { root } from './root.mjs';
import { Trouble } from './stage.mjs';

const READY_MS = 30_000;
/** Two that turn over one file would lose lines: a second planner of one machine is told another name. */
const LOG = { EARLY_THAW_LOG_NAME: process.env.EARLY_THAW_LOG_NAME || 'planner.log' };

/** Resolves when it is ready; throws with its own words where it is not. */
export async function startPlanner(env) {
  await bundled('plan-worker');
  const child = spawn(process.execPath, [await bundled('planner')], {
    cwd: root,
    env: { ...process.env, NODE_ENV: 'production', ...LOG, ...env },
    stdio: ['ignore', 'pipe', 'pipe'],
    detached: true,
  });
  let words = '';
  const code = new Promise((resolve) => {
    child.once('exit', (exit) => resolve(exit ?? 1));
  });
  const ready = new Promise((resolve, reject) => {
    const timer = setTimeout(() => reject(new Trouble('The planner does not answer.')), READY_MS);
    child.stdout.on('data', (chunk) => {
      if (!`${chunk}`.includes('ready')) return;
      clearTimeout(timer);
      resolve();
    });
    child.stderr.on('data', (chunk) => {
      words = `${words}${chunk}`.slice(-2_000);
    });
    void code.then(() => {
      clearTimeout(timer);
      reject(new Trouble(words.trim() || 'The planner did not start.'));
    });
  });
  await ready;
  return {
    pid: child.pid,
    code,
    ended: code.then(() => undefined),
    stop: async () => {
      if (child.pid !== undefined) await end(identityOf(child.pid));
      await code;
    },
    words: () => words,
  };
}
