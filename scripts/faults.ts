// Proves that nothing is lost or doubled: the application and the database are killed while phones tick, the database
// stands still, its disk is full, the clock jumps, the network is cut, and everything is sent again. With `together`, two servers and a planner stand before one
// database with Redis between them, phones are split between the servers, and each of these is killed, too. Prints counts;
// exits with 1 where one of them is not what it has to be.

import { randomUUID } from 'node:crypto';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { setTimeout as pause } from 'node:timers/promises';
import type { DayAct, DayEvent } from '../core/clean/events';
import { Cable } from '../e2e/support/cable';
import { connect } from '../server/db/connection';
import { keptHousehold } from '../server/household/kept';
import type { DayStore } from '../ui/day/run/day-store';
import { cupboardInMemory } from '../ui/day/run/memory-cupboard';
import type { Wire } from '../ui/day/run/wire';
import { ensureBuild, prepareDatabase, startApplication } from './lib/application.mjs';
import { startMariaDb } from './lib/mariadb.mjs';
import { MovedClock, NOTICED_MS } from './lib/moved-clock';
import { OwnRedis } from './lib/own-redis';
import { moveIn, openPhone, plannedHousehold, stepsOf, TODAY, wireWith } from './lib/phones';
import { startPlanner } from './lib/planner.mjs';
import { freePort } from './lib/ports.mjs';
import { SmallDisk } from './lib/small-disk';

const TIMES = Number(process.argv[2] ?? 50);
const isTogether = process.argv[3] === 'together';
const PHONES = 4;
const NOW = `${TODAY}T17:00`;
/** Pauses between two presses, and the longest time between two faults. */
const PRESS_MS = 400;
const CALM_MS = 500;
/** Sendings that are repeated at the same time. */
const AT_ONCE = 16;
/** In all. */
const STANDSTILL_MS = 20_000;
/** A plan is there again after so long at the latest. */
const STALE_MS = 10_000;

const say = (line: string) => process.stdout.write(`${line}\n`);

const folder = mkdtempSync(join(tmpdir(), 'early-thaw-faults-'));
const disk = SmallDisk.at(folder);
const clock = MovedClock.begin();
const [dbPort, port, otherPort] = [await freePort(), await freePort(), await freePort()];
const redis = isTogether ? await OwnRedis.begin() : undefined;
ensureBuild();
let mariadb = await startMariaDb({ folder, port: dbPort });
const env = {
  DATABASE_URL: mariadb.url,
  EARLY_THAW_SECRET: mariadb.secret,
  EARLY_THAW_NOW: NOW,
  LOG_LEVEL: 'silent',
  ...(redis && { REDIS_URL: redis.url }),
};
await prepareDatabase(env);
let application = await startApplication({ port, env });
let planner = isTogether ? await startPlanner(env) : undefined;
let other = isTogether ? await startApplication({ port: otherPort, env }) : undefined;
const cable = await Cable.to(`http://127.0.0.1:${port}`);
const db = connect(mariadb.url);
const household = plannedHousehold();
const { scope, cookie } = await moveIn(db, household, mariadb.secret);
const steps = stepsOf(household);

/** All that was ever pressed, by phone, in its order; and all that was ever sent, whether it arrived or not. */
const pressed: DayEvent[][] = Array.from({ length: PHONES }, () => []);
const batches: Parameters<Wire['send']>[0][] = [];

let refusals = 0;
/** Sendings that a phone keeps, to try again. */
let putOff = 0;
/** Presses that a server has said it has. */
const acknowledged = new Set<string>();

function watched(wire: Wire): Wire {
  return {
    ...wire,
    send: async (batch) => {
      batches.push(batch);
      const sent = await wire.send(batch);
      if (sent.as === 'taken') for (const { id } of sent.taken.answers) acknowledged.add(id);
      if (sent.as === 'later') putOff++;
      if (sent.as === 'unfit' || sent.as === 'nobody') refusals++;
      return sent;
    },
  };
}

const cupboards = Array.from({ length: PHONES }, () => cupboardInMemory());
const wire = watched(wireWith(() => cable.base, cookie));
const otherWire = other ? watched(wireWith(() => `http://127.0.0.1:${otherPort}`, cookie)) : wire;
const phones: DayStore[] = [];
for (const [i, cupboard] of cupboards.entries()) {
  const keep = cupboard.keepUnsent;
  cupboard.keepUnsent = async (event) => {
    pressed[i]?.push(event);
    await keep(event);
  };
  phones.push(await openPhone(i % 2 === 0 ? wire : otherWire, cupboard));
}

