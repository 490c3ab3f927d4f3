import type { AddressInfo } from 'node:net';
import type { Knex } from 'knex';
import { SMTPServer } from 'smtp-server';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { readLog } from '../access/log';
import { countRecoveryCodes, makeRecoveryCodes, takeRecoveryCode } from '../access/recovery-codes';
import { configFrom } from '../process/config';
import { newAccount, testDatabase } from '../testing/households';
import { giveWayBack, sendWayBack } from './way-back';

const SECRET = 'a secret of the tests, thirty-two and more';

let db: Knex;
beforeAll(async () => {
  db = await testDatabase();
});
afterAll(() => db.destroy());

/** A mail service that takes everything, and what it was given. */
async function mailService() {
  const taken: { to: string; text: string }[] = [];
  const service = new SMTPServer({
    authOptional: true,
    disabledCommands: ['STARTTLS'],
    onData: (stream, session, done) => {
      const chunks: Buffer[] = [];
      stream.on('data', (chunk: Buffer) => chunks.push(chunk));
      stream.on('end', () => {
        const to = session.envelope.rcptTo.map(({ address }) => address).join();
        taken.push({ to, text: Buffer.concat(chunks).toString('utf8') });
        done();
      });
    },
  });
  await new Promise<void>((resolve) => service.listen(0, '127.0.0.1', resolve));
  const { port } = service.server.address() as AddressInfo;
  return {
    taken,
    url: `smtp://127.0.0.1:${port}`,
    stop: () => new Promise<void>((end) => service.close(end)),
  };
}

describe('a way back in without a code on paper', () => {
  const configWith = (url: string) =>
    configFrom({
      DATABASE_URL: 'mysql://nobody@127.0.0.1/nothing',
      EARLY_THAW_SECRET: SECRET,
      EARLY_THAW_SMTP: url,
      EARLY_THAW_MAIL_FROM: 'thaw@example.org',
      EARLY_THAW_ADDRESS: 'https://thaw.example.org/',
    });
  /** As a mail program reads it: without soft breaks. */
  const readable = (text = '') => text.replace(/=\r?\n/g, '').replace(/=3D/g, '=');

  it('goes by mail to whoever has an account, with a link of its own for each household', async () => {
    const { email, id, scope } = await newAccount(db);
    const service = await mailService();
    try {
      await sendWayBack(db, email.toUpperCase(), configWith(service.url));
      await sendWayBack(db, 'nobody@example.org', configWith(service.url));
      expect(service.taken.map(({ to }) => to)).toEqual([email]);
      const text = readable(service.taken[0]?.text);
      expect(text).toContain('Elm Yard');
      const [, sent = ''] = /https:\/\/thaw\.example\.org\/recover#(\S+)/.exec(text) ?? [];
      const code = new URLSearchParams(sent).get('code') ?? '';
      expect(await takeRecoveryCode(scope, id, code, SECRET)).toBe(true);
      expect(await takeRecoveryCode(scope, id, code, SECRET)).toBe(false);
      expect((await readLog(scope, 5)).map(({ what }) => what)).toEqual(['asked-for-letter']);
    } finally {
      await service.stop();
    }
  });

  it('says so where the mail service does not take it', async () => {
    const { email } = await newAccount(db);
    const service = await mailService();
    await service.stop();
    await expect(sendWayBack(db, email, configWith(service.url))).rejects.toThrow();
  });

  it('is given out by whoever runs the server, for a day', async () => {
    const { email, id, scope } = await newAccount(db);
    await makeRecoveryCodes(scope, id, SECRET);
    expect(await giveWayBack(db, 'nobody@example.org', SECRET)).toEqual([]);
    const [way] = await giveWayBack(db, email, SECRET);
    expect(way?.household).toBe('Elm Yard');
    const tomorrow = Math.floor(Date.now() / 1000) + 24 * 60 * 60 + 1;
    expect(await takeRecoveryCode(scope, id, way?.code ?? '', SECRET, tomorrow)).toBe(false);
    expect(await countRecoveryCodes(scope, id)).toBe(8);
    expect(await takeRecoveryCode(scope, id, way?.code ?? '', SECRET)).toBe(true);
  });
});
