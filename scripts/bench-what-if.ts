// Measures the page of what-ifs in the real browser: how long the main thread is busy in one go while the worker plans.
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { setTimeout as sleep } from 'node:timers/promises';
import { Browser } from '../e2e/support/browser';
import { startWhole } from '../e2e/support/whole.mjs';

const MOST_SECONDS = 120;
const BUSY_MS = 50;

/** Stretches in which the main thread was busy for more than 50 ms, from now on, by the page or by the browser itself. */
const WATCH = `
  window.busy = [];
  new PerformanceObserver((list) => {
    for (const entry of list.getEntries()) window.busy.push({ ms: entry.duration, own: entry.name !== 'unknown' });
  }).observe({ type: 'longtask', buffered: false });`;

const folder = mkdtempSync(join(tmpdir(), 'early-thaw-bench-'));
const whole = await startWhole({ folder, now: '2027-03-01T17:00' });
const browser = await Browser.open(whole.base);
try {
  await browser.goTo('/');
  await browser.press('button', 'Look round the demo household');
  await browser.waitForPath(/^\/aim$/);
  await browser.goTo('/what-if');
  await browser.see(/Done on/);
  await browser.run(WATCH);
  const began = performance.now();
  let shown = 0;
  while (
    !(await browser.text()).includes('All are planned.') &&
    performance.now() - began < MOST_SECONDS * 1000
  ) {
    // Somebody who looks at one line after the other meanwhile.
    await browser.run(
      `const lines = [...document.querySelectorAll('main button[aria-pressed]:not([disabled])')]; lines[${shown} % lines.length]?.click()`,
    );
    shown++;
    await sleep(200);
  }
  const busy = await browser.run<readonly { ms: number; own: boolean }[]>('return window.busy');
  const [own, others] = [busy.filter((one) => one.own), busy.filter((one) => !one.own)];
  const most = (some: typeof busy) => Math.max(0, ...some.map((one) => one.ms)).toFixed(0);
  process.stdout.write(
    `what-ifs of the demo household: planned in ${((performance.now() - began) / 1000).toFixed(0)} s with ${shown} lines looked at meanwhile; ` +
      `the page kept the main thread for more than ${BUSY_MS} ms ${own.length} times (${most(own)} ms), the browser and its driver ${others.length} times (${most(others)} ms)\n`,
  );
} finally {
  await browser.close();
  await whole.stop();
  rmSync(folder, { recursive: true, force: true });
}
