// Measures how soon the server answers ordinary reads of the demo household, one after the other: until the first byte
// and until the last, in the middle of several.

import { moveIn, plannedHousehold, TODAY } from './lib/phones';
import { throwAwayApplication } from './lib/throw-away';

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
  '/almanac',
  '/almanac/today',
  '/record',
  '/record/clean',
  `/day/${TODAY}`,
];

const median = (values: readonly number[]) =>
  values.toSorted((a, b) => a - b)[Math.floor(values.length / 2)] as number;

const { base, db, secret, stop } = await throwAwayApplication(`${TODAY}T17:00`);
const { cookie } = await moveIn(db, plannedHousehold(), secret);

type Read = { readonly first: number; readonly last: number; readonly bytes: number };

async function read(address: string): Promise<Read> {
  const started = performance.now();
  const answer = await fetch(`${base}${address}`, { headers: { cookie } });
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

await stop();
process.exit(0);
