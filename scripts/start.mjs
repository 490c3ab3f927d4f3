// npm start: brings up everything, in stages, and stops it all on Ctrl-C.
import { randomBytes } from 'node:crypto';
import { existsSync, mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { ensureDebianPackages, ensureNodePackages } from './lib/packages.mjs';
import { isPortFree } from './lib/ports.mjs';
import { root } from './lib/root.mjs';
import { fail, stage, Trouble } from './lib/stage.mjs';

const dev = process.argv.includes('--dev');
const port = portFrom('PORT', 3000);
const folder = process.env.EARLY_THAW_DATA ?? join(root, '.data');

const running = [];
let stopping;

function stopAll() {
  stopping ??= (async () => {
    for (const part of running.reverse()) await part.stop();
  })();
  return stopping;
}

for (const signal of ['SIGINT', 'SIGTERM', 'SIGHUP']) {
  process.on(signal, async () => {
    process.stdout.write('\n  Stopping …\n');
    await stopAll();
    process.exit(0);
  });
}

try {
  await bringUp();
} catch (error) {
  await stopAll();
  fail(error);
}

async function bringUp() {
  process.stdout.write('Early Thaw\n');
  const external = process.env.DATABASE_URL;
  if (!(await isPortFree(port)))
    throw new Trouble(
      `Port ${port} is taken by another program. Stop it, or choose another port: PORT=3001 npm start`,
    );
  if (!external) await stage('Debian packages', () => ensureDebianPackages(['mariadb-server']));
  await stage('Packages from npm', ensureNodePackages);
  // Only from here on are the packages there that these parts need.
  const { ensureBuild, prepareDatabase, startApplication } = await import('./lib/application.mjs');
  if (!dev) await stage('Application', ensureBuild);
  const database = external
    ? { url: external, secret: ownSecret() }
    : await stage('Database server', startDatabase);
  const env = { DATABASE_URL: database.url, EARLY_THAW_SECRET: database.secret };
  await stage('Data', () => prepareDatabase(env));
  const application = await stage('Web server', () => startApplication({ port, env, dev }));
  running.push(application);
  process.stdout.write(`\n  Open http://127.0.0.1:${port} in a browser. Ctrl-C stops it.\n`);
  const gone = await Promise.race([
    application.ended.then(() => 'web server'),
    database.ended?.then(() => 'database server') ?? new Promise(() => {}),
  ]);
  if (!stopping)
    throw new Trouble(
      `The ${gone} has ended by itself. What was saved is kept; start again with npm start.\n${application.words().slice(-2000)}`,
    );
}

async function startDatabase() {
  const { startMariaDb } = await import('./lib/mariadb.mjs');
  const database = await startMariaDb({ folder, port: portFrom('EARLY_THAW_DB_PORT', 33614) });
  running.push(database);
  return database;
}

/** With a database elsewhere, the secret that seals the cookies still has to outlive a restart. */
function ownSecret() {
  if (process.env.EARLY_THAW_SECRET) return process.env.EARLY_THAW_SECRET;
  const file = join(folder, 'session-secret');
  if (!existsSync(file)) {
    mkdirSync(folder, { recursive: true });
    writeFileSync(file, randomBytes(32).toString('hex'), { mode: 0o600 });
  }
  return readFileSync(file, 'utf8');
}

function portFrom(name, usual) {
  const text = process.env[name];
  if (text === undefined || text === '') return usual;
  const value = Number(text);
  if (Number.isInteger(value) && value > 0 && value < 65_536) return value;
  process.stderr.write(`${name}: got "${text}", expected a port from 1 to 65535.\n`);
  process.exit(1);
}
