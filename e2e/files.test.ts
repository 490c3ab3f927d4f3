import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, describe, expect, inject, it } from 'vitest';
import { hugeHome } from '@/demo/example-homes';
import { findings } from './support/axe';
import type { Browser } from './support/browser';
import { enterDemo, signUp, visit } from './support/visit';

const folder = mkdtempSync(join(tmpdir(), 'early-thaw-files-'));
afterAll(() => rmSync(folder, { recursive: true }));

function file(name: string, content: string | Uint8Array): string {
  const path = join(folder, name);
  writeFileSync(path, content);
  return path;
}

const fetched = (browser: Browser, address: string) =>
  browser.run<string>(`return fetch(${JSON.stringify(address)}).then((answer) => answer.text())`);

async function hand(browser: Browser, label: string, path: string): Promise<void> {
  await (await browser.field(label)).sendKeys(path);
}

const HEAD = 'floor,room,room_kind,room_length_m,stop,fixture,count,surface';

describe('in and out', () => {
  it('takes a household away and brings it in elsewhere with nothing lost, and back', async () => {
    await visit(async (browser) => {
      await enterDemo(browser);
      const demo = await fetched(browser, '/api/household');
      expect(JSON.parse(demo)).toMatchObject({ format: 'early-thaw/household', name: '14 Juniper Row' });
      await browser.press('button', 'Sign out');
      await browser.waitForPath(/^\/$/);
      await signUp(browser, 'Elm Yard');
      const empty = await fetched(browser, '/api/household');
      await browser.goTo('/files');
      await hand(browser, 'Import a household', file('demo.json', demo));
      await browser.see('“14 Juniper Row” is here now');
      expect(JSON.parse(await fetched(browser, '/api/household'))).toEqual(JSON.parse(demo));
      await browser.press('button', 'Bring back what was here before the file');
      await browser.see('Everything is as it was before the file.');
      expect(JSON.parse(await fetched(browser, '/api/household'))).toEqual(JSON.parse(empty));
    });
  });

  it('says what is wrong with a file, and changes nothing', async () => {
    await visit(async (browser) => {
      await enterDemo(browser);
      const household = JSON.parse(await fetched(browser, '/api/household'));
      await browser.press('button', 'Sign out');
      await browser.waitForPath(/^\/$/);
      await signUp(browser);
      const before = await fetched(browser, '/api/household');
      await browser.goTo('/files');
      const [fixture] = household.home.floors[1].rooms[0].stops[1].fixtures;
      household.home.floors[1].rooms[0].stops[2].fixtures.push({ ...fixture, surface: 'unobtainium' });
      await hand(browser, 'Import a household', file('twice.json', JSON.stringify(household)));
      await browser.see(`home fixtures: got "${fixture.id}" twice, expected each id once`);
      await browser.see('got "unobtainium", expected a surface that the catalogue knows');
      await hand(browser, 'Import a household', file('broken.json', '{"format":'));
      await browser.see('text that is not JSON');
      await hand(browser, 'Import a household', file('large.json', new Uint8Array(40_000_001)));
      await browser.see('This file is larger than 40 MB. Nothing was read.');
      expect(await fetched(browser, '/api/household')).toBe(before);
    });
  });

  it('lists the lines of a table that cannot be read by number, and takes in the rest when told', async () => {
    await visit(async (browser) => {
      await signUp(browser);
      await browser.goTo('/files');
      const lines = [
        HEAD,
        'Ground,Den,living,5,Wall,books,2',
        'Ground,Den,living,0,Wall,shelf',
        'Ground,Den,living,5,Wall,dragon',
      ];
      await hand(browser, 'Import a table', file('rooms.csv', lines.join('\n')));
      await browser.see('1 fixture can be read: 0 known, 1 new, 0 moved. The house then has 1 room.');
      await browser.see('Line 3: "0" cannot be in the column room_length_m.');
      await browser.see('Line 4: The catalogue knows no fixture "dragon".');
      expect(JSON.parse(await fetched(browser, '/api/household')).home.floors).toEqual([]);
      await browser.press('button', 'Import what can be read');
      await browser.see('Imported.');
      await browser.goTo('/walk');
      await browser.find('link', /^Den/);
      await browser.press('button', 'Undo');
      await browser.until(
        async () => (await browser.all('link', /^Den/)).length === 0,
        'the room to be gone',
      );
    });
  });

  it('reads UTF-16 and Windows’ letters, and says so; what looks like a formula stays text', async () => {
    await visit(async (browser) => {
      await signUp(browser);
      await browser.goTo('/files');
      await hand(
        browser,
        'Import a table',
        file('latin.csv', Buffer.from(`${HEAD}\nGround,Caf\xe9,living,5,Wall,books,2`, 'latin1')),
      );
      await browser.see(
        'It is not in UTF-8 and was read with Windows’ letters of the West. Look at the names',
      );
      const wide = `\uFEFF${HEAD}\nGround,=2+3,living,5,Wall,books,2`;
      await hand(browser, 'Import a table', file('wide.csv', Buffer.from(wide, 'utf16le')));
      await browser.see('1 fixture can be read: 0 known, 1 new, 0 moved. The house then has 1 room.');
      await browser.press('button', 'Import what can be read');
      await browser.see('Imported.');
      expect(await fetched(browser, '/api/rooms')).toContain("'=2+3");
      await browser.goTo('/walk');
      await browser.find('link', /^=2\+3/);
    });
  });

  it('reads a spreadsheet’s own file, asks what is in doubt, and never doubles the house', async () => {
    await visit(async (browser) => {
      await signUp(browser);
      await browser.goTo('/files');
      const xlsx = join(process.cwd(), 'core', 'formats', 'examples', 'rooms-of-one.xlsx');
      await hand(browser, 'Import a table', xlsx);
      await browser.see(/\d+ fixtures can be read: 0 known, \d+ new, 0 moved\./);
      await browser.press('button', 'Import what can be read');
      await browser.see('Imported.');
      await hand(browser, 'Import a table', xlsx);
      await browser.see(/\d+ fixtures can be read: \d+ known, 0 new, 0 moved\./);
      const lines = [`${HEAD},last_done`, 'Ground,Den,living,5,Wall,Bookcasse,1,,03/04/2026'];
      await hand(browser, 'Import a table', file('doubt.csv', lines.join('\n')));
      await browser.press('button', /^Read “Bookcasse” as “/);
      await browser.see('"03/04/2026" cannot be in the column last_done.');
      expect(await findings(browser), 'what is in doubt').toEqual([]);
      await browser.choose('03/04/2027 is', '3 April: the day comes first');
      await browser.see(/1 fixture can be read: 0 known, 1 new/);
      await browser.press('button', 'Import what can be read');
      await browser.see('Imported.');
      expect(await fetched(browser, '/api/rooms')).toContain('2026-04-03');
      await hand(browser, 'Import a table', file('old.xls', Buffer.from([0xd0, 0xcf, 0x11, 0xe0, 0xa1])));
      await browser.see('This spreadsheet cannot be read.');
    });
  });

  it('takes in a household of 5,000 fixtures, and refuses one more', async () => {
    await visit(async (browser) => {
      await signUp(browser);
      const empty = JSON.parse(await fetched(browser, '/api/household'));
      await browser.goTo('/files');
      await hand(
        browser,
        'Import a household',
        file('more.json', JSON.stringify({ ...empty, home: hugeHome(60, 5001) })),
      );
      await browser.see('home: got 5001 fixtures, expected at most 5000');
      await hand(
        browser,
        'Import a household',
        file('full.json', JSON.stringify({ ...empty, home: hugeHome(60, 5000) })),
      );
      await browser.see('is here now');
      await browser.goTo('/walk');
      await browser.see('60 rooms');
    });
  });

  it('hands nothing out to strangers, and takes nothing from other pages', async () => {
    const base = inject('base');
    for (const path of ['/api/household', '/api/rooms']) {
      const answer = await fetch(`${base}${path}`, { redirect: 'manual' });
      expect([answer.status, answer.headers.get('location'), await answer.text()], path).toEqual([
        303,
        '/',
        '',
      ]);
      const foreign = await fetch(`${base}${path}`, {
        method: 'POST',
        body: '{}',
        headers: { origin: 'http://elsewhere.example' },
      });
      expect(foreign.status, path).toBe(403);
      const nobody = await fetch(`${base}${path}`, { method: 'POST', body: '{}', headers: { origin: base } });
      expect(nobody.status, path).toBe(401);
    }
  });
});
