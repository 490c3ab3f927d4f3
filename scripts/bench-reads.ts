// Measures how soon the server answers ordinary reads of the demo household, one after the other: until the first byte
// and until the last, in the middle of several.

import type { HouseholdFile } from '../core/household/household';
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

/** Three years of a household. */
const LINES = 1600;
const READS_OF_YEARS = ['/almanac', '/almanac?year=2025&by=room', '/almanac/today', '/record', '/aim'];

const median = (values: readonly number[]) =>
  values.toSorted((a, b) => a - b)[Math.floor(values.length / 2)] as number;

const { base, db, secret, stop } = await throwAwayApplication(`${TODAY}T17:00`);
const household = plannedHousehold();
const { cookie } = await moveIn(db, household, secret);
const years = await moveIn(db, withYears(household), secret);

type Read = { readonly first: number; readonly last: number; readonly bytes: number };

async function read(address: string, as: string): Promise<Read> {
  const started = performance.now();
  const answer = await fetch(`${base}${address}`, { headers: { cookie: as } });
  if (!answer.ok || !answer.body) throw new Error(`${address}: ${answer.status}`);
  let first = 0;
  let bytes = 0;
  for await (const part of answer.body) {
    first ||= performance.now() - started;
    bytes += part.length;
  }
  return { first, last: performance.now() - started, bytes };
}

for (const address of READS) await measure(address, cookie, address);
for (const address of READS_OF_YEARS) await measure(address, years.cookie, `${address}, ${LINES} lines`);

await stop();
process.exit(0);

async function measure(address: string, as: string, name: string): Promise<void> {
  for (let i = 0; i < WARM; i++) await read(address, as);
  const reads: Read[] = [];
  for (let i = 0; i < TIMES; i++) reads.push(await read(address, as));
  const ms = (of: 'first' | 'last') =>
    `${median(reads.map((one) => one[of]))
      .toFixed(0)
      .padStart(5)} ms`;
  process.stdout.write(
    `${name.padEnd(36)} first byte ${ms('first')}  whole ${ms('last')}  ${((reads[0]?.bytes ?? 0) / 1000).toFixed(0).padStart(5)} kB\n`,
  );
}

/** The same household with years of what was done behind it. */
function withYears(of: HouseholdFile): HouseholdFile {
  const record = Array.from({ length: LINES }, (_, i) => {
    const line = of.record[i % of.record.length];
    if (!line) throw new Error('The demo household has no record.');
    const { clean: _clean, ...rest } = line;
    const year = 2024 + Math.floor((3 * i) / LINES);
    return { ...rest, id: `line-${i}`, at: `${year}${line.at.slice(4)}` };
  });
  return { ...of, record };
}
