// Measures how much each page of the demo household weighs, how soon it stands on a slow phone, what the server spends
// on it, and what two thousand loads leave behind; where the speed of a machine counts, beside an empty page of the same
// framework in the same run. Ends with Lighthouse's phone preset, which is fetched for it.
import { spawnSync } from 'node:child_process';
import { existsSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { setTimeout as pause } from 'node:timers/promises';
import { wallClock } from '../core/basics/wall-clock';
import { juniperRow } from '../demo/juniper-row';
import { Browser, DESKTOP, PHONE, type Size } from '../e2e/support/browser';
import { startEmptyPage } from './lib/empty-page';
import { moveIn, plannedHousehold } from './lib/phones';
import { root } from './lib/root.mjs';
import { throwAwayApplication } from './lib/throw-away';

/** The browser's clock can't be moved everywhere, so it is today. */
const TODAY = wallClock(Date.now(), juniperRow('2027-03-01').timezone).slice(0, 10);
const DAY = `/day/${TODAY}`;
const ROUTES = [
  '/',
  '/aim',
  '/walk',
  '/walk/bathroom',
  '/hours',
  '/scope',
  '/order',
  '/safety',
  '/supplies',
  '/people',
  '/spread',
  '/spread/asked',
  '/what-if',
  DAY,
  '/almanac',
  '/almanac/today',
  '/almanac/seasons',
  '/record',
  '/record/clean',
  '/files',
  '/catalogue',
];
/** The pages that are looked at most closely. */
const MAIN = ['/', '/aim', '/walk', '/walk/bathroom', '/spread', DAY] as const;
/** What a person presses there first. */
const PRESSES: Readonly<Record<string, string>> = {
  '/walk': 'main button',
  '/walk/bathroom': '[data-fixture]',
  '/spread': 'main summary',
  [DAY]: 'main button[data-look=contained]',
};
const LIGHTHOUSE = 'lighthouse@13.5.0';
const TIMES = 5;
/** So much slower than this machine is the phone. */
const SLOWER = 4;
const SETTLE_MS = 2_500;

const middle = (values: readonly number[]) =>
  values.toSorted((a, b) => a - b)[Math.floor(values.length / 2)] as number;
const row = (name: string, ...cells: readonly string[]) =>
  console.log(name.padEnd(22), ...cells.map((cell) => cell.padStart(12)));

const WATCH = `
  window.seen = { blocked: 0, paint: 0, shift: 0, press: 0 };
  const watch = (type, more, see) => new PerformanceObserver((list) => list.getEntries().forEach(see)).observe({ type, buffered: true, ...more });
  watch('longtask', {}, ({ duration }) => { seen.blocked += Math.max(0, duration - 50); });
  watch('largest-contentful-paint', {}, ({ startTime }) => { seen.paint = startTime; });
  watch('layout-shift', {}, ({ value, hadRecentInput }) => { if (!hadRecentInput) seen.shift += value; });
  watch('event', { durationThreshold: 16 }, ({ name, duration }) => { if (name === 'click' || name === 'pointerup') seen.press = Math.max(seen.press, duration); });
`;

type Seen = {
  readonly blocked: number;
  readonly paint: number;
  readonly shift: number;
  readonly press: number;
};

const empty = await startEmptyPage();
const app = await throwAwayApplication();
const { cookie } = await moveIn(app.db, plannedHousehold(TODAY), app.secret);
const browser = await Browser.open(app.base);
await browser.goTo('/');
try {
  await weigh();
  await timeServer();
  for (const [name, size] of [
    ['desktop', DESKTOP],
    ['phone', PHONE],
  ] as const)
    await slowly(name, size);
  await remember();
  await lighthouse();
} finally {
  await browser.close();
  await empty.stop();
  await app.stop();
}

/** In the household, or before its door. */
async function stand(isIn: boolean): Promise<void> {
  await browser.driver.manage().deleteAllCookies();
  const [name, value] = cookie.split('=') as [string, string];
  if (isIn) await browser.driver.manage().addCookie({ name, value });
}

/** Bytes as they travel, up to the moment the page has loaded; what is fetched in a quiet moment after it apart. */
async function weigh(): Promise<void> {
  console.log('\nkB compressed, up to the load event');
  row('', 'script', 'afterwards', 'sheets', 'style tags');
  for (const route of ROUTES) {
    await fresh(`${app.base}${route}`);
    const [script, later, sheets, tags] = await browser.run<number[]>(`
      const end = performance.getEntriesByType('navigation')[0].loadEventEnd;
      const sum = (some) => some.reduce((total, { encodedBodySize }) => total + encodedBodySize, 0);
      const all = performance.getEntriesByType('resource');
      // What is kept for when there is no network is a copy of the same.
      const scripts = all.filter(({ name, initiatorType }) => ['script', 'link'].includes(initiatorType) && /\\.js(\\?|$)/.test(name));
      return [
        sum(scripts.filter(({ startTime }) => startTime <= end)),
        sum(scripts.filter(({ startTime }) => startTime > end)),
        sum(all.filter(({ name, initiatorType }) => ['script', 'link'].includes(initiatorType) && /\\.css(\\?|$)/.test(name))),
        [...document.querySelectorAll('style')].reduce((total, { textContent }) => total + textContent.length, 0),
      ];`);
    row(route, ...[script, later, sheets, tags].map((bytes) => ((bytes ?? 0) / 1000).toFixed(1)));
  }
}

/** A page with nothing of it on the device yet. */
async function fresh(address: string): Promise<void> {
  await browser.driver.sendDevToolsCommand('Network.setCacheDisabled', { cacheDisabled: true });
  // What is kept for when there is no network would answer in place of the server.
  await browser.driver.sendDevToolsCommand('Storage.clearDataForOrigin', {
    origin: app.base,
    storageTypes: 'service_workers,cache_storage',
  });
  await stand(address !== `${app.base}/`);
  await browser.driver.get(address);
  await pause(SETTLE_MS);
}

async function timeServer(): Promise<void> {
  console.log('\nms on the server, in the middle of 15, and times an empty page');
  const none = await answer(`${empty.base}/`);
  row('an empty page', none.toFixed(1), '');
  for (const route of ROUTES) {
    const took = await answer(`${app.base}${route}`, route === '/' ? undefined : cookie);
    row(route, took.toFixed(1), (took / none).toFixed(2));
  }
  row('the day as JSON', (await answer(`${app.base}/api/day/file/${TODAY}`, cookie)).toFixed(1), '');
}

async function answer(address: string, as?: string): Promise<number> {
  const took: number[] = [];
  for (let i = 0; i < 20; i++) {
    const started = performance.now();
    const answered = await fetch(address, { headers: as ? { cookie: as } : {} });
    await answered.text();
    took.push(performance.now() - started);
  }
  return middle(took.slice(5));
}

/** At a quarter of the processor's speed. */
async function slowly(device: string, size: Size): Promise<void> {
  console.log(`\n${device}, ${SLOWER} times slower`);
  row('', 'blocked ms', 'paint ms', 'of empty', 'shift', 'press ms');
  await browser.resize(size);
  await browser.onEveryPage(WATCH);
  await browser.slowDown(SLOWER);
  const none = await seen(`${empty.base}/`);
  row('an empty page', none.blocked.toFixed(0), none.paint.toFixed(0), '', none.shift.toFixed(3), '');
  for (const route of MAIN) {
    const { blocked, paint, shift, press } = await seen(`${app.base}${route}`, PRESSES[route]);
    const pressed = PRESSES[route] ? press.toFixed(0) : '';
    const figures = [blocked.toFixed(0), paint.toFixed(0), (paint / none.paint).toFixed(2)];
    row(route, ...figures, shift.toFixed(3), pressed);
  }
  await browser.slowDown(1);
}

async function seen(address: string, press?: string): Promise<Seen> {
  const all: Seen[] = [];
  for (let i = 0; i < TIMES; i++) {
    await fresh(address);
    const before = await browser.run<Seen>('return { ...window.seen }');
    const isThere =
      press &&
      (await browser.run<boolean>(`return document.querySelector(${JSON.stringify(press)}) !== null`));
    if (isThere) {
      await browser.run(
        `const it = document.querySelector(${JSON.stringify(press)}); it.scrollIntoView({ block: 'center' });`,
      );
      await (await browser.driver.findElement({ css: press })).click();
      await pause(1_000);
    }
    all.push({ ...before, press: await browser.run<number>('return window.seen.press') });
  }
  const of = (key: keyof Seen) => middle(all.map((one) => one[key]));
  return { blocked: of('blocked'), paint: of('paint'), shift: of('shift'), press: of('press') };
}

/** What the server holds after many loads by many households. */
async function remember(): Promise<void> {
  const HOUSEHOLDS = 50;
  const LOADS = 2_000;
  const file = plannedHousehold(TODAY);
  const cookies: string[] = [];
  for (let i = 0; i < HOUSEHOLDS; i++) cookies.push((await moveIn(app.db, file, app.secret)).cookie);
  const before = residentMb();
  let most = before;
  for (let i = 0; i < LOADS; i++) {
    const as = cookies[i % HOUSEHOLDS] as string;
    await (await fetch(`${app.base}${ROUTES[i % ROUTES.length]}`, { headers: { cookie: as } })).text();
    if (i % 50 === 0) most = Math.max(most, residentMb());
  }
  console.log(
    `\nMB of the server: ${before} before, ${residentMb()} after ${LOADS} loads of ${HOUSEHOLDS} households, ${most} at most`,
  );
}

function residentMb(): number {
  const kb = /VmRSS:\s+(\d+)/.exec(readFileSync(`/proc/${app.pid}/status`, 'utf8'))?.[1];
  return Math.round(Number(kb) / 1024);
}

async function lighthouse(): Promise<void> {
  const folder = join(root, '.build', 'lighthouse');
  const program = join(folder, 'node_modules', 'lighthouse', 'cli', 'index.js');
  if (!existsSync(program)) spawnSync('npm', ['install', '--prefix', folder, '--no-save', LIGHTHOUSE]);
  console.log('\nLighthouse, phone');
  row('', 'fast', 'accessible', 'good habits');
  for (const [name, address] of [
    // What the same machine gives a page of nothing, without which the others say little.
    ['an empty page', `${empty.base}/`],
    ...MAIN.map((route) => [route, `${app.base}${route}`] as const),
  ] as const) {
    const made = spawnSync(
      process.execPath,
      [
        program,
        address,
        '--quiet',
        '--output=json',
        '--only-categories=performance,accessibility,best-practices',
        '--chrome-flags=--headless=new --no-sandbox --disable-dev-shm-usage',
        `--extra-headers=${JSON.stringify({ Cookie: cookie })}`,
      ],
      {
        encoding: 'utf8',
        maxBuffer: 64 * 1024 * 1024,
        env: { ...process.env, CHROME_PATH: '/usr/bin/chromium' },
      },
    );
    const { categories = {} } = made.status === 0 ? JSON.parse(made.stdout) : {};
    const score = (name: string) => String(Math.round(100 * (categories[name]?.score ?? 0)));
    row(name, score('performance'), score('accessibility'), score('best-practices'));
  }
}
