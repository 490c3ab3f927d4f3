// Proves that nothing is lost or doubled, and that the application works again by itself: it and the database are killed
// while phones tick, the database stands still, its disk is full, the clock jumps, the network is cut, and everything is
// sent again. With `together`, two servers and a planner stand before one database with Redis between them, phones are
// split between the servers, and each of these is killed, too. Each fault has a household of its own. Prints a table;
// exits with 1 where something in it is not what it has to be.

import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { setTimeout as pause } from 'node:timers/promises';
import { Cable } from '../e2e/support/cable';
import { connect } from '../server/db/connection';
import { ensureBuild, prepareDatabase, startApplication } from './lib/application.mjs';
import { startMariaDb } from './lib/mariadb.mjs';
import { MovedClock, NOTICED_MS } from './lib/moved-clock';
import { OwnRedis } from './lib/own-redis';
import { TODAY, wireWith } from './lib/phones';
import { startPlanner } from './lib/planner.mjs';
import { freePort } from './lib/ports.mjs';
import { Pressing, type Wrongs } from './lib/pressing';
import { SmallDisk } from './lib/small-disk';

const TIMES = Number(process.argv[2] ?? 50);
const isTogether = process.argv[3] === 'together';
const NOW = `${TODAY}T17:00`;
/** The longest time between two faults. */
const CALM_MS = 500;
/** How long the database stands still the last time, and before that. */
const STANDSTILL_MS = 20_000;
const HICCUP_MS = 400;
/** How long the disk is full each time, and how far the clock jumps. */
const FULL_MS = 1_500;
const HALF_A_YEAR = 182;
/** After a fault the application works again within so long, without a hand. */
const BACK_MS = 10_000;

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

const seconds = (ms: number) => `${(ms / 1000).toFixed(1)} s`;
const COLUMNS = ['presses', 'put off', 'works again', 'all sent', 'wrong'];
const row = (name: string, cells: readonly string[]) =>
  console.log(name.padEnd(34), ...cells.map((cell) => cell.padStart(12)));

let wrong = 0;
let slowest = 0;

async function often(
  name: string,
  fault: (pressing: Pressing, turn: number) => Promise<void>,
): Promise<void> {
  const pressing = await Pressing.begin(db, mariadb.secret, (cookie) => [
    wireWith(() => cable.base, cookie),
    ...(other ? [wireWith(() => `http://127.0.0.1:${otherPort}`, cookie)] : []),
  ]);
  let back = 0;
  for (let i = 0; i < TIMES; i++) {
    await pause(Math.random() * CALM_MS);
    await fault(pressing, i);
    const over = Date.now();
    // Every other time the next fault comes before it works again, as far as chance will have it.
    const isAwaited = i % 2 === 1 || i === TIMES - 1;
    if (!isAwaited) continue;
    await pressing.nextTaken();
    back = Math.max(back, Date.now() - over);
  }
  const [presses, putOff] = [pressing.presses, pressing.putOff];
  const began = Date.now();
  await pressing.allTaken();
  const sent = Date.now() - began;
  const wrongs = await pressing.end();
  slowest = Math.max(slowest, back);
  row(name, [`${presses}`, `${putOff}`, seconds(back), seconds(sent), wordsOf(wrongs)]);
}

/** Each of them has to be nothing. */
function wordsOf(wrongs: Wrongs): string {
  const some = Object.entries(wrongs).filter(([, count]) => count > 0);
  wrong += some.length;
  return some.length === 0 ? 'nothing' : some.map(([what, count]) => `${what} ${count}`).join(', ');
}

async function killApplication(): Promise<void> {
  process.kill(application.pid as number, 'SIGKILL');
  await application.ended;
  application = await startApplication({ port, env });
}

row(`${TIMES} times each`, COLUMNS);
if (disk)
  await often('the disk full', async () => {
    disk.fill();
    await pause(FULL_MS);
    disk.free();
  });
else console.log('no full disk was tried: a disk that can be filled takes root');
await often('the application killed', killApplication);
await often('the application killed, planning', async (pressing) => {
  const until = Date.now() + 5_000;
  while ((await pressing.openWishes()) === 0 && Date.now() < until) await pause(5);
  await killApplication();
});
await often('the database killed', async () => {
  process.kill(mariadb.pid, 'SIGKILL');
  await mariadb.ended;
  mariadb = await startMariaDb({ folder, port: dbPort });
});
await often('the database standing still', async (_pressing, turn) => {
  process.kill(mariadb.pid, 'SIGSTOP');
  await pause(turn === TIMES - 1 ? STANDSTILL_MS : HICCUP_MS);
  process.kill(mariadb.pid, 'SIGCONT');
});
if (redis) {
  await often('Redis killed', async () => {
    await redis.kill();
    await pause(Math.random() * CALM_MS);
    await redis.start();
  });
  await often('the planner killed', async () => {
    process.kill(planner?.pid as number, 'SIGKILL');
    await planner?.ended;
    planner = await startPlanner(env);
  });
  await often('the other server killed', async () => {
    process.kill(other?.pid as number, 'SIGKILL');
    await other?.ended;
    other = await startApplication({ port: otherPort, env });
  });
}
await often('the network cut', async () => {
  cable.cut();
  await pause(Math.random() * CALM_MS);
  cable.mend();
});
if (clock) {
  await application.stop();
  await mariadb.stop();
  mariadb = await startMariaDb({ folder, port: dbPort, env: clock.env });
  application = await startApplication({ port, env: { ...env, ...clock.env } });
  await often('the clock half a year on and back', async () => {
    clock.move(HALF_A_YEAR);
    await pause(NOTICED_MS);
    clock.move(0);
    await pause(NOTICED_MS);
  });
} else console.log('no clock was moved: it takes Debian’s package libfaketime');
console.log(`longest until it worked again: ${seconds(slowest)}; what is wrong: ${wrong || 'nothing'}`);

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
process.exit(wrong > 0 || slowest > BACK_MS ? 1 : 0);