/** Everything that can happen on a day, the rarer the more it moves; what moves work is taken back now and then. */
const RARE: readonly ((step: string, last: DayEvent | undefined) => DayAct)[] = [
  (step) => ({ do: 'start', step }),
  (step) => ({ do: 'pause', step }),
  (step) => ({ do: 'undo', step, also: [] }),
  (step) => ({ do: 'part', step, share: 50 }),
  (step) => ({ do: 'took', step, minutes: 12 }),
  (step) => ({ do: 'not-today', step }),
  (_step, last) => ({ do: 'take-back', said: last?.id ?? randomUUID() }),
  (step) => ({ do: 'cannot', step, why: 'tool' }),
  (step) => ({ do: 'hand', step, to: 'ines' }),
  () => ({ do: 'found', find: 'mend', text: 'Loose hinge' }),
  (_step, last) => ({ do: 'settle', found: last?.id ?? randomUUID() }),
  () => ({ do: 'found', find: 'later', text: 'Behind the cupboard' }),
  () => ({ do: 'bag', kind: 'bag', pile: 'give', count: 1 }),
  (step) => ({ do: 'again', step, also: [] }),
  () => ({ do: 'rain' }),
  () => ({ do: 'run-out', product: 'vinegar' }),
  () => ({ do: 'short', who: 'odalys', minutes: 60 }),
  () => ({ do: 'block', what: 'rest' }),
  () => ({ do: 'block', what: 'begin' }),
  (step) => ({ do: 'machine', step, report: 'delayed', minutes: 5 }),
];

function actsOf(turn: number, step: string, last: DayEvent | undefined): DayAct[] {
  const rare = turn % 3 === 2 ? RARE[Math.floor(turn / 3) % RARE.length] : undefined;
  return [{ do: 'pile', pile: 'give', count: 1 }, { do: 'done', step }, ...(rare ? [rare(step, last)] : [])];
}

let isTicking = true;
const ticking = phones.map(async (phone, i) => {
  for (let turn = 0; isTicking; turn++) {
    const step = steps[(turn * PHONES + i) % steps.length] as string;
    for (const act of actsOf(turn, step, pressed[i]?.at(-1))) void phone.carry(act);
    await pause(PRESS_MS);
  }
});

/** After a fault everything is sent again within so long, without a hand. */
const BACK_MS = 10_000;
const MOST_BACK_MS = 60_000;
let slowest = 0;

/** Plans that are wished for and not made yet. */
async function openWishes(): Promise<number> {
  const row = await scope
    .own()
    .first('plan_wanted', 'plan_made')
    .catch(() => undefined);
  return row ? row.plan_wanted - row.plan_made : 0;
}

async function often(name: string, fault: () => Promise<void>): Promise<void> {
  const [before, putOffBefore] = [pressed.flat().length, putOff];
  for (let i = 0; i < TIMES; i++) {
    await pause(Math.random() * CALM_MS);
    await fault();
  }
  const began = Date.now();
  // What has been pressed until now; meanwhile the phones press on.
  const open = pressed.flat().filter(({ id }) => !acknowledged.has(id));
  while (open.some(({ id }) => !acknowledged.has(id)) && Date.now() - began < MOST_BACK_MS) await pause(20);
  const back = Date.now() - began;
  slowest = Math.max(slowest, back);
  say(
    `${TIMES} times ${name}, with ${pressed.flat().length - before} presses meanwhile, ${putOff - putOffBefore} sendings put off; all sent ${(back / 1000).toFixed(1)} s after`,
  );
}

/** How long the disk is full each time, and how far the clock jumps. */
const FULL_MS = 1_500;
const HALF_A_YEAR = 182;

if (disk)
  await often('the disk was full', async () => {
    disk.fill();
    await pause(FULL_MS);
    disk.free();
  });
