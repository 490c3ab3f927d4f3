import { afterAll, expect, inject } from 'vitest';
import { homeNamed } from '@/demo/dozen-homes';
import { Browser, DESKTOP, type Size } from './browser';

let numbers = 0;

/** One that was opened for an earlier test of the file, and has forgotten it. */
let idle: Browser | undefined;

afterAll(() => idle?.close());

/** A browser as if it had just been opened on the running application; one in which a test has failed is not used again. */
export async function visit(run: (browser: Browser) => Promise<void>, size: Size = DESKTOP): Promise<void> {
  const browser = idle ?? (await Browser.open(inject('base'), size));
  idle = undefined;
  try {
    await browser.resize(size);
    await run(browser);
    await browser.forget();
  } catch (error) {
    await browser.close();
    throw error;
  }
  idle = browser;
}

export function freshEmail(): string {
  numbers += 1;
  return `person-${process.pid}-${Date.now()}-${numbers}@example.org`;
}

export const PASSPHRASE = 'three dry towels';

/** Signs a new household up; ends on the page Aim. */
export async function signUp(
  browser: Browser,
  household = 'Elm Yard',
  email = freshEmail(),
): Promise<string> {
  await browser.goTo('/');
  await browser.type('Name of the household', household);
  await browser.type('Email', email);
  await browser.type('Passphrase', PASSPHRASE);
  await browser.press('button', 'Begin');
  await browser.press('button', 'Go on');
  await browser.waitForPath(/^\/aim$/);
  return email;
}

export async function enterDemo(browser: Browser): Promise<void> {
  await browser.goTo('/');
  await browser.press('button', 'Look round the demo household');
  await browser.waitForPath(/^\/aim$/);
}

/** A household of its own with one of the dozen homes in it, brought in as a file. */
export async function moveIn(browser: Browser, name: string): Promise<void> {
  await signUp(browser, name);
  const answer = await browser.driver.executeAsyncScript<{ taken: boolean; sentence: string }>(
    `fetch('/api/household', { method: 'POST', body: arguments[0] }).then((a) => a.json()).then(arguments[1])`,
    JSON.stringify(homeNamed(name)),
  );
  expect(answer, answer.sentence).toMatchObject({ taken: true });
}
