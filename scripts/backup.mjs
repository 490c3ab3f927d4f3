// npm run backup -- FILE: everything in one file, sealed with a passphrase, while Early Thaw runs.
import { existsSync, statSync } from 'node:fs';
import { join, resolve } from 'node:path';
import { askPassphrase } from './lib/ask-passphrase.mjs';
import { runningDatabase } from './lib/data-folder.mjs';
import { root } from './lib/root.mjs';
import { fail, Trouble } from './lib/stage.mjs';

const folder = resolve(process.env.EARLY_THAW_DATA || join(root, '.data'));

try {
  const [name, ...more] = process.argv.slice(2);
  if (!name || more.length > 0)
    throw new Trouble('Say into which file: npm run backup -- early-thaw.backup. Nothing was written.');
  const file = resolve(name);
  if (existsSync(file))
    throw new Trouble(`${file} is there already. Name another file. Nothing was written.`);
  const database = runningDatabase(folder);
  const passphrase = await askPassphrase({ twice: true });
  const { writeBackup } = await import('./lib/backup-file.mjs');
  await writeBackup({ ...database, file, passphrase });
  process.stdout.write(
    `  ${file}, ${Math.ceil(statSync(file).size / 1024)} kB. Keep it apart from this machine, and the passphrase apart from it.\n`,
  );
} catch (error) {
  fail(error);
  process.exitCode = 1;
}
