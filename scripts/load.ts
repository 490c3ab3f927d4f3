// Fifty households at once on one server: phones that listen, ticks, spreads, calendars that are taken in, pages. Prints a table
// with what this machine can do beside it; exits with 1 where something fails.
//
//   npx tsx scripts/load.ts [--minutes 5] [--ticks 100]

import { createHash, randomUUID } from 'node:crypto';
import { readFileSync } from 'node:fs';
import { setTimeout as pause } from 'node:timers/promises';
import { parseArgs } from 'node:util';
import { oneOf, randomFrom } from '../core/basics/random';
import { moveIn, plannedHousehold, stepsOf, TODAY } from './lib/phones';
import { throwAwayApplication } from './lib/throw-away';

const { values } = parseArgs({
  options: { minutes: { type: 'string', default: '5' }, ticks: { type: 'string', default: '100' } },
});
const [MINUTES, TICKS_A_SECOND] = [Number(values.minutes), Number(values.ticks)];

const HOUSEHOLDS = 50;
const PHONES_EACH = 10;
/** How often, in all. */
const SPREAD_EVERY_MS = 10_000;
const CALENDAR_EVERY_MS = 5_000;
const PAGE_EVERY_MS = 500;
const BYSTANDER_EVERY_MS = 1_000;
const MEMORY_EVERY_MS = 2_000;
const CALENDAR_EVENTS = 2_000;
/** What is asked for. */
const MOST = { middle: 50, ninetyNine: 300, bystander: 3, growth: 1.05 };

const say = (line: string) => process.stdout.write(`${line}\n`);
const at = (times: readonly number[], share: number) =>
  times.toSorted((a, b) => a - b)[Math.min(times.length - 1, Math.floor(share * times.length))] ?? Number.NaN;

const random = randomFrom(1);
const { base, pid, db, secret, stop } = await throwAwayApplication(`${TODAY}T17:00`);
const file = plannedHousehold();
const steps = stepsOf(file);

type Home = { readonly cookie: string; turn: number };
const homes: Home[] = [];
for (let i = 0; i < HOUSEHOLDS; i++) homes.push({ cookie: (await moveIn(db, file, secret)).cookie, turn: 0 });
const bystander = (await moveIn(db, file, secret)).cookie;

const errors = new Map<string, number>();
const fail = (what: string) => errors.set(what, (errors.get(what) ?? 0) + 1);

/** The milliseconds until all of an answer was there. */
async function ask(name: string, cookie: string, path: string, init: RequestInit = {}): Promise<number> {
  const began = performance.now();
  try {
    const answer = await fetch(`${base}${path}`, {
      redirect: 'manual',
      ...init,
      headers: { cookie, origin: base, 'content-type': 'application/json', ...init.headers },
    });
    await answer.arrayBuffer();
    if (answer.status >= 400 && answer.status !== 429) fail(`${name}: ${answer.status}`);
  } catch {
    fail(`${name}: no answer`);
  }
  return performance.now() - began;
}

/** How soon this machine does a fixed piece of work. */
function calibration(): number {
  const began = performance.now();
  const bytes = Buffer.alloc(64 * 1024 * 1024, 1);
  createHash('sha256').update(bytes).digest();
  return performance.now() - began;
}

/** Resident memory of the server, in MB. */
function memoryMb(): number {
  const [, kilobytes = '0'] = /VmRSS:\s+(\d+)/.exec(readFileSync(`/proc/${pid}/status`, 'utf8')) ?? [];
  return Number(kilobytes) / 1024;
}

const ends: AbortController[] = [];
let heard = 0;
async function listen({ cookie }: Home): Promise<void> {
  // As a phone does that opens the day.
  await ask('phone', cookie, `/api/day/file/${TODAY}`);
  const end = new AbortController();
  ends.push(end);
  const answer = await fetch(`${base}/api/day/stream?after=0&revision=0`, {
    headers: { cookie },
    signal: end.signal,
  }).catch(() => undefined);
  if (!answer?.ok || !answer.body) {
    fail('a phone could not listen');
    return;
  }
  void (async () => {
    for await (const _part of answer.body as unknown as AsyncIterable<Uint8Array>) heard++;
  })().catch(() => undefined);
}

function tick(home: Home): Promise<number> {
  const turn = home.turn++;
  const step = steps[turn % steps.length] as string;
  const isBack = Math.floor(turn / steps.length) % 2 === 1;
  const now = `${TODAY}T17:00:00`;
  const act = isBack ? { do: 'undo', step, also: [] } : { do: 'done', step };
  return ask('tick', home.cookie, '/api/day/events', {
    method: 'POST',
    body: JSON.stringify({ sentAt: now, events: [{ id: randomUUID(), at: now, act }] }),
  });
}

const calendar = [
  'BEGIN:VCALENDAR',
  ...Array.from({ length: CALENDAR_EVENTS }, (_, i) =>
    [
      'BEGIN:VEVENT',
      `UID:event-${i}`,
      `DTSTART:202703${String(1 + (i % 28)).padStart(2, '0')}T${String(6 + (i % 16)).padStart(2, '0')}0000`,
      'DURATION:PT20M',
      'END:VEVENT',
    ].join('\r\n'),
  ),
  'END:VCALENDAR',
  '',
].join('\r\n');

