// The built application and its server process.
import { spawn, spawnSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import { existsSync, readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { setTimeout as pause } from 'node:timers/promises';
import { bundled } from './bundle.mjs';
import { end, identityOf } from './processes.mjs';
import { root } from './root.mjs';
import { Trouble } from './stage.mjs';

const NEXT = join(root, 'node_modules', 'next', 'dist', 'bin', 'next');
const PANDA = join(root, 'node_modules', '@pandacss', 'dev', 'bin.js');
/** Made of the sources, so it is none of them. */
const MADE = join(root, 'ui', 'theme', 'made');
const SOURCES = [
  'app',
  'core',
  'present',
  'server',
  'ui',
  'workers',
  'instrumentation.ts',
  'next.config.ts',
  'panda.config.ts',
  'postcss.config.mjs',
  'proxy.ts',
  'scripts/lib/write-out-styles.mjs',
  'package.json',
  'package-lock.json',
  'tsconfig.json',
];
/**
 * Room for what one page leaves behind; with less, half of the server's time goes into clearing up. And an end to what is
 * left lying about: without one, a server that could do with half takes a gigabyte.
 */
const MEMORY = ['--max-semi-space-size=32', '--max-old-space-size=400'];
/** Threads hand back what they had, instead of each keeping its own. */
const ARENAS = { MALLOC_ARENA_MAX: '2' };
const ANSWER_SECONDS = 90;

/** Writes the functions by which components name their styles; types, builds and tests read them. */
export function ensureStyles() {
  const made = spawnSync(process.execPath, [PANDA, 'codegen', '--silent'], { cwd: root, encoding: 'utf8' });
  if (made.status !== 0)
    throw new Trouble(`The styles could not be made ready.\n${made.stdout}\n${made.stderr}`);
  return 'ready';
}

/** Builds the application when a source is another than at the last build. */
export function ensureBuild() {
  const mark = join(root, '.next', 'early-thaw-sources');
  const wanted = hashOfSources();
  if (existsSync(mark) && readFileSync(mark, 'utf8') === wanted) return 'up to date';
  ensureStyles();
  const built = spawnSync(process.execPath, [NEXT, 'build'], {
    cwd: root,
    encoding: 'utf8',
    env: { ...process.env, NODE_ENV: 'production', NEXT_TELEMETRY_DISABLED: '1' },
  });
  if (built.status !== 0)
    throw new Trouble(`The application could not be built.\n${built.stdout}\n${built.stderr}`);
  writeFileSync(mark, wanted);
  return 'built';
}

function hashOfSources() {
  const hash = createHash('sha256');
  for (const source of SOURCES) {
    for (const file of filesIn(join(root, source)))
      hash.update(file.slice(root.length)).update(readFileSync(file));
  }
  return hash.digest('hex');
}

function filesIn(path) {
  if (!existsSync(path)) return [];
  try {
    return readdirSync(path, { withFileTypes: true, recursive: true })
      .filter((item) => item.isFile() && !(item.parentPath ?? item.path).startsWith(MADE))
      .map((item) => join(item.parentPath ?? item.path, item.name))
      .sort();
  } catch {
    return [path];
  }
}

/** Migrations, and the demo household in an empty database. */
export async function prepareDatabase(env) {
  await bundled('plan-worker');
  await bundled('file-worker');
  await bundled('day-worker');
  return askDatabase(env);
}

/** How many steps an upgrade takes on data that is there. */
export async function stepsAhead(env) {
  return Number(await askDatabase(env, '--look'));
}

async function askDatabase(env, ...args) {
  const program = await bundled('prepare-database');
  const result = spawnSync(process.execPath, [program, ...args], {
    cwd: root,
    encoding: 'utf8',
    env: { ...process.env, ...env },
  });
  if (result.status !== 0) throw new Trouble(result.stderr.trim() || 'The database could not be prepared.');
  return result.stdout.trim();
}

const LOOPBACK = '127.0.0.1';
const EVERY_ADDRESS = ['0.0.0.0', '::'];

/** What somebody in the middle of their work asks first: loaded before that, so that no press waits for it. */
const ASKED_AT_ONCE = ['/api/day/events', '/api/day/stream', '/api/day/file/today', '/day'];

async function warmUp(base) {
  for (const path of ASKED_AT_ONCE) await fetch(`${base}${path}`).catch(() => undefined);
}

/** Starts the web server; resolves when its first page answers. */
export async function startApplication({ port, env, host = LOOPBACK, dev = false }) {
  const mode = dev ? ['dev', '--turbopack'] : ['start'];
  const child = spawn(process.execPath, [...MEMORY, NEXT, ...mode, '-H', host, '-p', String(port)], {
    cwd: root,
    env: {
      ...process.env,
      ...ARENAS,
      ...env,
      NODE_ENV: dev ? 'development' : 'production',
      NEXT_TELEMETRY_DISABLED: '1',
    },
    stdio: ['ignore', dev ? 'inherit' : 'pipe', dev ? 'inherit' : 'pipe'],
    detached: true,
  });
  let words = '';
  for (const stream of [child.stdout, child.stderr]) {
    stream?.on('data', (chunk) => {
      words = `${words}${chunk}`.slice(-20_000);
      if (process.env.EARLY_THAW_VERBOSE) process.stdout.write(chunk);
    });
  }
  // Who listens to every address answers at this machine’s own, too.
  const base = `http://${EVERY_ADDRESS.includes(host) ? LOOPBACK : host.includes(':') ? `[${host}]` : host}:${port}`;
  let over = false;
  const ended = new Promise((resolve) => {
    child.once('exit', resolve);
  }).then(() => {
    over = true;
  });
  const stop = async () => {
    if (child.pid !== undefined) await end(identityOf(child.pid));
    await ended;
  };
  for (let tries = 0; tries < ANSWER_SECONDS * 10 && !over; tries++) {
    const answer = await fetch(`${base}/health/ready`).catch(() => undefined);
    if (answer?.ok) {
      if (!dev) await warmUp(base);
      return { pid: child.pid, ended, stop, words: () => words };
    }
    await pause(100);
  }
  await stop();
  throw new Trouble(`The application does not answer on port ${port}.\n${words.trim()}`);
}
