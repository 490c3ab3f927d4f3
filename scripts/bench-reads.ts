// Measures how soon the server answers ordinary reads of the demo household, one after the other: until the first byte
// and until the last, in the middle of several.

import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { connect } from '../server/db/connection';
import { ensureBuild, prepareDatabase, startApplication } from './lib/application.mjs';
import { startMariaDb } from './lib/mariadb.mjs';
import { moveIn, plannedHousehold, TODAY } from './lib/phones';
import { freePort } from './lib/ports.mjs';

const WARM = 4;
const TIMES = 15;

const READS = [
  '/health',
  `/api/day/file/${TODAY}`,
  '/api/household',
  '/api/plan/plan.json',
  '/api/calendar',
  '/api/supplies',
  '/aim',
  '/walk',
  '/walk/bathroom',
  '/hours',
  '/supplies',
  '/people',
  '/spread',
  `/day/${TODAY}`,
];

const median = (values: readonly number[]) =>
  values.toSorted((a, b) => a - b)[Math.floor(values.length / 2)] as number;

const folder = mkdtempSync(join(tmpdir(), 'early-thaw-bench-'));
const port = await freePort();
ensureBuild();
const mariadb = await startMariaDb({ folder, port: await freePort() });
const env = {
  DATABASE_URL: mariadb.url,
  EARLY_THAW_SECRET: mariadb.secret,
  EARLY_THAW_NOW: `${TODAY}T17:00`,
  LOG_LEVEL: 'silent',
};
await prepareDatabase(env);
const application = await startApplication({ port, env });
const db = connect(mariadb.url);
const { cookie } = await moveIn(db, plannedHousehold(), mariadb.secret);

type Read = { readonly first: number; readonly last: number; readonly bytes: number };

async function read(address: string): Promise<Read> {
  const started = performance.now();
  const answer = await fetch(`http://127.0.0.1:${port}${address}`, { headers: { cookie } });
  if (!answer.ok || !answer.body) throw new Error(`${address}: ${answer.status}`);
  let first = 0;
  let bytes = 0;
  for await (const part of answer.body) {
    first ||= performance.now() - started;
    bytes += part.length;
  }
  return { first, last: performance.now() - started, bytes };
}

for (const address of READS) {
  for (let i = 0; i < WARM; i++) await read(address);
  const reads: Read[] = [];
  for (let i = 0; i < TIMES; i++) reads.push(await read(address));
  const ms = (of: 'first' | 'last') =>
    `${median(reads.map((one) => one[of]))
      .toFixed(0)
      .padStart(5)} ms`;
  process.stdout.write(
    `${address.padEnd(28)} first byte ${ms('first')}  whole ${ms('last')}  ${((reads[0]?.bytes ?? 0) / 1000).toFixed(0).padStart(5)} kB\n`,
  );
}

await db.destroy();
await application.stop();
await mariadb.stop();
rmSync(folder, { recursive: true, force: true });
process.exit(0);
