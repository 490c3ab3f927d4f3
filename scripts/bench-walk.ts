// Measures the walk of a very large home in the real browser, and how long such a home takes to come in as a file.
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { hugeHome } from '../demo/example-homes';
import { Browser, Key } from '../e2e/support/browser';
import { startWhole } from '../e2e/support/whole.mjs';

const ROOMS = 60;
const FIXTURES = 1500;
const MOST_FIXTURES = 5000;
/** How much slower the processor is made. */
const SLOWED = 4;

const NOW = '2027-03-01T17:00';

/** Collects how long each press and key took until the screen showed its answer. */
const WATCH = `
  window.answers = [];
  new PerformanceObserver((list) => {
    for (const entry of list.getEntries())
      if (['pointerup', 'click', 'keydown'].includes(entry.name)) window.answers.push(entry.duration);
  }).observe({ type: 'event', durationThreshold: 16, buffered: false });`;

const folder = mkdtempSync(join(tmpdir(), 'early-thaw-bench-'));
const whole = await startWhole({ folder, now: NOW });
const browser = await Browser.open(whole.base);
try {
  await signUp();
  const empty = JSON.parse(await browser.run<string>('return fetch("/api/household").then((a) => a.text())'));
  await takeIn(MOST_FIXTURES, empty);
  await takeIn(FIXTURES, empty);
  await browser.slowDown(SLOWED);
  await onRoom();
  await onList();
} finally {
  await browser.close();
  await whole.stop();
  rmSync(folder, { recursive: true, force: true });
}

async function signUp(): Promise<void> {
  await browser.goTo('/');
  await browser.type('Name of the household', 'Sixty rooms');
  await browser.type('Email', 'bench@example.org');
  await browser.type('Passphrase', 'three dry towels');
  await browser.press('button', 'Begin');
  await browser.waitForPath(/^\/aim$/);
}

async function takeIn(fixtures: number, empty: object): Promise<void> {
  const path = join(folder, `${fixtures}.json`);
  writeFileSync(path, JSON.stringify({ ...empty, home: hugeHome(ROOMS, fixtures) }));
  await browser.goTo('/files');
  const field = await browser.field('Bring a household in');
  const started = performance.now();
  await field.sendKeys(path);
  await browser.see('is here now');
  say(`${fixtures} fixtures in as a file`, [performance.now() - started]);
}

async function onRoom(): Promise<void> {
  await browser.goTo('/walk/room-0');
  await browser.find('button', 'Count');
  await browser.run(WATCH);
  await browser.press('button', /^Wardrobe,/);
  await browser.find('region', /^Wardrobe at/);
  // What is loaded with the first thing that is opened is there from now on.
  await browser.run('window.answers = []');
  for (const thing of [/^Door,/, /^Window,/, /^Bed,/, /^Mirror,/, /^Wardrobe,/])
    await browser.tap('button', thing);
  await browser.find('region', /^Wardrobe at/);
  await browser.tap('button', 'heavy');
  await browser.tap('button', 'One more');
  await browser.tap('button', 'Count');
  await browser.tap('button', 'One Window more');
  await browser.tap('button', 'One Window more');
  await browser.tap('button', 'Count');
  await browser.tap('button', 'Stop: Bed');
  await browser.chord(Key.ALT, Key.ARROW_RIGHT);
  await browser.keys('lamp');
  await browser.kept('Moved.');
  say(`a press or key in a room of ${ROOMS}`, await browser.run<number[]>('return window.answers'));
}

async function onList(): Promise<void> {
  await browser.goTo('/scope');
  await browser.find('table', 'Jobs');
  await browser.run(WATCH);
  await browser.type('Find a job', 'wardrobe');
  await browser.tap('button', /^Leave out Sort and clean the wardrobe, Room 1$/);
  await browser.kept('Kept.');
  say(
    `a press or key on the list of ${FIXTURES} fixtures`,
    await browser.run<number[]>('return window.answers'),
  );
}

function say(what: string, times: readonly number[]): void {
  const sorted = [...times].sort((a, b) => a - b);
  const at = (share: number) =>
    Math.round(sorted[Math.min(sorted.length - 1, Math.floor(sorted.length * share))] ?? 0);
  const words =
    times.length === 1
      ? `${at(0)} ms`
      : `${times.length} slower than 16 ms: median ${at(0.5)} ms, nine in ten ${at(0.9)} ms, worst ${at(1)} ms, at ${SLOWED} times slowed`;
  process.stdout.write(`${what.padEnd(46)} ${words}\n`);
}