const PAGES = ['/walk', '/walk/kitchen', '/spread', '/supplies', `/day/${TODAY}`, '/aim', '/almanac'];
const manifest: { node: Record<string, { exportedName?: string }> } = JSON.parse(
  readFileSync('.next/server/server-reference-manifest.json', 'utf8'),
);
const spreadId =
  Object.entries(manifest.node).find(([, { exportedName }]) => exportedName === 'spread')?.[0] ?? '';

const spread = ({ cookie }: Home) =>
  ask('spread', cookie, '/spread', {
    method: 'POST',
    headers: { 'next-action': spreadId, 'content-type': 'text/plain;charset=UTF-8' },
    body: JSON.stringify([{ id: randomUUID() }]),
  });
const takeCalendar = ({ cookie }: Home) =>
  ask('calendar', cookie, `/api/busy?person=${oneOf(file.people, random).id}`, {
    method: 'POST',
    body: calendar,
  });
const openPage = ({ cookie }: Home) => ask('page', cookie, oneOf(PAGES, random));

let isOver = false;
const under: Promise<unknown>[] = [];
/** Does something again and again, whether the last is answered or not. */
async function every(ms: number, what: () => Promise<unknown>): Promise<void> {
  for (let next = performance.now(); !isOver; next += ms) {
    under.push(what());
    await pause(Math.max(0, next + ms - performance.now()));
  }
}

const timed = (times: number[], what: (home: Home) => Promise<number>) => async () =>
  void times.push(await what(oneOf(homes, random)));

const before = calibration();
const quiet: number[] = [];
for (let i = 0; i < 20; i++) quiet.push(await ask('bystander', bystander, '/walk'));

for (const home of homes) for (let i = 0; i < PHONES_EACH; i++) await listen(home);
const [ticks, spreads, calendars, pages, waits]: number[][] = [[], [], [], [], []];
const memory: number[] = [];
const began = performance.now();
const going = [
  every(1000 / TICKS_A_SECOND, timed(ticks as number[], tick)),
  every(SPREAD_EVERY_MS, timed(spreads as number[], spread)),
  every(CALENDAR_EVERY_MS, timed(calendars as number[], takeCalendar)),
  every(PAGE_EVERY_MS, timed(pages as number[], openPage)),
  every(
    BYSTANDER_EVERY_MS,
    async () => void (waits as number[]).push(await ask('bystander', bystander, '/walk')),
  ),
  every(MEMORY_EVERY_MS, async () => void memory.push(memoryMb())),
];
await pause(MINUTES * 60_000);
isOver = true;
await Promise.all(going);
const seconds = (performance.now() - began) / 1000;
await Promise.all(under);
for (const end of ends) end.abort();
const after = calibration();
await stop();

const half = memory.length >> 1;
const middleOf = (times: readonly number[]) => at(times, 0.5);
const [quietMs, busyMs] = [middleOf(quiet), middleOf(waits as number[])];
const [firstMb, secondMb] = [
  middleOf(memory.slice(half, half + (half >> 1))),
  middleOf(memory.slice(half + (half >> 1))),
];
const row = (name: string, times: readonly number[]) =>
  say(
    `${name.padEnd(22)}${String(times.length).padStart(7)}${[0.5, 0.95, 0.99, 1].map((share) => at(times, share).toFixed(0).padStart(8)).join('')}`,
  );
say(`${HOUSEHOLDS} households, ${HOUSEHOLDS * PHONES_EACH} phones listening, ${seconds.toFixed(0)} s`);
say('                       times  middle    95 %    99 %    most  ms');
row('a tick', ticks as number[]);
row('a page', pages as number[]);
row('a spread', spreads as number[]);
row('a calendar', calendars as number[]);
row('a bystander’s page', waits as number[]);
row('the same in quiet', quiet);
say(
  `phones were told ${heard} times; memory of the server ${Math.max(...memory).toFixed(0)} MB at most, ${firstMb.toFixed(0)} and ${secondMb.toFixed(0)} MB in the third and last quarter`,
);
say(`this machine: 64 MB hashed in ${before.toFixed(0)} ms before and ${after.toFixed(0)} ms after`);
for (const [what, times] of errors) say(`${times} × ${what}`);

const reached: readonly (readonly [string, boolean])[] = [
  ['no errors', errors.size === 0],
  [`a tick within ${MOST.middle} ms in the middle`, middleOf(ticks as number[]) <= MOST.middle],
  [`and ${MOST.ninetyNine} ms for 99 of 100`, at(ticks as number[], 0.99) <= MOST.ninetyNine],
  [`a bystander’s page within ${MOST.bystander} times its quiet time`, busyMs <= MOST.bystander * quietMs],
  ['memory flat in the second half', secondMb <= MOST.growth * firstMb],
];
for (const [what, is] of reached) say(`${is ? 'yes' : 'NO '}  ${what}`);
process.exitCode = reached.every(([, is]) => is) ? 0 : 1;
