// Measures the walk of a very large home in the real browser, and how long such a home takes to come in as a file.
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { setTimeout as sleep } from 'node:timers/promises';
import { hugeHome } from '../demo/example-homes';
import { Browser, Key } from '../e2e/support/browser';
import { startWhole } from '../e2e/support/whole.mjs';

const ROOMS = 60;
const FIXTURES = 1500;
const MOST_FIXTURES = 5000;
/** How much slower the processor is made. */
const SLOWED = 4;
/** Answers slower than this are named, so many at most. */
const BOUND_MS = 50;
const MOST_NAMED = 12;

/** A quick hand: so long from one press to the next. */
const HAND_MS = 250;

const NOW = '2027-03-01T17:00';

/** One press or key, from the hand to the picture: how long it waited, was worked on, and was drawn. */
type Answer = {
  readonly what: string;
  readonly tookMs: number;
  readonly waitedMs: number;
  readonly workedMs: number;
};

/** Collects how long each press and key took until the screen showed its answer. */
const WATCH = `
  window.answers = [];
  new PerformanceObserver((list) => {
    for (const entry of list.getEntries()) {
      if (!['pointerup', 'click', 'keydown'].includes(entry.name)) continue;
      const control = entry.target?.closest?.('button, input, [role]');
      window.answers.push({
        what: entry.name + ' ' + (control?.getAttribute('aria-label') ?? control?.textContent ?? '').slice(0, 40),
        tookMs: entry.duration,
        waitedMs: entry.processingStart - entry.startTime,
        workedMs: entry.processingEnd - entry.processingStart,
      });
    }
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
  const field = await browser.field('Import a household');
  const started = performance.now();
  await field.sendKeys(path);
  await browser.see('is here now');
  say(`${fixtures} fixtures in as a file`, `${Math.round(performance.now() - started)} ms`);
}

async function onRoom(): Promise<void> {
  await browser.goTo('/walk/room-0');
  await browser.find('button', 'Count');
  await browser.run(WATCH);
  await browser.press('button', /^Wardrobe,/);
  await browser.find('region', /^Wardrobe at/);
  // What is loaded with the first thing that is opened is there from now on.
  await browser.run('window.answers = []');
  for (const thing of [/^Door,/, /^Window,/, /^Bed,/, /^Mirror,/, /^Wardrobe,/]) await tap(thing);
  await browser.find('region', /^Wardrobe at/);
  for (const button of ['heavy', 'One more', 'Count', 'One Window more', 'One Window more', 'Count'])
    await tap(button);
  await tap('Stop: Bed');
  await browser.chord(Key.ALT, Key.ARROW_RIGHT);
  await sleep(HAND_MS);
  await browser.keys('lamp');
  await browser.kept('Moved.');
  sayAnswers(`a press or key in a room of ${ROOMS}`, await browser.run<Answer[]>('return window.answers'));
}

async function tap(button: string | RegExp): Promise<void> {
  await browser.tap('button', button);
  await sleep(HAND_MS);
}

async function onList(): Promise<void> {
  await browser.goTo('/scope');
  await browser.find('table', 'Jobs');
  await browser.run(WATCH);
  await browser.type('Find a job', 'wardrobe');
  await browser.tap('button', /^Leave out: Sort and clean the wardrobe, Room 1$/);
  await browser.kept('Kept.');
  sayAnswers(
    `a press or key on the list of ${FIXTURES} fixtures`,
    await browser.run<Answer[]>('return window.answers'),
  );
}

function say(what: string, words: string): void {
  process.stdout.write(`${what.padEnd(46)} ${words}\n`);
}

function sayAnswers(what: string, answers: readonly Answer[]): void {
  const sorted = [...answers].sort((a, b) => a.tookMs - b.tookMs);
  const at = (share: number) => sorted[Math.min(sorted.length - 1, Math.floor(sorted.length * share))];
  const ms = (share: number) => `${Math.round(at(share)?.tookMs ?? 0)} ms`;
  say(
    what,
    `${answers.length} slower than 16 ms: median ${ms(0.5)}, nine in ten ${ms(0.9)}, worst ${ms(1)}, at ${SLOWED} times slowed`,
  );
  for (const answer of sorted
    .filter((known) => known.tookMs > BOUND_MS)
    .reverse()
    .slice(0, MOST_NAMED))
    say(
      '',
      `${Math.round(answer.tookMs)} ms, of which ${Math.round(answer.waitedMs)} waiting and ${Math.round(answer.workedMs)} working: ${answer.what}`,
    );
}
