// npm run restore -- FILE: brings a backup back, into a data folder or a database in which there is nothing yet.
import { existsSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { join, resolve } from 'node:path';
import { askPassphrase } from './lib/ask-passphrase.mjs';
import { openDataFolder, takeFolder } from './lib/data-folder.mjs';
import { ensureDebianPackages, ensureNodePackages } from './lib/packages.mjs';
import { freePort } from './lib/ports.mjs';
import { root } from './lib/root.mjs';
import { fail, stage, Trouble } from './lib/stage.mjs';

const folder = resolve(process.env.EARLY_THAW_DATA || join(root, '.data'));
const NOT_EMPTY =
  'There is data already, and a restore would take its place. Name an empty folder in EARLY_THAW_DATA, or an empty database in DATABASE_URL. Nothing was changed.';

let place;
let own;
try {
  const [name, ...more] = process.argv.slice(2);
  if (!name || more.length > 0) throw new Trouble('Say which file: npm run restore -- early-thaw.backup.');
  const file = resolve(name);
  if (!existsSync(file)) throw new Trouble(`There is no ${file}. Nothing was changed.`);
  const external = process.env.DATABASE_URL;
  if (!external && existsSync(join(folder, 'mysql'))) throw new Trouble(NOT_EMPTY);
  const passphrase = await askPassphrase({ twice: false });
  await stage('Packages from npm', ensureNodePackages);
  const { countTables, openBackup, readIn } = await import('./lib/backup-file.mjs');
  // Opened before anything is made: a wrong passphrase leaves nothing behind.
  const { secret, statements } = await stage('Backup', async () => openBackup({ file, passphrase }));
  if (external && (await countTables(external)) > 0) throw new Trouble(NOT_EMPTY);
  openDataFolder(folder);
  place = await takeFolder(folder, 0);
  if (place.runsAt !== undefined)
    throw new Trouble('Early Thaw runs on this folder. Stop it first. Nothing was changed.');
  const url = external ?? (await stage('Database server', startOwn));
  await stage('Data', async () => {
    await readIn({ url, statements });
    keepSecret(secret, external);
    const { prepareDatabase } = await import('./lib/application.mjs');
    return prepareDatabase({ DATABASE_URL: url, EARLY_THAW_SECRET: secret });
  });
  process.stdout.write('\n  Everything is back. npm start opens it.\n');
} catch (error) {
  fail(error);
  process.exitCode = 1;
} finally {
  await own?.stop();
  if (own && process.exitCode) forget();
  place?.leave?.();
}

/** What was made for a backup that could not be read as a whole is no data of anybody. */
function forget() {
  for (const name of ['mysql', 'secrets.json', 'ready', 'making'])
    rmSync(join(folder, name), { recursive: true, force: true });
}

async function startOwn() {
  ensureDebianPackages(['mariadb-server']);
  const { startMariaDb } = await import('./lib/mariadb.mjs');
  own = await startMariaDb({ folder, port: await freePort() });
  return own.url;
}

/** What seals sessions and codes comes along; the passwords of the database are those of this machine. */
function keepSecret(secret, external) {
  if (external) {
    writeFileSync(join(folder, 'session-secret'), secret, { mode: 0o600 });
    return;
  }
  const path = join(folder, 'secrets.json');
  writeFileSync(path, JSON.stringify({ ...JSON.parse(readFileSync(path, 'utf8')), session: secret }), {
    mode: 0o600,
  });
}
