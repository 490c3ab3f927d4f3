// Measures the day: two hundred phones of fifty households on one server, ten ticks a second for a minute; and how soon
// a tick shows in a browser and is on the server.

import { setTimeout as pause } from 'node:timers/promises';
import { Browser } from '../e2e/support/browser';
import { eventsAfter } from '../server/repositories/day';
import type { DayStore } from '../ui/day/run/day-store';
import { cupboardInMemory } from '../ui/day/run/memory-cupboard';
import { moveIn, openPhone, plannedHousehold, stepsOf, TODAY, wireWith } from './lib/phones';
import { throwAwayApplication } from './lib/throw-away';

const HOUSEHOLDS = 50;
const PHONES_EACH = 4;
const TICKS = 600;
const TICK_MS = 100;
const SEEN_MS = 1000;

const say = (line: string) => process.stdout.write(`${line}\n`);

const at = (values: readonly number[], share: number) =>
  (
    values.toSorted((a, b) => a - b)[Math.min(values.length - 1, Math.floor(share * values.length))] ?? 0
  ).toFixed(0);
const { base, db, secret, stop: stopAll } = await throwAwayApplication(`${TODAY}T17:00`);
const file = plannedHousehold();
const steps = stepsOf(file);

const browser = await Browser.open(base);
try {
  await browser.goTo('/');
  await browser.press('button', 'Look round the demo household');
  await browser.waitForPath(/^\/aim$/);
  await browser.goTo('/day');
  await browser.find('button', 'Done');
  await browser.kept('All is sent.');
  const times = await browser.run<{ shown: number; sent: number }[]>(`
    const link = () => document.querySelector('[aria-label=Connection]').textContent;
    const until = (is) => new Promise((resolve) => {
      const look = () => (is() ? resolve(performance.now()) : requestAnimationFrame(look));
      look();
    });
    return (async () => {
      const times = [];
      for (let i = 0; i < 20; i++) {
        const button = document.querySelector('section[aria-labelledby=next] button');
        if (!button) break;
        const label = button.getAttribute('aria-label');
        const gone = () => ![...document.querySelectorAll('section[aria-labelledby=next] button')].some((one) => one.getAttribute('aria-label') === label);
        const started = performance.now();
        button.click();
        const shown = await until(gone);
        const sent = await until(() => link().includes('All is sent.'));
        times.push({ shown: shown - started, sent: sent - started });
        await new Promise((resolve) => setTimeout(resolve, 300));
      }
      return times;
    })();`);
  say(
    `in a browser on loopback, ${times.length} ticks: shown after ${at(
      times.map(({ shown }) => shown),
      0.5,
    )} ms (at most ${at(
      times.map(({ shown }) => shown),
      1,
    )}), ` +
      `on the server after ${at(
        times.map(({ sent }) => sent),
        0.5,
      )} ms (at most ${at(
        times.map(({ sent }) => sent),
        1,
      )})`,
  );
} finally {
  await browser.close();
}

type Home = { readonly scope: Awaited<ReturnType<typeof moveIn>>['scope']; readonly phones: DayStore[] };
const homes: Home[] = [];
for (let i = 0; i < HOUSEHOLDS; i++) {
  const { scope, cookie } = await moveIn(db, file, secret);
  const phones: DayStore[] = [];
  for (let k = 0; k < PHONES_EACH; k++)
    phones.push(
      await openPhone(
        wireWith(() => base, cookie),
        cupboardInMemory(),
      ),
    );
  homes.push({ scope, phones });
}
await pause(3000);

const [answered, seen]: [number[], number[]] = [[], []];
const waiting: Promise<void>[] = [];
let unseen = 0;

/** Resolves once a phone shows the step as done; false where that takes too long. */
function shows(phone: DayStore, step: string): Promise<boolean> {
  const isShown = () => phone.snapshot().run.done.has(step);
  if (isShown()) return Promise.resolve(true);
  return new Promise((resolve) => {
    const end = (result: boolean) => {
      clearTimeout(timer);
      stop();
      resolve(result);
    };
    const timer = setTimeout(() => end(false), 30_000);
    const stop = phone.subscribe(() => isShown() && end(true));
  });
}

for (let i = 0; i < TICKS; i++) {
  const home = homes[i % HOUSEHOLDS] as Home;
  const step = steps[Math.floor(i / HOUSEHOLDS) % steps.length] as string;
  const from = home.phones[i % PHONES_EACH] as DayStore;
  const started = performance.now();
  for (const phone of home.phones) {
    if (phone === from) continue;
    waiting.push(
      shows(phone, step).then((is) => {
        if (is) seen.push(performance.now() - started);
        else unseen++;
      }),
    );
  }
  waiting.push(from.carry({ do: 'done', step }).then(() => void answered.push(performance.now() - started)));
  await pause(Math.max(0, TICK_MS - (performance.now() - started)));
}
await Promise.all(waiting);

let lost = 0;
let strangers = 0;
for (const [i, { scope, phones }] of homes.entries()) {
  const own = new Set((await eventsAfter(scope, 0)).map(({ id }) => id));
  lost += Math.ceil((TICKS - i) / HOUSEHOLDS) - own.size;
  for (const phone of phones) {
    const done = phone.snapshot().run.done.size;
    if (done > own.size) strangers += done - own.size;
  }
}
const late = seen.filter((ms) => ms > SEEN_MS).length;
say(
  `${HOUSEHOLDS * PHONES_EACH} phones of ${HOUSEHOLDS} households, ${TICKS} ticks at ${1000 / TICK_MS} a second: ` +
    `on the server after ${at(answered, 0.5)} ms (nine in ten ${at(answered, 0.9)}, at most ${at(answered, 1)}), ` +
    `seen by the others of the household after ${at(seen, 0.5)} ms (nine in ten ${at(seen, 0.9)}, at most ${at(seen, 1)}); ` +
    `later than ${SEEN_MS} ms: ${late}; never seen: ${unseen}; lost: ${lost}; seen by another household: ${strangers}`,
);
for (const { phones } of homes) for (const phone of phones) phone.close();
await stopAll();
