// Bundles a TypeScript entry into one JavaScript file, and does it again only when a source is newer.
import { existsSync, mkdirSync, readdirSync, renameSync, statSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { root } from './root.mjs';

/** Folders whose sources an entry may reach. */
const SOURCES = ['core', 'cli', 'demo', 'present', 'server', 'workers'];

/** Each program that runs outside the web application: its entry, and the packages that stay outside the bundle. */
const PROGRAMS = {
  cli: { entry: 'cli/main.ts', external: [] },
  'prepare-database': {
    entry: 'server/prepare-database.ts',
    external: ['knex', 'mysql2', '@node-rs/argon2', 'pino'],
  },
  'let-in': { entry: 'server/let-in.ts', external: ['knex', 'mysql2', '@node-rs/argon2', 'nodemailer'] },
  planner: {
    entry: 'server/planner.ts',
    external: [
      'knex',
      'mysql2',
      '@node-rs/argon2',
      'pino',
      'piscina',
      'bullmq',
      'ioredis',
      'rotating-file-stream',
    ],
  },
  'plan-worker': { entry: 'workers/plan.worker.ts', external: [] },
  'file-worker': { entry: 'workers/file.worker.ts', external: [] },
  // Served as it is, from the root, so that it may answer for the pages of the day.
  'day-worker': {
    entry: 'workers/day.service-worker.ts',
    external: [],
    out: 'public/day-worker.js',
    browser: true,
  },
};

/** The path of an up-to-date bundle of one of the programs. */
export async function bundled(name) {
  const program = PROGRAMS[name];
  const out = join(root, program.out ?? `.build/${name}.mjs`);
  if (!isFresh(out)) await build(program, out);
  return out;
}

function isFresh(out) {
  if (!existsSync(out)) return false;
  const made = statSync(out).mtimeMs;
  return (
    SOURCES.every((folder) => newestIn(join(root, folder)) < made) &&
    statSync(join(root, 'package.json')).mtimeMs < made
  );
}

function newestIn(folder) {
  if (!existsSync(folder)) return 0;
  return readdirSync(folder, { withFileTypes: true, recursive: true })
    .filter((item) => item.isFile() && item.name.endsWith('.ts'))
    .reduce(
      (newest, item) => Math.max(newest, statSync(join(item.parentPath ?? item.path, item.name)).mtimeMs),
      0,
    );
}

async function build(program, out) {
  const { build: esbuild, stop } = await import('esbuild');
  mkdirSync(dirname(out), { recursive: true });
  const fresh = `${out}.${process.pid}`;
  await esbuild({
    absWorkingDir: root,
    entryPoints: [program.entry],
    outfile: fresh,
    bundle: true,
    ...(program.browser
      ? { platform: 'browser', format: 'iife', target: 'es2022', minify: true }
      : { platform: 'node', format: 'esm', target: 'node20' }),
    external: program.external,
    logLevel: 'warning',
  });
  renameSync(fresh, out);
  await stop();
}