else say('no full disk was tried: a disk that can be filled takes root');
await often('the application was killed', async () => {
  process.kill(application.pid as number, 'SIGKILL');
  await application.ended;
  application = await startApplication({ port, env });
});
await often('the application was killed in the middle of planning', async () => {
  const until = Date.now() + 5_000;
  while ((await openWishes()) === 0 && Date.now() < until) await pause(5);
  process.kill(application.pid as number, 'SIGKILL');
  await application.ended;
  application = await startApplication({ port, env });
});
await often('the database was killed', async () => {
  process.kill(mariadb.pid, 'SIGKILL');
  await mariadb.ended;
  mariadb = await startMariaDb({ folder, port: dbPort });
});
await often('the database stood still for a while', async () => {
  process.kill(mariadb.pid, 'SIGSTOP');
  await pause(STANDSTILL_MS / TIMES);
  process.kill(mariadb.pid, 'SIGCONT');
});
if (redis) {
  await often('Redis was killed', async () => {
    await redis.kill();
    await pause(Math.random() * CALM_MS);
    await redis.start();
  });
  await often('the planner was killed', async () => {
    process.kill(planner?.pid as number, 'SIGKILL');
    await planner?.ended;
    planner = await startPlanner(env);
  });
  await often('the other server was killed', async () => {
    process.kill(other?.pid as number, 'SIGKILL');
    await other?.ended;
    other = await startApplication({ port: otherPort, env });
  });
}
await often('the network was cut', async () => {
  cable.cut();
  await pause(Math.random() * CALM_MS);
  cable.mend();
});
if (clock) {
  await application.stop();
  await mariadb.stop();
  mariadb = await startMariaDb({ folder, port: dbPort, env: clock.env });
  application = await startApplication({ port, env: { ...env, ...clock.env } });
  await often('the clock jumped half a year on and back', async () => {
    clock.move(HALF_A_YEAR);
    await pause(NOTICED_MS);
    clock.move(0);
    await pause(NOTICED_MS);
  });
} else say('no clock was moved: it takes Debian’s package libfaketime');
isTicking = false;
await Promise.all(ticking);
const drained = Date.now() + 120_000;
while (phones.some((phone) => phone.snapshot().unsent > 0) && Date.now() < drained) {
  await Promise.all(phones.map((phone) => phone.flush()));
  await pause(200);
}

const planned = Date.now() + STALE_MS;
while ((await openWishes()) > 0 && Date.now() < planned) await pause(50);
const { basis, plans } = await keptHousehold(scope);
const stale = Number((await openWishes()) > 0) + Number(plans?.latest.basis !== basis);

type Row = { id: string; seq: number; verdict: string };
const rows = (): Promise<Row[]> => scope.rows('day_events').orderBy('seq').select('id', 'seq', 'verdict');
const before = await rows();
const ticksBefore = await scope.rows('ticks').orderBy('step').select('step', 'at', 'person');
const again = batches.toSorted(() => Math.random() - 0.5);
for (let i = 0; i < again.length; i += AT_ONCE) await Promise.all(again.slice(i, i + AT_ONCE).map(wire.send));
const after = await rows();
const ticksAfter = await scope.rows('ticks').orderBy('step').select('step', 'at', 'person');

const all = pressed.flat();
const kept = new Map(before.map((row) => [row.id, row]));
const lost = all.filter(({ id }) => !kept.has(id)).length;
const doubled = before.length - new Set(before.map(({ id }) => id)).size;
const strange = before.filter(({ id }) => !all.some((event) => event.id === id)).length;
const outOfOrder = pressed.reduce((sum, own) => {
  const seqs = own.flatMap(({ id }) => kept.get(id)?.seq ?? []);
  return sum + seqs.filter((seq, i) => i > 0 && seq < (seqs[i - 1] as number)).length;
}, 0);
const piles = before.filter(
  ({ id, verdict }) => verdict === 'kept' && all.find((event) => event.id === id)?.act.do === 'pile',
);
const changed =
  Number(JSON.stringify(before) !== JSON.stringify(after)) +
  Number(JSON.stringify(ticksBefore) !== JSON.stringify(ticksAfter));
const stillUnsent = phones.reduce((sum, phone) => sum + phone.snapshot().unsent, 0);
const disagree =
  new Set(
    await Promise.all(
      phones.map(async (phone) => {
        await pause(500);
        const { run } = phone.snapshot();
        return JSON.stringify([[...run.done.keys()].sort(), [...run.piles]]);
      }),
    ),
  ).size - 1;
say(`${all.length} presses on ${PHONES} phones, ${before.length} kept, ${piles.length} things on the pile`);
say(
  `lost: ${lost}; doubled: ${doubled}; out of order: ${outOfOrder}; from nowhere: ${strange}; not sent: ${stillUnsent}; refused: ${refusals}`,
);
say(`longest until all was sent after a fault: ${(slowest / 1000).toFixed(1)} s`);
say(`plans made: ${plans?.latest.version}; stale after ${STALE_MS / 1000} s: ${stale}`);
say(
  `${again.length} sendings repeated in any order: ${changed} tables changed; phones that disagree: ${disagree}`,
);

for (const phone of phones) phone.close();
cable.close();
await db.destroy();
await application.stop();
await other?.stop();
await planner?.stop();
await mariadb.stop();
await redis?.end();
disk?.end();
clock?.end();
rmSync(folder, { recursive: true, force: true });
process.exit(
  lost + doubled + outOfOrder + strange + stillUnsent + changed + disagree + stale > 0 || slowest > BACK_MS
    ? 1
    : 0,
);
