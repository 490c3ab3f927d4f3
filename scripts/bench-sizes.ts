// Measures what a household takes: of the database, of a server's memory, and of its time for what people do most. What it
// would take to grow is worked out from these (docs/growing.md).
//
//   npx tsx scripts/bench-sizes.ts

import { randomUUID } from 'node:crypto';
import { readFileSync } from 'node:fs';
import { moveIn, plannedHousehold, stepsOf, TODAY } from './lib/phones';
import { throwAwayApplication } from './lib/throw-away';

const HOUSEHOLDS = 30;
const TICKS = 120;
const TIMES = 200;

const say = (line: string) => process.stdout.write(`${line}\n`);
const kilobytes = (bytes: number) => `${(bytes / 1024).toFixed(0)} kB`;

const { base, pid, db, secret, stop } = await throwAwayApplication(`${TODAY}T17:00`);
const file = plannedHousehold();
const steps = stepsOf(file);

async function ask(cookie: string, path: string, init: RequestInit = {}): Promise<void> {
  const headers = { cookie, origin: base, 'content-type': 'application/json' };
  const answer = await fetch(`${base}${path}`, { ...init, headers });
  await answer.arrayBuffer();
  if (!answer.ok) throw new Error(`${path}: ${answer.status}`);
}

function tick(cookie: string, step: string): Promise<void> {
  const at = `${TODAY}T17:00:00`;
  const event = { id: randomUUID(), at, act: { do: 'done', step } };
  return ask(cookie, '/api/day/events', {
    method: 'POST',
    body: JSON.stringify({ sentAt: at, events: [event] }),
  });
}

/** Bytes of each table on the disk, its indexes with it. */
async function tableBytes(): Promise<Map<string, number>> {
  const sizes = () =>
    db('information_schema.tables')
      .where({ table_schema: db.client.database() })
      .select({ name: 'table_name', data: 'data_length', index: 'index_length' });
  const names: { name: string }[] = await sizes();
  // Rebuilt, a table takes what its rows take, not what it once grew to.
  for (const { name } of names) await db.raw('OPTIMIZE TABLE ??', [name]);
  const rows: { name: string; data: number; index: number }[] = await sizes();
  return new Map(rows.map(({ name, data, index }) => [name, Number(data) + Number(index)]));
}

function memoryMb(): number {
  const [, kb = '0'] = /VmRSS:\s+(\d+)/.exec(readFileSync(`/proc/${pid}/status`, 'utf8')) ?? [];
  return Number(kb) / 1024;
}

/** Milliseconds of the server's processor, all its threads together. */
function serverMs(): number {
  const fields = readFileSync(`/proc/${pid}/stat`, 'utf8')
    .replace(/^.*\) /s, '')
    .split(' ');
  return (Number(fields[11]) + Number(fields[12])) * 10;
}

async function perRequest(name: string, request: (i: number) => Promise<void>): Promise<void> {
  for (let i = 0; i < 20; i++) await request(i);
  const before = serverMs();
  for (let i = 20; i < 20 + TIMES; i++) await request(i);
  say(`${name.padEnd(34)}${((serverMs() - before) / TIMES).toFixed(1).padStart(7)} ms of the server`);
}

const empty = await tableBytes();
const cookies: string[] = [];
for (let i = 0; i < HOUSEHOLDS; i++) cookies.push((await moveIn(db, file, secret)).cookie);
const planned = await tableBytes();
for (const cookie of cookies) for (const step of steps.slice(0, TICKS)) await tick(cookie, step);
const ticked = await tableBytes();

const total = (sizes: ReadonlyMap<string, number>) =>
  [...sizes.values()].reduce((sum, size) => sum + size, 0);
say(
  `${HOUSEHOLDS} households, ${file.home.floors.flatMap((floor) => floor.rooms).length} rooms, ${steps.length} steps`,
);
say(`in the database, planned: ${kilobytes((total(planned) - total(empty)) / HOUSEHOLDS)} each`);
say(`and for each tick: ${((total(ticked) - total(planned)) / HOUSEHOLDS / TICKS / 1024).toFixed(2)} kB`);
const grown = [...ticked].map(([name, size]) => ({
  name,
  each: (size - (empty.get(name) ?? 0)) / HOUSEHOLDS,
}));
for (const { name, each } of grown.toSorted((a, b) => b.each - a.each).slice(0, 6))
  say(`  ${name.padEnd(20)}${kilobytes(each).padStart(8)} each`);

const calm = (await moveIn(db, file, secret)).cookie;
const fresh = (await moveIn(db, file, secret)).cookie;
await perRequest('what answers to nobody (/health)', () => ask(calm, '/health'));
await perRequest('a tick', (i) => tick(fresh, steps[i % steps.length] as string));
await perRequest('the day, as a phone fetches it', () => ask(calm, `/api/day/file/${TODAY}`));
await perRequest('the page of a day', () => ask(calm, `/day/${TODAY}`));
await perRequest('the walk', () => ask(calm, '/walk'));
await perRequest('a room', () => ask(calm, '/walk/bathroom'));
await perRequest('the spread', () => ask(calm, '/spread'));
say(`memory of the server with ${HOUSEHOLDS + 2} households in use: ${memoryMb().toFixed(0)} MB`);
await stop();
