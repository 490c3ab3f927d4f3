import { describe, expect, it } from 'vitest';
import { FAMILY_HOUSE, hugeHome } from '../../demo/example-homes';
import { juniperRow } from '../../demo/juniper-row';
import { MOST } from '../basics/limits';
import { NO_FACTS } from '../home/no-facts';
import { fixturesOf, type Home, roomsOf } from '../home/room';
import { readRoomsTable, writeRoomsTable } from './rooms-table';

const EMPTY: Home = { floors: [], wayRound: 'clockwise', facts: NO_FACTS };
const HEAD = 'floor,room,room_kind,room_length_m,stop,fixture,count,surface,soil,width_m,last_done,mend';

function ids() {
  let next = 0;
  return () => `new-${next++}`;
}

const read = (text: string, home: Home = EMPTY) => readRoomsTable(text, home, ids());

/** A home without the ids that a table does not carry. */
function shape(home: Home): unknown {
  return home.floors.map((floor) => ({
    name: floor.name,
    rooms: floor.rooms.map(({ id: _id, opensTo: _opens, stops, ...room }) => ({
      ...room,
      stops: stops.map(({ id: _stop, ...stop }) => stop),
    })),
  }));
}

describe('the table of rooms', () => {
  it.each([
    ['the demo household', juniperRow('2027-03-01').home],
    ['a family house', FAMILY_HOUSE],
  ])('comes back as it was written: %s', (_name, home) => {
    const back = read(writeRoomsTable(home));
    expect(back.faults).toEqual([]);
    expect(shape(back.home)).toEqual(shape(home));
  });

  it('writes known fixtures anew where they stand, and adds what is new', () => {
    const { home } = juniperRow('2027-03-01');
    const text = writeRoomsTable(home).replace(/^(.*toilet-1-door)$/m, (line) =>
      line.replace(',door,1,', ',door,3,'),
    );
    const back = read(`${text}\r\nGround floor,Toilet,,,,,Shelf corner,no,shelf,2\r\n`, home);
    const toilet = roomsOf(back.home).find((room) => room.id === 'toilet')!;
    expect(back.faults).toEqual([]);
    expect(fixturesOf(toilet).find((fixture) => fixture.id === 'toilet-1-door')?.count).toBe(3);
    expect(toilet.stops.at(-1)).toMatchObject({
      name: 'Shelf corner',
      fixtures: [{ kind: 'shelf', count: 2 }],
    });
    expect(roomsOf(back.home).length).toBe(13);
  });

  it('takes names and other spellings, points and commas, and semicolons between', () => {
    const text =
      'floor;room;room_kind;room_length_m;stop;fixture;count\nGround;Den;Living room;4,5;Wall;Open shelves;2\n';
    const [room] = roomsOf(read(text).home);
    expect(room).toMatchObject({ name: 'Den', kind: 'living', lengthM: 4.5 });
    expect(fixturesOf(room!)[0]).toMatchObject({ kind: 'shelf', count: 2, fullness: 'half' });
  });

  const bad: [string, string, string][] = [
    ['a room of 0 m', 'G,Den,living,0,Wall,shelf', '"0" cannot be in the column room_length_m.'],
    ['a room of 900 m', 'G,Den,living,900,Wall,shelf', '"900" cannot be in the column room_length_m.'],
    ['10,000 windows', 'G,Den,living,4,Wall,window,10000', '"10000" cannot be in the column count.'],
    [
      'an unknown surface',
      'G,Den,living,4,Wall,window,1,unobtainium',
      'The catalogue knows no surface "unobtainium".',
    ],
    ['an unknown fixture', 'G,Den,living,4,Wall,dragon', 'The catalogue knows no fixture "dragon".'],
    [
      'an unknown kind of room',
      'G,Den,ballroom,4,Wall,shelf',
      'There is no kind of room "ballroom". Is “Bathroom” meant?',
    ],
    [
      'a formula for a number',
      'G,Den,living,4,Wall,shelf,=1+1',
      '"=1+1" cannot be in the column count. A formula is not worked out.',
    ],
    [
      'a date that is none',
      'G,Den,living,4,Wall,shelf,1,,normal,1,2027-02-30',
      '"2027-02-30" cannot be in the column last_done.',
    ],
    ['no floor', ',Den,living,4,Wall,shelf', 'No floor is named.'],
  ];
  it.each(bad)('lists %s by its line, and offers the rest', (_name, line, what) => {
    const found = read(`${HEAD}\nG,Hall,hall,4,Door,door\n\n${line}\nG,Hall,hall,4,Lamp,ceiling-light\n`);
    expect(found.faults).toEqual([{ line: 4, what }]);
    expect([roomsOf(found.home).length, found.fixtures]).toEqual([1, 2]);
  });

  it('counts lines through cells that hold a line break', () => {
    const { faults } = read(
      `${HEAD}\nG,Hall,hall,4,Door,door,1,,,,,"loose\nhinge"\nG,Hall,hall,4,Door,dragon\n`,
    );
    expect(faults.map((fault) => fault.line)).toEqual([4]);
  });

  it('says so where the columns are not named, or nothing is there', () => {
    expect(read('a,b\n1,2\n').faults).toEqual([
      { line: 1, what: 'The first line has to name the columns. Missing: floor, room, stop, fixture.' },
    ]);
    expect(read('').faults).toEqual([{ line: 1, what: 'The file is empty.' }]);
  });

  it('keeps what looks like a formula as text, and out of the hands of a spreadsheet', () => {
    const evil = '=HYPERLINK("http://x","y")';
    const home = read(`${HEAD}\nG,Hall,hall,4,Door,door,1,,,,,"=HYPERLINK(""http://x"",""y"")"\n`).home;
    expect(fixturesOf(roomsOf(home)[0]!)[0]?.mend).toBe(evil);
    const text = writeRoomsTable(home);
    expect(text).toContain(`"'=HYPERLINK(""http://x"",""y"")"`);
    expect(fixturesOf(roomsOf(read(text).home)[0]!)[0]?.mend).toBe(evil);
  });

  it('takes no more than a home may hold', () => {
    const { faults, fixtures } = read(writeRoomsTable(hugeHome(60, 5002)));
    expect(fixtures).toBe(5000);
    expect(faults.map((fault) => fault.what)).toEqual(Array(2).fill('A home holds at most 5000 fixtures.'));
    const full = hugeHome(60, 5000);
    expect(read(writeRoomsTable(full), full).faults).toEqual([]);
    expect(read(`${HEAD}\nG,Hall,hall,4,Door,door\n`, full).faults).toEqual([
      { line: 2, what: 'A home holds at most 5000 fixtures.' },
    ]);
  });

  it('holds no more than a household may, and says which lines are too much', () => {
    const floors = Array.from({ length: MOST.floors + 2 }, (_, i) => `Floor ${i},,,,,,,,,,,`).join('\n');
    const many = read(`${HEAD}\n${floors}`);
    expect(many.home.floors).toHaveLength(MOST.floors);
    expect(many.faults.map(({ what }) => what)).toEqual(
      Array(2).fill(`A home holds at most ${MOST.floors} floors.`),
    );
    const stops = Array.from({ length: MOST.stops + 1 }, (_, i) => `F,R,,,s${i},,,,,,,`).join('\n');
    const long = read(`${HEAD}\n${stops}`);
    expect(roomsOf(long.home)[0]?.stops).toHaveLength(MOST.stops);
    expect(long.faults).toHaveLength(1);
  });

  it('reads names without what breaks their lines', () => {
    const back = read(`${HEAD}\n"Ground\nfloor",Hall,,,Door,door,,,,,,\n`);
    expect(back.home.floors[0]?.name).toBe('Ground floor');
  });

  it.each(['constructor', '__proto__', 'toString'])('says that %s is no thing in a room', (word) => {
    expect(read(`${HEAD}\nG,Hall,,,Door,${word},,,,,,\n`).faults).toEqual([
      { line: 2, what: expect.stringContaining(`"${word}"`) },
    ]);
  });
});
