import { randomUUID } from 'node:crypto';
import type { Knex } from 'knex';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { accountsIn, changeRole, findAccount, joinHousehold } from '../repositories/accounts';
import { Sessions } from '../repositories/sessions';
import { newAccount, testDatabase } from '../testing/households';
import { deviceName } from './device-name';
import { invitationAt, invite, openInvitations, spendInvitation, takeBackInvitation } from './invitations';
import { askToGo, goesAt, stay, sweepGone } from './leaving';
import { readLog, writeDown } from './log';
import { countRecoveryCodes, makeRecoveryCodes, takeRecoveryCode } from './recovery-codes';
import { THROTTLES, Throttle, waitWords } from './throttle';

const SECRET = 'a secret of the tests, thirty-two and more';

let db: Knex;
beforeAll(async () => {
  db = await testDatabase();
});
afterAll(() => db.destroy());

describe('codes for whoever has forgotten the passphrase', () => {
  it('open the door once each, however they are typed, and stand in the database as hashes', async () => {
    const { id, scope } = await newAccount(db);
    const codes = await makeRecoveryCodes(scope, id, SECRET);
    expect(new Set(codes).size).toBe(8);
    for (const code of codes) expect(code).toMatch(/^[a-z2-9]{4}-[a-z2-9]{4}-[a-z2-9]{4}$/);
    const stored = JSON.stringify(await scope.rows('recovery_codes'));
    expect(codes.some((code) => stored.includes(code) || stored.includes(code.replaceAll('-', '')))).toBe(
      false,
    );
    const [first = '', second = ''] = codes;
    expect(await takeRecoveryCode(scope, id, ` ${first.toUpperCase().replaceAll('-', ' ')}`, SECRET)).toBe(
      true,
    );
    expect(await takeRecoveryCode(scope, id, first, SECRET)).toBe(false);
    expect(await takeRecoveryCode(scope, id, second, 'the secret of another server, long enough')).toBe(
      false,
    );
    expect(await countRecoveryCodes(scope, id)).toBe(7);
  });

  it('open it once also for two at the same moment, and only their own account', async () => {
    const [one, other] = [await newAccount(db), await newAccount(db)];
    const [code = ''] = await makeRecoveryCodes(one.scope, one.id, SECRET);
    expect(await takeRecoveryCode(other.scope, other.id, code, SECRET)).toBe(false);
    const both = await Promise.all([1, 2].map(() => takeRecoveryCode(one.scope, one.id, code, SECRET)));
    expect(both.filter(Boolean)).toHaveLength(1);
  });

  it('open nothing any more once there are new ones', async () => {
    const { id, scope } = await newAccount(db);
    const [old = ''] = await makeRecoveryCodes(scope, id, SECRET);
    await makeRecoveryCodes(scope, id, SECRET);
    expect(await takeRecoveryCode(scope, id, old, SECRET)).toBe(false);
  });
});

describe('knocking', () => {
  it('is allowed so often, also by many at once, and says how long to wait', async () => {
    const throttle = new Throttle(db);
    const whose = randomUUID();
    const turns = await Promise.all(Array.from({ length: 30 }, () => throttle.take('sign-in', whose)));
    expect(turns.filter(({ isFree }) => isFree)).toHaveLength(THROTTLES['sign-in'].times);
    const refused = await throttle.take('sign-in', whose);
    expect(refused.isFree).toBe(false);
    if (!refused.isFree) expect(refused.waitSeconds).toBeGreaterThan(0);
    if (!refused.isFree) expect(refused.waitSeconds).toBeLessThanOrEqual(THROTTLES['sign-in'].seconds);
    // Of somebody else, and of another kind, nothing is gone.
    expect((await throttle.take('sign-in', randomUUID())).isFree).toBe(true);
    expect((await throttle.take('import', whose)).isFree).toBe(true);
  });

  it('counts on another server too, and gives back what was no guess', async () => {
    const [here, there] = [new Throttle(db), new Throttle(db)];
    const whose = randomUUID();
    for (let i = 0; i < THROTTLES['sign-in'].times; i++) await here.take('sign-in', whose);
    expect((await there.take('sign-in', whose)).isFree).toBe(false);
    const other = randomUUID();
    for (let i = 0; i < 3 * THROTTLES['sign-in'].times; i++) {
      expect((await here.take('sign-in', other)).isFree).toBe(true);
      await here.giveBack('sign-in', other);
    }
  });

  it('says the time as one would', () => {
    expect(waitWords(12)).toContain('wait a minute');
    expect(waitWords(601)).toContain('wait 11 minutes');
  });
});

describe('the log of a household', () => {
  it('tells what happened, the latest first, and who did it as long as they are there', async () => {
    const { email, id, scope } = await newAccount(db);
    await writeDown(scope, { what: 'signed-up', account: id, device: 'Firefox on Android' }, 100);
    await writeDown(scope, { what: 'exported', account: 'gone', device: 'Chrome on Linux' }, 200);
    expect(await readLog(scope, 10)).toEqual([
      { what: 'exported', device: 'Chrome on Linux', atS: 200, email: undefined },
      { what: 'signed-up', device: 'Firefox on Android', atS: 100, email },
    ]);
    expect(await readLog((await newAccount(db)).scope, 10)).toEqual([]);
  });
});

