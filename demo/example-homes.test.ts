import { describe, expect, it } from 'vitest';
import { CATALOGUE } from '../core/catalogue/catalogue';
import { type Fixture, fixturesOf, type Home, roomsOf } from '../core/home/room';
import { householdSchema } from '../core/household/household';
import { parseProblem } from '../core/plan/read-problem';
import { expand } from '../core/problem/expand';
import { listTasks } from '../core/work/tasks';
import { unrounded } from '../core/work/testing/unrounded';
import { workOf } from '../core/work/work';
import { homeNamed } from './dozen-homes';
import { FAMILY_HOUSE, householdAround, hugeHome, LARGE_OLD_HOUSE, ONE_ROOM_FLAT } from './example-homes';
import { juniperRow } from './juniper-row';

const demo = juniperRow('2027-03-01');
const HOMES: readonly (readonly [string, Home])[] = [
  ['the demo household', demo.home],
  ['a one-room flat', ONE_ROOM_FLAT],
  ['a family house', FAMILY_HOUSE],
  ['a large old house', LARGE_OLD_HOUSE],
  ['a flat that three share, greasy and full', homeNamed('three who share a flat').home],
  ['a cottage', homeNamed('birds and an asthmatic').home],
];

function hours(home: Home, ...rooms: string[]): number {
  const listed = listTasks(workOf(householdAround(home, demo), CATALOGUE));
  const tasks = listed.filter(({ scope }) => scope.in);
  return unrounded(rooms.length === 0 ? tasks : tasks.filter((task) => rooms.includes(task.room.id))) / 60;
}

/** A home in which everything of one room that holds belongings is full. */
function withFull(home: Home, id: string): Home {
  const full = (one: Fixture): Fixture => (one.fullness === 'empty' ? one : { ...one, fullness: 'full' });
  const floors = home.floors.map((floor) => ({
    ...floor,
    rooms: floor.rooms.map((room) =>
      room.id === id
        ? {
            ...room,
            stops: room.stops.map((stop) => ({ ...stop, fixtures: stop.fixtures.map(full) })),
          }
        : room,
    ),
  }));
  return { ...home, floors };
}

/** Hands-on hours of a whole deep clean, from practice, by kind of room: an average furnished one. */
const BANDS: Partial<Record<string, readonly [least: number, most: number]>> = {
  bathroom: [2, 3.5],
  shower: [2, 3.5],
  bedroom: [2.5, 4.5],
  guest: [2.5, 4.5],
  child: [2.5, 6],
  living: [3, 5],
  kitchen: [7, 14],
};

describe('the estimate is believable', () => {
  const rooms = HOMES.flatMap(([name, home]) =>
    roomsOf(home).flatMap((room) => {
      const band = BANDS[room.kind];
      return band ? [{ name, home, room: room.name, id: room.id, least: band[0], most: band[1] }] : [];
    }),
  );

  it.each(rooms)('for $room of $name: $least to $most hours', ({ home, id, least, most }) => {
    const found = hours(home, id);
    expect(found).toBeGreaterThanOrEqual(least);
    expect(found).toBeLessThanOrEqual(most);
  });

  it.each([FAMILY_HOUSE, LARGE_OLD_HOUSE])(
    'for a kitchen with all cupboards full: 10 hours and more',
    (home) => {
      expect(hours(withFull(home, 'kitchen'), 'kitchen')).toBeGreaterThanOrEqual(10);
    },
  );

  it.each([
    ['a family house', FAMILY_HOUSE, ['hall', 'stairs'], 1],
    ['a large old house', LARGE_OLD_HOUSE, ['hall', 'stairs'], 1],
    // Two flights from the ground to the second floor.
    ['the demo household', demo.home, ['hall', 'landing'], 2],
  ] as const)('for hall and stairs of %s: 2 to 3 hours a flight', (_name, home, ids, flights) => {
    const found = hours(home, ...ids) / flights;
    expect(found).toBeGreaterThanOrEqual(2);
    expect(found).toBeLessThanOrEqual(3);
  });

  it.each([
    ['the demo household', demo.home],
    ['a family house', FAMILY_HOUSE],
    ['a large old house', LARGE_OLD_HOUSE],
  ] as const)('for the whole of %s: 30 to 50 hours', (_name, home) => {
    expect(hours(home)).toBeGreaterThanOrEqual(30);
    expect(hours(home)).toBeLessThanOrEqual(50);
  });
});

describe('made-up homes', () => {
  it.each(HOMES)('%s is a household whose problem has no fault', (_name, home) => {
    const household = householdAround(home, demo);
    expect(householdSchema.parse(household)).toEqual(household);
    expect(parseProblem(JSON.stringify(expand(household, CATALOGUE)))).toMatchObject({ ok: true });
  });

  it('can be as large as asked for', () => {
    const rooms = roomsOf(hugeHome(60, 1500));
    expect([rooms.length, rooms.flatMap(fixturesOf).length]).toEqual([60, 1500]);
  });
});
