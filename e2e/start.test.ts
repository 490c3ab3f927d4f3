import { mkdtempSync, rmSync } from 'node:fs';
import { createServer } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { Browser } from './support/browser';
import { PASSPHRASE } from './support/visit';
import { startWhole, type Whole } from './support/whole.mjs';

const NOW = '2027-03-01T18:40';

let folder: string;
beforeEach(() => {
  folder = mkdtempSync(join(tmpdir(), 'early-thaw-start-'));
});
afterEach(() => rmSync(folder, { recursive: true, force: true }));

async function whileUp(run: (whole: Whole) => Promise<void>): Promise<void> {
  const whole = await startWhole({ folder, now: NOW });
  try {
    expect(whole.isUp, whole.words()).toBe(true);
    await run(whole);
  } finally {
    await whole.stop();
  }
}

describe('npm start', () => {
  it('keeps accounts and ticks over a restart of everything, and stops cleanly', async () => {
    let cookies: Awaited<ReturnType<Browser['cookies']>> = [];
    await whileUp(async ({ base }) => {
      const browser = await Browser.open(base);
      await browser.goTo('/');
      await browser.type('Name of the household', 'Larch Mews');
      await browser.type('Email', 'larch@example.org');
      await browser.type('Passphrase', PASSPHRASE);
      await browser.press('button', 'Begin');
      await browser.waitForPath(/^\/aim$/);
      await browser.press('button', 'Sign out');
      await browser.waitForPath(/^\/$/);
      await browser.press('button', 'Look round the demo household');
      await browser.waitForPath(/^\/aim$/);
      await browser.press('link', 'Day');
      await browser.press('button', 'Done');
      await browser.see('1 step done');
      await browser.kept('All is sent.');
      cookies = await browser.cookies();
      await browser.close();
    });
    await whileUp(async ({ base, words }) => {
      expect(words()).toContain('Data: up to date');
      const browser = await Browser.open(base);
      await browser.goTo('/');
      // Whoever looked round the demo finds it as it was left.
      for (const { name, value } of cookies) await browser.driver.manage().addCookie({ name, value });
      await browser.goTo('/day');
      await browser.see('1 step done');
      await browser.press('button', 'Sign out');
      await browser.waitForPath(/^\/$/);
      await browser.goTo('/sign-in');
      await browser.type('Email', 'larch@example.org');
      await browser.type('Passphrase', PASSPHRASE);
      await browser.press('button', 'Sign in');
      await browser.see('Larch Mews');
      await browser.close();
    });
  });

  it('says in one sentence that a port is taken, and exits with 1', async () => {
    const holder = createServer().listen(0, '127.0.0.1');
    await new Promise((resolve) => holder.once('listening', resolve));
    const { port } = holder.address() as { port: number };
    const whole = await startWhole({ folder, port });
    expect(await whole.ended).toBe(1);
    expect(whole.words()).toContain(`Port ${port} is taken by another program.`);
    holder.close();
  });

  it('says in one sentence that a database does not answer, and exits with 1', async () => {
    const whole = await startWhole({ folder, env: { DATABASE_URL: 'mysql://app:x@127.0.0.1:9/early_thaw' } });
    expect(await whole.ended).toBe(1);
    expect(whole.words()).toContain('The database does not answer.');
  });

  it('refuses data of a newer version and leaves it as it was', async () => {
    const first = await startWhole({ folder, now: NOW });
    expect(first.isUp, first.words()).toBe(true);
    await first.stop();
    const { startMariaDb } = await import('../scripts/lib/mariadb.mjs');
    const { freePort } = await import('../scripts/lib/ports.mjs');
    const { connect } = await import('../server/db/connection');
    const database = await startMariaDb({ folder: join(folder, 'data'), port: await freePort() });
    const db = connect(database.url);
    await db('migrations').insert({ name: '999-from-the-future' });
    await db.destroy();
    await database.stop();
    const second = await startWhole({ folder, now: NOW });
    expect(await second.ended).toBe(1);
    expect(second.words()).toContain(
      'The data was written by a newer version of Early Thaw (999-from-the-future)',
    );
  });
});
