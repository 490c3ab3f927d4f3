import { spawnSync } from 'node:child_process';
import { existsSync, readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { startMariaDb } from '../scripts/lib/mariadb.mjs';
import { freePort } from '../scripts/lib/ports.mjs';
import { quickFolder } from '../scripts/lib/quick-folder.mjs';
import { root } from '../scripts/lib/root.mjs';
import { connect } from '../server/db/connection';
import { startWhole } from './support/whole.mjs';

const NOW = '2027-03-01T17:00';
const PASSPHRASE = 'a moth in the loft';

const folder = quickFolder('backup');
const file = join(folder, 'all.backup');
const data = join(folder, 'data');

/** Runs one of the commands as a person does, and gives its words. */
function run(script: 'backup' | 'restore', args: readonly string[], env: Record<string, string> = {}) {
  const done = spawnSync(process.execPath, [join(root, 'scripts', `${script}.mjs`), ...args], {
    encoding: 'utf8',
    env: { ...process.env, EARLY_THAW_DATA: data, EARLY_THAW_BACKUP_PASSPHRASE: PASSPHRASE, ...env },
  });
  return { code: done.status, words: `${done.stdout}${done.stderr}` };
}

/** Every row of every table of the data in a folder, as text. */
async function allRows(of: string): Promise<Record<string, string[]>> {
  const mariadb = await startMariaDb({ folder: of, port: await freePort() });
  const db = connect(mariadb.url);
  try {
    const [tables] = await db.raw('SHOW TABLES');
    const names: string[] = tables.map((row: Record<string, string>) => Object.values(row)[0]);
    const rows = names.map(async (name) => {
      const all: unknown[] = await db(name).select();
      return [name, all.map((row) => JSON.stringify(row)).sort()] as const;
    });
    return Object.fromEntries(await Promise.all(rows));
  } finally {
    await db.destroy();
    await mariadb.stop();
  }
}

beforeAll(async () => {
  const whole = await startWhole({ folder, now: NOW });
  expect(whole.isUp, whole.words()).toBe(true);
  try {
    // As a person who has gone on before the backup: a demo of their own.
    expect((await fetch(whole.base)).ok).toBe(true);
    const made = run('backup', [file]);
    expect(made, made.words).toMatchObject({ code: 0 });
  } finally {
    await whole.stop();
  }
});
afterAll(() => rmSync(folder, { recursive: true, force: true }));

describe('a backup', () => {
  it('is sealed, and brings every row back on an empty machine, with the secret that belongs to them', async () => {
    const sealed = readFileSync(file);
    expect(sealed.subarray(0, 21).toString()).toBe('age-encryption.org/v1');
    expect(sealed.includes('juniper')).toBe(false);
    const elsewhere = join(folder, 'elsewhere');
    const back = run('restore', [file], { EARLY_THAW_DATA: elsewhere });
    expect(back, back.words).toMatchObject({ code: 0 });
    const [before, after] = [await allRows(data), await allRows(elsewhere)];
    expect(Object.keys(before).length).toBeGreaterThan(20);
    expect(before.rooms?.length).toBeGreaterThan(10);
    expect(after).toEqual(before);
    const secretOf = (of: string) => JSON.parse(readFileSync(join(of, 'secrets.json'), 'utf8')).session;
    expect(secretOf(elsewhere)).toBe(secretOf(data));
    // Twice would take the place of what is there.
    const again = run('restore', [file], { EARLY_THAW_DATA: elsewhere });
    expect([again.code, again.words]).toEqual([1, expect.stringContaining('There is data already')]);
  });

  it('says in a sentence what is the matter, and leaves nothing behind', async () => {
    const nowhere = join(folder, 'nowhere');
    const torn = join(folder, 'torn.backup');
    writeFileSync(torn, readFileSync(file).subarray(0, 9_000));
    const other = join(folder, 'a-picture.png');
    writeFileSync(other, 'no backup at all');
    const said = [
      run('restore', [file], {
        EARLY_THAW_DATA: nowhere,
        EARLY_THAW_BACKUP_PASSPHRASE: 'another passphrase',
      }),
      run('restore', [other], { EARLY_THAW_DATA: nowhere }),
      run('restore', [join(folder, 'gone')], { EARLY_THAW_DATA: nowhere }),
      run('restore', []),
      run('backup', [file]),
      run('backup', [join(folder, 'new.backup')]),
      run('backup', [join(folder, 'new.backup')], { EARLY_THAW_BACKUP_PASSPHRASE: 'short' }),
    ];
    expect(said.map(({ code }) => code)).toEqual(said.map(() => 1));
    for (const { words } of said) expect(words).not.toMatch(/ at |Error:/);
    expect(said.map(({ words }) => words).join('\n')).toContain('the passphrase is another');
    expect(said[5]?.words).toContain('does not run on the data in');
    expect(existsSync(join(nowhere, 'mysql'))).toBe(false);
    expect(readdirSync(folder).some((name) => name.startsWith('new.backup'))).toBe(false);
    // One that was cut short is found out before it counts as data.
    const half = run('restore', [torn], { EARLY_THAW_DATA: nowhere });
    expect(half.code).toBe(1);
    expect(half.words).toContain('it is damaged');
    expect(existsSync(join(nowhere, 'mysql'))).toBe(false);
  });
});

describe('an upgrade', () => {
  it('puts everything into a file beside the data first, which brings it back', async () => {
    // As data of a version that did not know the last step.
    const mariadb = await startMariaDb({ folder: data, port: await freePort() });
    const db = connect(mariadb.url);
    const last: { name: string } = await db('migrations').orderBy('name', 'desc').first('name');
    await db('migrations').where(last).delete();
    await db.destroy();
    await mariadb.stop();
    const before = await allRows(data);
    const whole = await startWhole({ folder, now: NOW });
    await whole.stop();
    expect(whole.isUp, whole.words()).toBe(true);
    expect(whole.words()).toContain('Backup before the upgrade');
    const [name = '', ...more] = readdirSync(join(data, 'before-upgrades'));
    expect(more).toEqual([]);
    const { session } = JSON.parse(readFileSync(join(data, 'secrets.json'), 'utf8'));
    const old = join(folder, 'old');
    const back = run('restore', [join(data, 'before-upgrades', name)], {
      EARLY_THAW_DATA: old,
      EARLY_THAW_BACKUP_PASSPHRASE: session,
    });
    expect(back, back.words).toMatchObject({ code: 0 });
    // The restore takes the step itself, after which nobody has chosen how many rooms may stand open.
    const { migrations: _old, ...there } = await allRows(old);
    const { migrations: _before, cleans = [], ...was } = before;
    expect(cleans.length).toBeGreaterThan(0);
    const stepped = cleans.map((row) => JSON.stringify({ ...JSON.parse(row), open_rooms: null }));
    expect(there).toEqual({ ...was, cleans: stepped.sort() });
  });
});
