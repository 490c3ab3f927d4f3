// npm start: brings up everything, in stages, keeps it up, and stops it all on Ctrl-C.
import { randomBytes } from 'node:crypto';
import { existsSync, readFileSync, writeFileSync } from 'node:fs';
import { join, resolve } from 'node:path';
import { openDataFolder, takeFolder } from './lib/data-folder.mjs';
import { addressesInTheHome, codeToScan, hostFrom } from './lib/in-the-home.mjs';
import { keepUp } from './lib/keep-up.mjs';
import { ensureDebianPackages, ensureNodePackages } from './lib/packages.mjs';
import { freePort, isPortFree } from './lib/ports.mjs';
import { root } from './lib/root.mjs';
import { fail, stage, Trouble } from './lib/stage.mjs';

const USUAL_DATABASE_PORT = 33614;

const dev = process.argv.includes('--dev');
const port = portFrom('PORT') ?? 3000;
const folder = resolve(process.env.EARLY_THAW_DATA || join(root, '.data'));

/** What is up, in the order in which it came up. */
const running = [];
let place;
let stopping;

function stopAll() {
  stopping ??= (async () => {
    for (const part of running.reverse()) await part.stop();
    place?.leave();
  })();
  return stopping;
}

for (const signal of ['SIGINT', 'SIGTERM', 'SIGHUP']) {
  process.on(signal, async () => {
    if (!stopping) process.stdout.write('\n  Stopping …\n');
    await stopAll();
    process.exit(0);
  });
}

try {
  await bringUp();
} catch (error) {
  fail(error);
  await stopAll();
}

async function bringUp() {
  process.stdout.write('Early Thaw\n');
  const host = hostFrom(process.env);
  openDataFolder(folder);
  const taken = await takeFolder(folder, port);
  if (taken.runsAt !== undefined) {
    process.stdout.write(
      `  It runs already, on the data in ${folder}: open http://127.0.0.1:${taken.runsAt}\n`,
    );
    return;
  }
  place = taken;
  if (place.ended > 0) process.stdout.write('  What an earlier start had left running was ended.\n');
  const external = process.env.DATABASE_URL;
  if (!(await isPortFree(port)))
    throw new Trouble(
      `Port ${port} is taken by another program. Stop it, or choose another port: PORT=3001 npm start`,
    );
  if (!external) await stage('Debian packages', () => ensureDebianPackages(['mariadb-server']));
  await stage('Packages from npm', ensureNodePackages);
  // Only from here on are the packages there that these parts need.
  const { ensureBuild, ensureStyles, prepareDatabase, startApplication, stepsAhead } = await import(
    './lib/application.mjs'
  );
  await (dev ? stage('Styles', ensureStyles) : stage('Application', ensureBuild));
  const database = external
    ? { url: external, secret: ownSecret() }
    : await stage('Database server', startDatabase);
  const env = {
    DATABASE_URL: database.url,
    EARLY_THAW_SECRET: database.secret,
    EARLY_THAW_LOGS: join(folder, 'logs'),
    // As the web server will have it, so that what does not go together is told before it starts.
    NODE_ENV: dev ? 'development' : 'production',
  };
  if ((await stepsAhead(env)) > 0) {
    const { backUpBeforeUpgrade } = await import('./lib/backup-before-upgrade.mjs');
    await stage('Backup before the upgrade', () => backUpBeforeUpgrade(folder, database));
  }
  await stage('Data', () => prepareDatabase(env));
  if (process.env.REDIS_URL) {
    const { startPlanner } = await import('./lib/planner.mjs');
    const startOne = async () => started(await startPlanner(env));
    running.push(keepUp('planner', await stage('Planner', startOne), startOne, giveUp));
  }
  const startWeb = async () => started(await startApplication({ port, env, host, dev }));
  running.push(keepUp('web server', await stage('Web server', startWeb), startWeb, giveUp));
  const inTheHome = addressesInTheHome(host, port);
  if (inTheHome.length > 0)
    process.stdout.write(
      `\n  From a phone in the same network: ${inTheHome.join(' or ')}\n${await codeToScan(inTheHome)}`,
    );
  process.stdout.write(`\n  Open http://127.0.0.1:${port} in a browser. Ctrl-C stops it.\n`);
}

async function startDatabase() {
  const { startMariaDb } = await import('./lib/mariadb.mjs');
  const wanted = portFrom('EARLY_THAW_DB_PORT');
  const usual = (await isPortFree(USUAL_DATABASE_PORT)) ? USUAL_DATABASE_PORT : await freePort();
  place.database(wanted ?? usual);
  const start = async () => started(await startMariaDb({ folder, port: wanted ?? usual }));
  const database = await start();
  running.push(keepUp('database server', database, start, giveUp));
  return database;
}

function started(part) {
  place.started(part.pid);
  return part;
}

/** What can't be kept up ends everything else too. */
async function giveUp(error) {
  if (stopping) return;
  fail(error);
  await stopAll();
  process.exit(1);
}

/** With a database elsewhere, the secret by which sessions and codes are known still has to outlive a restart. */
function ownSecret() {
  if (process.env.EARLY_THAW_SECRET) return process.env.EARLY_THAW_SECRET;
  const file = join(folder, 'session-secret');
  if (!existsSync(file)) writeFileSync(file, randomBytes(32).toString('hex'), { mode: 0o600 });
  return readFileSync(file, 'utf8');
}

/** The port that is asked for; undefined where none is. */
function portFrom(name) {
  const text = process.env[name];
  if (text === undefined || text === '') return undefined;
  const value = Number(text);
  if (Number.isInteger(value) && value > 0 && value < 65_536) return value;
  process.stderr.write(`${name}: got "${text}", expected a port from 1 to 65535.\n`);
  process.exit(1);
}
