import { chmodSync, mkdirSync, readdirSync, readFileSync, rmSync, statSync, writeFileSync } from 'node:fs';
import { createServer } from 'node:net';
import { join } from 'node:path';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { quickFolder } from '../scripts/lib/quick-folder.mjs';
import { Browser } from './support/browser';
import { PASSPHRASE, signUp } from './support/visit';
import { startWhole, type Whole } from './support/whole.mjs';

const NOW = '2027-03-01T18:40';

let folder: string;
beforeEach(() => {
  folder = quickFolder('start');
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
      await browser.press('button', 'Go on');
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

  it('is reached from a phone in the home where it is asked to be, and says where with a code to scan', async () => {
    const whole = await startWhole({
      folder,
      env: { EARLY_THAW_HOST: '0.0.0.0', EARLY_THAW_SMTP: undefined },
    });
    try {
      expect(whole.isUp, whole.words()).toBe(true);
      const [address] = /http:\/\/(?!127\.)\d+\.\d+\.\d+\.\d+:\d+/.exec(whole.words()) ?? [];
      expect(whole.words()).toContain('From a phone in the same network: ');
      expect(whole.words()).toMatch(/[▀▄█]{5}/);
      const answer = await fetch(`${address}/`);
      expect([answer.status, await answer.text()]).toEqual([
        200,
        expect.stringContaining('Begin with your home'),
      ]);
    } finally {
      await whole.stop();
    }
  });

  it('says in one sentence what does not go together, before anything listens', async () => {
    const whole = await startWhole({ folder, env: { EARLY_THAW_HOST: '0.0.0.0' } });
    expect(await whole.ended).toBe(1);
    expect(whole.words()).toContain('EARLY_THAW_SMTP=simulated shows letters to everybody.');
    expect(whole.words()).not.toMatch(/\n\s+at /);
  });

  it('says in one sentence that an address is none of this machine’s', async () => {
    const whole = await startWhole({ folder, now: NOW, env: { EARLY_THAW_HOST: 'moon.example' } });
    expect(whole.isUp).toBe(false);
    expect(await whole.ended).toBe(1);
    expect(whole.words()).toContain(
      'EARLY_THAW_HOST: got "moon.example", expected 0.0.0.0 for every address',
    );
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

  it('touches nothing in a folder that is not its own', async () => {
    const strange = join(folder, 'data');
    mkdirSync(join(strange, 'mysql'), { recursive: true });
    writeFileSync(join(strange, 'mysql', 'precious.txt'), 'ours');
    chmodSync(strange, 0o700);
    const whole = await startWhole({ folder, now: NOW });
    expect(await whole.ended).toBe(1);
    expect(whole.words()).toContain('holds things that are not Early Thaw’s (mysql)');
    expect(readFileSync(join(strange, 'mysql', 'precious.txt'), 'utf8')).toBe('ours');
    expect(statSync(strange).mode & 0o777).toBe(0o700);
    expect(readdirSync(strange)).toEqual(['mysql']);
    rmSync(strange, { recursive: true });
    writeFileSync(strange, 'a file');
    const onFile = await startWhole({ folder, now: NOW });
    expect(await onFile.ended).toBe(1);
    expect(onFile.words()).toContain('has to name a folder');
  });

  it('keeps everything where its own word of being done is lost, and says so where its secrets are', async () => {
    let email = '';
    await whileUp(async ({ base }) => {
      const browser = await Browser.open(base);
      try {
        email = await signUp(browser, 'Larch Mews');
      } finally {
        await browser.close();
      }
    });
    rmSync(join(folder, 'data', 'ready'));
    await whileUp(async ({ base, words }) => {
      expect(words()).not.toContain('demo household loaded');
      const browser = await Browser.open(base);
      try {
        await browser.goTo('/sign-in');
        await browser.type('Email', email);
        await browser.type('Passphrase', PASSPHRASE);
        await browser.press('button', 'Sign in');
        await browser.see('Larch Mews');
      } finally {
        await browser.close();
      }
    });
    writeFileSync(join(folder, 'data', 'secrets.json'), '{"databa');
    const whole = await startWhole({ folder, now: NOW });
    expect(await whole.ended).toBe(1);
    expect(whole.words()).toContain('secrets.json is missing or damaged');
  });

  it('started again where it runs says where, and stops nothing', async () => {
    await whileUp(async ({ base }) => {
      const second = await startWhole({ folder, now: NOW });
      expect(await second.ended).toBe(0);
      expect(second.words()).toContain(
        `It runs already, on the data in ${join(folder, 'data')}: open ${base}`,
      );
      expect((await fetch(`${base}/health`)).ok).toBe(true);
    });
  });

  it('runs beside another one where only another port and folder are named', async () => {
    await whileUp(async () => {
      const beside = await startWhole({
        folder: join(folder, 'b'),
        now: NOW,
        env: { EARLY_THAW_DB_PORT: '' },
      });
      const third = await startWhole({
        folder: join(folder, 'c'),
        now: NOW,
        env: { EARLY_THAW_DB_PORT: '' },
      });
      try {
        expect(beside.isUp, beside.words()).toBe(true);
        expect(third.isUp, third.words()).toBe(true);
      } finally {
        await Promise.all([beside.stop(), third.stop()]);
      }
    });
  });

  it('ends what a killed start has left running, and takes its place', async () => {
    const first = await startWhole({ folder, now: NOW });
    expect(first.isUp, first.words()).toBe(true);
    process.kill(first.pid, 'SIGKILL');
    await first.ended;
    const port = Number(new URL(first.base).port);
    const second = await startWhole({ folder, now: NOW, port });
    try {
      expect(second.isUp, second.words()).toBe(true);
      expect(second.words()).toContain('What an earlier start had left running was ended.');
    } finally {
      await second.stop();
    }
  });

  it('ends within seconds while a phone listens', async () => {
    const whole = await startWhole({ folder, now: NOW });
    expect(whole.isUp, whole.words()).toBe(true);
    const phone = await listeningPhone(whole.base);
    const begun = Date.now();
    expect(await whole.stop()).toBe(0);
    // The web server has five seconds, the database writes down what it knows.
    expect(Date.now() - begun).toBeLessThan(15_000);
    expect(whole.words()).toContain('Stopping …');
    await phone.close();
  });

  it('starts a server again that has died, while a phone listens', async () => {
    await whileUp(async (whole) => {
      const phone = await listeningPhone(whole.base);
      const { parts } = JSON.parse(readFileSync(join(whole.data, 'run', 'starter.json'), 'utf8'));
      const [database, web] = parts as { pid: number }[];
      for (const [name, pid] of [
        ['database server', database!.pid],
        ['web server', web!.pid],
      ] as const) {
        process.kill(pid, 'SIGKILL');
        await phone.until(async () => whole.words().includes(`The ${name} is up again.`), `the ${name}`);
        await phone.until(async () => (await fetch(`${whole.base}/health/ready`)).ok, 'an answer');
      }
      await phone.goTo('/day');
      await phone.press('button', 'Done');
      await phone.kept('All is sent.');
      await phone.close();
    });
  });

  it('has the day that the phone keeps while the database is away, and brings back by itself what it kept from being shown', async () => {
    await whileUp(async (whole) => {
      const phone = await listeningPhone(whole.base);
      await phone.goTo('/day');
      await phone.until(() => isDayKept(phone), 'the day to be kept');
      await withoutDatabase(whole, async () => {
        await phone.goTo('/files');
        await phone.see('Something went wrong on this page');
        await phone.see('comes back by itself');
        await phone.press('button', 'Go to today');
        await phone.press('button', 'Done');
        await phone.see('1 step done');
        await phone.kept('No connection. 1 thing is kept on this phone');
        await phone.goTo('/files');
        await phone.see('comes back by itself');
      });
      await phone.find('heading', 'Import and export');
      await phone.goTo('/day');
      await phone.see('1 step done');
      await phone.kept('All is sent.');
      await phone.close();
    });
  });
});

/** With the database killed, and with whoever would start it again holding still meanwhile. */
async function withoutDatabase(whole: Whole, run: () => Promise<void>): Promise<void> {
  const { parts } = JSON.parse(readFileSync(join(whole.data, 'run', 'starter.json'), 'utf8'));
  process.kill(whole.pid, 'SIGSTOP');
  process.kill(parts[0].pid, 'SIGKILL');
  try {
    await run();
  } finally {
    process.kill(whole.pid, 'SIGCONT');
  }
}

const isDayKept = (phone: Browser): Promise<boolean> =>
  phone.driver.executeAsyncScript(
    `const done = arguments[0]; caches.open('early-thaw-day').then((cache) => cache.keys()).then((all) =>
      done(all.some(({ url }) => new URL(url).pathname.startsWith('/day/'))));`,
  );

/** A phone on the day of the demo, with its stream open. */
async function listeningPhone(base: string): Promise<Browser> {
  const phone = await Browser.open(base);
  await phone.goTo('/');
  await phone.press('button', 'Look round the demo household');
  await phone.waitForPath(/^\/aim$/);
  await phone.goTo('/day');
  await phone.kept('All is sent.');
  return phone;
}
