import type { FixtureKindName } from '../core/catalogue/fixture-kinds';
import { newFixture } from '../core/furnish/fixture';
import { oftenMissing, usualStops } from '../core/furnish/templates';
import { NO_FACTS } from '../core/home/no-facts';
import {
  type Fixture,
  type Home,
  type Room,
  type RoomKind,
  type RoomSize,
  roomSizes,
  USUAL_HEIGHT_M,
} from '../core/home/room';
import type { Household } from '../core/household/household';

/** Made-up homes, from what rooms of their kinds usually hold, to hold estimates and speed against. */

type Furnishing = {
  readonly size?: RoomSize;
  /** What is there beyond the usual, at the last stop. */
  readonly also?: readonly FixtureKindName[];
  readonly all?: Partial<Pick<Fixture, 'soil' | 'fullness'>>;
};

export function usualRoom(id: string, name: string, kind: RoomKind, furnishing: Furnishing = {}): Room {
  const [lengthM, widthM] = roomSizes(kind)[furnishing.size ?? 'middle'];
  const { also = [], all = {} } = furnishing;
  const stops = usualStops({ id, kind }).map((stop, i, list) => {
    const more = i === list.length - 1 ? also.map((extra) => newFixture(`${id}-${extra}`, extra)) : [];
    return { ...stop, fixtures: [...stop.fixtures, ...more].map((fixture) => worse(fixture, all)) };
  });
  return {
    id,
    name,
    kind,
    lengthM,
    widthM,
    heightM: USUAL_HEIGHT_M,
    ventilation: 'window',
    opensTo: [],
    stops,
  };
}

/** Only what holds belongings can be full of them. */
function worse(fixture: Fixture, { soil, fullness }: NonNullable<Furnishing['all']>): Fixture {
  return {
    ...fixture,
    ...(soil && { soil }),
    ...(fullness && fixture.fullness !== 'empty' && { fullness }),
  };
}

export function home(floors: Readonly<Record<string, readonly Room[]>>): Home {
  return {
    floors: Object.entries(floors).map(([name, rooms], i) => ({ id: `floor-${i}`, name, rooms: [...rooms] })),
    wayRound: 'clockwise',
    facts: NO_FACTS,
  };
}

/** One room to live, sleep and cook in, a shower room and an entry. */
export const ONE_ROOM_FLAT: Home = home({
  'Third floor': [
    usualRoom('entry', 'Entry', 'hall', { size: 'small' }),
    usualRoom('room', 'The room', 'bedroom', {
      size: 'large',
      also: ['upholstery', 'books', 'screens'],
      // Whoever lives in one room keeps little.
      all: { fullness: 'sparse' },
    }),
    usualRoom('kitchenette', 'Kitchenette', 'kitchen', { size: 'small' }),
    usualRoom('shower', 'Shower room', 'shower', { size: 'small' }),
  ],
});

/** Three bedrooms, two of them children's. */
export const FAMILY_HOUSE: Home = home({
  'Ground floor': [
    usualRoom('hall', 'Hall', 'hall', { also: ['radiator', 'picture'] }),
    usualRoom('living', 'Living room', 'living', { also: ['cushions', 'wood-furniture'] }),
    usualRoom('kitchen', 'Kitchen', 'kitchen', { also: ['small-appliance', 'table', 'under-sink'] }),
    usualRoom('toilet', 'Toilet', 'toilet'),
    usualRoom('laundry', 'Laundry', 'laundry'),
  ],
  'First floor': [
    usualRoom('stairs', 'Stairs', 'stairs'),
    usualRoom('parents', 'Bedroom', 'bedroom', { also: ['bedside', 'picture'] }),
    usualRoom('first-child', 'First child', 'child', { all: { fullness: 'full' } }),
    usualRoom('second-child', 'Second child', 'child', { all: { fullness: 'full' } }),
    usualRoom('bathroom', 'Bathroom', 'bathroom', { also: ['window'] }),
  ],
  Outside: [usualRoom('terrace', 'Terrace', 'terrace')],
});

/** Large, old, and not deep cleaned for long. */
export const LARGE_OLD_HOUSE: Home = {
  ...home({
    Cellar: [usualRoom('cellar', 'Cellar', 'cellar', { size: 'large', all: { fullness: 'full' } })],
    'Ground floor': [
      usualRoom('hall', 'Hall', 'hall', { also: ['radiator', 'picture'] }),
      usualRoom('living', 'Living room', 'living', { size: 'large', also: ['ornaments', 'curtain-rail'] }),
      usualRoom('dining', 'Dining room', 'dining', { size: 'large' }),
      usualRoom('kitchen', 'Kitchen', 'kitchen', {
        size: 'large',
        also: ['small-appliance', 'table', 'under-sink', 'pantry-shelves'],
        all: { fullness: 'full' },
      }),
      usualRoom('toilet', 'Toilet', 'toilet'),
    ],
    'First floor': [
      usualRoom('stairs', 'Stairs', 'stairs'),
      usualRoom('bedroom', 'Bedroom', 'bedroom', {
        size: 'large',
        also: ['bedside', 'headboard', 'picture'],
      }),
      usualRoom('guest', 'Guest room', 'guest'),
      usualRoom('teenager', 'Teenager’s room', 'child', { all: { fullness: 'crammed' } }),
      usualRoom('study', 'Study', 'study', { also: ['paperwork'] }),
      usualRoom('bathroom', 'Bathroom', 'bathroom', { size: 'large', also: ['window', 'towel-rail'] }),
    ],
    Loft: [usualRoom('loft', 'Loft', 'loft', { size: 'large', all: { fullness: 'full' } })],
  }),
  facts: { ...NO_FACTS, builtYear: 1890 },
};

const ROUND: readonly RoomKind[] = [
  'bedroom',
  'living',
  'kitchen',
  'bathroom',
  'child',
  'study',
  'hall',
  'dining',
];

/** A home as large as asked for: rooms of all kinds, filled up with what is often in them. */
export function hugeHome(rooms: number, fixtures: number): Home {
  const made = Array.from({ length: rooms }, (_, i) =>
    usualRoom(`room-${i}`, `Room ${i + 1}`, ROUND[i % ROUND.length] as RoomKind),
  );
  let missing =
    fixtures -
    made.reduce((sum, room) => sum + room.stops.reduce((n, stop) => n + stop.fixtures.length, 0), 0);
  let turn = 0;
  while (missing > 0) {
    const room = made[turn % rooms] as Room;
    const kinds = oftenMissing(room);
    const kind = kinds[0] ?? 'picture';
    const last = room.stops[room.stops.length - 1] as Room['stops'][number];
    last.fixtures.push(newFixture(`${room.id}-more-${turn}`, kind));
    turn += 1;
    missing -= 1;
  }
  const perFloor = Math.ceil(rooms / 4);
  return home(
    Object.fromEntries(
      [0, 1, 2, 3].map((floor) => [`Floor ${floor}`, made.slice(floor * perFloor, (floor + 1) * perFloor)]),
    ),
  );
}

/** A household around a home, with a clean but nobody in it yet. */
export function householdAround(around: Home, demo: Household): Household {
  return { ...demo, name: 'Made up', home: around, ticks: [], marks: [], plans: [] };
}