describe('a device', () => {
  it('is called by its browser and what it runs on', () => {
    expect(deviceName('Mozilla/5.0 (X11; Linux x86_64; rv:140.0) Gecko/20100101 Firefox/140.0')).toBe(
      'Firefox on Linux',
    );
    expect(deviceName(null)).toBe('A program without a name');
    expect(deviceName('x'.repeat(5_000)).length).toBeLessThanOrEqual(120);
  });
});

describe('a household that is to go', () => {
  const DAY = 24 * 60 * 60;

  it('goes after seven days with everything in it, and nobody else', async () => {
    const [going, staying] = [await newAccount(db), await newAccount(db)];
    expect(await askToGo(going.scope, 1_000)).toBe(1_000 + 7 * DAY);
    expect(await askToGo(going.scope, 5_000)).toBe(1_000 + 7 * DAY);
    expect(await sweepGone(db, 1_000 + 7 * DAY - 1)).toEqual([]);
    expect(await goesAt(going.scope)).toBe(1_000 + 7 * DAY);
    expect(await sweepGone(db, 1_000 + 7 * DAY)).toEqual([going.scope.household]);
    for (const table of ['accounts', 'settings'] as const)
      expect([(await going.scope.rows(table)).length, (await staying.scope.rows(table)).length]).toEqual([
        0, 1,
      ]);
  });

  it('stays when somebody thinks better of it', async () => {
    const { scope } = await newAccount(db);
    await askToGo(scope, 1_000);
    await stay(scope);
    expect(await goesAt(scope)).toBeUndefined();
    expect(await sweepGone(db, 1_000 + 30 * DAY)).toEqual([]);
  });
});

describe('an invitation', () => {
  const WEEK = 7 * 24 * 60 * 60;

  it('lets one person into its own household, as what it says, once and for a week', async () => {
    const { id: keeper, scope } = await newAccount(db);
    const token = (await invite(scope, 'planner', 1_000))!;
    expect(JSON.stringify(await scope.rows('invitations'))).not.toContain(token);
    expect(await invitationAt(db, token, 1_000 + WEEK)).toBeUndefined();
    expect(await invitationAt(db, `${token}x`, 1_000)).toBeUndefined();
    const invited = (await invitationAt(db, token, 1_000))!;
    expect(invited).toMatchObject({ role: 'planner', household: 'Elm Yard' });
    expect(invited.scope.household).toBe(scope.household);
    const email = `${randomUUID()}@example.org`;
    const both = await Promise.all([1, 2].map(() => spendInvitation(invited.scope, token)));
    expect(both.filter(Boolean)).toHaveLength(1);
    const joined = await joinHousehold(scope, db, {
      email,
      passphrase: 'a moth in the loft',
      role: 'planner',
    });
    expect(await findAccount(db, email, 'a moth in the loft')).toEqual(joined);
    expect(Object.fromEntries((await accountsIn(scope)).map(({ id, role }) => [id, role]))).toEqual({
      [keeper]: 'keeper',
      [joined!.id]: 'planner',
    });
    expect(
      await joinHousehold(scope, db, { email, passphrase: 'a moth in the loft', role: 'keeper' }),
    ).toBeUndefined();
  });

  it('can be taken back, and not all that are asked for are given', async () => {
    const { scope } = await newAccount(db);
    const token = (await invite(scope, 'helper'))!;
    const [open] = await openInvitations(scope);
    await takeBackInvitation((await newAccount(db)).scope, open!.id);
    expect(await invitationAt(db, token)).toBeDefined();
    await takeBackInvitation(scope, open!.id);
    expect(await invitationAt(db, token)).toBeUndefined();
    const tokens = [];
    for (let i = 0; i < 21; i++) tokens.push(await invite(scope, 'helper'));
    expect(tokens.filter((one) => one === undefined)).toHaveLength(1);
  });
});

describe('what somebody is', () => {
  it('can be changed, handed on and given up, as long as one keeps house', async () => {
    const { id: first, scope } = await newAccount(db);
    const email = `${randomUUID()}@example.org`;
    const second = (await joinHousehold(scope, db, {
      email,
      passphrase: 'a moth in the loft',
      role: 'helper',
    }))!;
    expect(await changeRole(scope, first, 'gone')).toBe('last-keeper');
    expect(await changeRole(scope, first, 'planner')).toBe('last-keeper');
    expect(await changeRole(scope, second.id, 'keeper')).toBe('changed');
    expect(await changeRole(scope, first, 'gone')).toBe('changed');
    expect(await changeRole(scope, first, 'keeper')).toBe('gone');
    expect((await accountsIn(scope)).map(({ id }) => id)).toEqual([second.id]);
  });

  it('goes with the account: whoever was signed in by it is out at once', async () => {
    const { scope } = await newAccount(db);
    const email = `${randomUUID()}@example.org`;
    const other = (await joinHousehold(scope, db, {
      email,
      passphrase: 'a moth in the loft',
      role: 'helper',
    }))!;
    const sessions = new Sessions(db, SECRET);
    const token = await sessions.open({ household: scope.household, account: other.id, device: 'Phone' });
    expect(await sessions.at(token)).toMatchObject({ role: 'helper' });
    await changeRole(scope, other.id, 'planner');
    expect(await sessions.at(token)).toMatchObject({ role: 'planner' });
    await changeRole(scope, other.id, 'gone');
    expect(await sessions.at(token)).toBeUndefined();
  });
});
