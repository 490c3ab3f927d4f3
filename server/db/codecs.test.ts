import { describe, expect, it } from 'vitest';
import { fixturesOf, roomsOf } from '../../core/home/room';
import { windowSpray } from '../../demo/changes';
import { juniperRow } from '../../demo/juniper-row';
import type { Codec } from './codec';
import { CLEANS, FIXTURES, FLOORS, MACHINES, MEMBERS, ROOMS, STOPS, TICKS } from './codecs';
import { catalogueOf, methodRows } from './method-rows';
import type { Row } from './scope';
import { settingRows, settingsOf } from './settings';

const { home, people, machines, clean, ...held } = juniperRow('2027-03-01');
const rooms = roomsOf(home);

/** What the database gives back of a row: yes and no as numbers. */
function asStored(row: Row): Row {
  return Object.fromEntries(
    Object.entries(row).map(([column, value]) => [
      column,
      typeof value === 'boolean' ? Number(value) : value,
    ]),
  );
}

function there<Value>(codec: Codec<Value>, values: readonly Value[]): Value[] {
  return values.map((value) => codec.ofRow(asStored(codec.toRow(value))));
}

describe('a table', () => {
  it('gives back what was written into it, field for field', () => {
    const floors = home.floors.map(({ rooms: _rooms, ...floor }) => floor);
    const bare = rooms.map(({ stops: _stops, ...room }) => room);
    const stops = rooms.flatMap((room) => room.stops.map(({ fixtures: _fixtures, ...stop }) => stop));
    const [fixture] = fixturesOf(rooms[0]!);
    const fixtures = [
      ...rooms.flatMap(fixturesOf),
      { ...fixture!, leave: true, lastDone: '2026-10-01', mend: 'A loose tile', surface: 'tile' },
    ];
    expect(there(FLOORS, floors)).toEqual(floors);
    expect(there(ROOMS, bare)).toEqual(bare);
    expect(there(STOPS, stops)).toEqual(stops);
    expect(there(FIXTURES, fixtures)).toEqual(fixtures);
    expect(there(MEMBERS, people)).toEqual(people);
    expect(there(MACHINES, machines)).toEqual(machines);
    expect(there(CLEANS, [clean])).toEqual([clean]);
    const ticks = [
      { step: 'a:b/c', at: '2027-03-01T17:00' },
      { step: 'a:b/d', at: '2027-03-01T17:05', seconds: 90, person: 'mira' },
    ];
    expect(there(TICKS, ticks)).toEqual(ticks);
  });

  it('does not hand on what is not what the schema says', () => {
    const row = FIXTURES.toRow(fixturesOf(rooms[0]!)[0]!);
    expect(() => FIXTURES.ofRow({ ...row, soil: 'moon dust' })).toThrow();
    expect(() => FIXTURES.ofRow({ ...row, count: null })).toThrow();
  });

  it('keeps settings and methods that were changed, and has defaults for what was never said', () => {
    const valued = (rows: ReadonlyMap<string, Row>) => [...rows.values()] as { id: string; value: string }[];
    const { facts, wayRound } = home;
    const { units, rules, supplies, leaving, calls, almanac, steering, weather, forecastSeed } = held;
    const settings = {
      units,
      rules,
      supplies,
      leaving,
      calls,
      almanac,
      steering,
      weather,
      home: { facts, wayRound },
    };
    const drawn = { ...settings, ...(forecastSeed !== undefined && { forecastSeed }) };
    expect(settingsOf(valued(settingRows(drawn)))).toEqual(drawn);
    expect(settingsOf([])).toMatchObject({ units: 'metric', calls: [], home: { wayRound: 'clockwise' } });
    const catalogue = {
      changed: { 'door-wash': { steps: {}, hardness: 2 } },
      off: ['door-wash', 'oven-clean'],
      own: [],
      products: [windowSpray],
    };
    expect(catalogueOf(valued(methodRows(catalogue)))).toEqual(catalogue);
  });
});
