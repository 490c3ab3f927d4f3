// npm run let-in -- EMAIL: a code for somebody who has forgotten the passphrase, while Early Thaw runs.
import { spawnSync } from 'node:child_process';
import { join, resolve } from 'node:path';
import { runningDatabase } from './lib/data-folder.mjs';
import { root } from './lib/root.mjs';
import { fail, Trouble } from './lib/stage.mjs';

const folder = resolve(process.env.EARLY_THAW_DATA || join(root, '.data'));

try {
  const [email, ...more] = process.argv.slice(2);
  if (!email?.includes('@') || more.length > 0)
    throw new Trouble('Say whose email: npm run let-in -- somebody@example.org. Nothing was changed.');
  const database = runningDatabase(folder);
  const { bundled } = await import('./lib/bundle.mjs');
  const done = spawnSync(process.execPath, [await bundled('let-in'), email], {
    cwd: root,
    encoding: 'utf8',
    env: { ...process.env, DATABASE_URL: database.url, EARLY_THAW_SECRET: database.secret },
  });
  if (done.status !== 0) throw new Trouble(`${done.stderr.trim()} Nothing was changed.`);
  process.stdout.write(
    `${done.stdout}  Good once, for a day, on the page “Forgotten the passphrase?”. The household’s own log says that it was given out.\n`,
  );
} catch (error) {
  fail(error);
  process.exitCode = 1;
}
