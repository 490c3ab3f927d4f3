// Takes docs/screenshots from the demo household, with the clock stopped.
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { Browser, DESKTOP, PHONE, type Size } from '../e2e/support/browser';
import { startWhole } from '../e2e/support/whole.mjs';

type Picture = {
  readonly file: string;
  readonly path: string;
  readonly size?: Size;
  readonly dark?: boolean;
  readonly before?: (browser: Browser) => Promise<void>;
};

/** Until something soaks, or a few are done. */
const tickToWait = async (browser: Browser) => {
  for (let done = 1; done < 4 && !(await browser.text()).includes('While you wait'); done++) {
    await browser.press('button', 'Done');
    await browser.see(done === 1 ? '1 step done' : `${done} steps done`);
  }
  await browser.run('window.scrollTo(0, 0)');
};

const openWork = async (browser: Browser) => {
  await browser.find('group', 'Lanes of the day');
  await browser.run('document.querySelector("[data-task]").click()');
  await browser.see(/Before that|It comes right after|It could begin|This is the first/);
  await browser.run('document.getElementById("the-day").scrollIntoView()');
};

const bendLine = async (browser: Browser) => {
  await browser.see('All are planned.');
  await browser.run(
    '[...document.querySelectorAll("main li[aria-label] button")].filter((one) => one.textContent === "Show the line")[3].click()',
  );
  await browser.find('button', 'Hide the line');
  await browser.run('window.scrollTo(0, 0)');
};

const showOrder = async (browser: Browser) => {
  await browser.press('button', 'Order');
  await browser.find('region', 'Order of work');
  await browser.press('button', 'The step after');
  await browser.run('window.scrollTo(0, 0)');
};

const askForTime = async (browser: Browser) => {
  await browser.choose('What', 'Windowsill');
  await browser.press('button', 'Tuesday 9 March');
  await browser.press('button', '19:00 to 20:00');
  await browser.run('window.scrollTo(0, 0)');
};

const PICTURES: readonly Picture[] = [
  { file: 'aim', path: '/aim' },
  { file: 'asked-dark', path: '/spread/asked', dark: true, before: askForTime },
  { file: 'walk', path: '/walk' },
  { file: 'room', path: '/walk/bedroom' },
  { file: 'room-phone', path: '/walk/bathroom', size: PHONE },
  { file: 'hours', path: '/hours' },
  { file: 'scope', path: '/scope' },
  { file: 'method', path: '/catalogue/hob-grates' },
  { file: 'order', path: '/walk/bathroom', before: showOrder },
  { file: 'supplies', path: '/supplies' },
  { file: 'wash', path: '/supplies/wash' },
  { file: 'end', path: '/record/clean' },
  { file: 'people', path: '/people' },
  { file: 'spread', path: '/spread' },
  { file: 'lanes', path: '/spread/2027-03-06', before: openWork },
  { file: 'what-if', path: '/what-if', before: bendLine },
  { file: 'almanac', path: '/almanac' },
  { file: 'day', path: '/day', before: tickToWait },
  { file: 'day-phone', path: '/day', size: PHONE },
];

const folder = mkdtempSync(join(tmpdir(), 'early-thaw-pictures-'));
const whole = await startWhole({ folder, now: '2027-03-01T18:40' });
if (!whole.isUp) throw new Error(whole.words());
const browser = await Browser.open(whole.base);
try {
  await browser.goTo('/');
  await browser.press('button', 'Look round the demo household');
  await browser.waitForPath(/^\/aim$/);
  for (const picture of PICTURES) {
    await browser.resize(picture.size ?? DESKTOP);
    await browser.prefer({ 'prefers-color-scheme': picture.dark ? 'dark' : 'light' });
    await browser.goTo(picture.path);
    await browser.find('heading', /./);
    await picture.before?.(browser);
    await take(picture.file);
  }
} finally {
  await browser.close();
  await whole.stop();
  rmSync(folder, { recursive: true, force: true });
}

function take(file: string): Promise<void> {
  return browser.picture(new URL(`../docs/screenshots/${file}.png`, import.meta.url).pathname);
}
