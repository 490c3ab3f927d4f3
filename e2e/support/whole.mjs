import { spawn } from 'node:child_process';
import { join } from 'node:path';
import { freePort } from '../../scripts/lib/ports.mjs';
import { root } from '../../scripts/lib/root.mjs';

/** Runs npm start's script on a data folder; resolves when it prints its address, or with what it said instead. */
export async function startWhole({ folder, now, env = {}, port }) {
  const own = {
    EARLY_THAW_DATA: join(folder, 'data'),
    PORT: String(port ?? (await freePort())),
    EARLY_THAW_DB_PORT: String(await freePort()),
    ...(now && { EARLY_THAW_NOW: now }),
    // The same plans on every machine.
    EARLY_THAW_PLAN_ROUNDS: '60',
    LOG_LEVEL: 'warn',
    // All visitors come from one address.
    EARLY_THAW_PATIENCE: '1000',
    // Letters are kept, and read on a page.
    EARLY_THAW_SMTP: 'simulated',
    ...env,
  };
  const child = spawn(process.execPath, [join(root, 'scripts', 'start.mjs')], {
    cwd: root,
    env: { ...process.env, ...own },
    stdio: ['ignore', 'pipe', 'pipe'],
  });
  let words = '';
  const ended = new Promise((resolve) => {
    child.once('exit', (code) => resolve(code));
  });
  const ready = new Promise((resolve) => {
    const listen = (chunk) => {
      words += chunk;
      if (words.includes('Open http://')) resolve(true);
    };
    child.stdout.on('data', listen);
    child.stderr.on('data', listen);
    ended.then(() => resolve(false));
  });
  const isUp = await ready;
  return {
    isUp,
    pid: child.pid,
    data: own.EARLY_THAW_DATA,
    base: `http://127.0.0.1:${own.PORT}`,
    words: () => words,
    /** Exit code, once it has ended. */
    ended,
    /** Ctrl-C. */
    stop: () => {
      child.kill('SIGINT');
      return ended;
    },
  };
}
