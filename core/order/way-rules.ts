import type { HouseholdRules, OrderRule, Selector } from '../clean/rule';
import { type Home, type Room, roomsOf } from '../home/room';
import { stopsInOrder } from '../home/way-round';
import { FLOORS } from './rules';

/** What follows for the order from how a household goes through its rooms: more rules, and some that don't hold there. */

type Ways = HouseholdRules['ways'];

/** Work at the walls: what hangs above it is done all round before, the floor after it. */
const AT_THE_WALLS = { from: 2, to: 7 } as const;
const BANDS = [{ from: 0, to: 1 }, AT_THE_WALLS, { from: 8, to: 9 }] as const;

/** Rules of which a room that begins with its floor is taken out. */
const FLOOR_LAST = ['floor-last'];

/** The rules that ship, as far as they hold in rooms that are gone through in another way. */
export function inTheirWay(rules: readonly OrderRule[], ways: Ways): OrderRule[] {
  const floorFirst = roomsWith(ways, 'floor-first');
  if (floorFirst.length === 0) return [...rules];
  return rules.map((rule) =>
    FLOOR_LAST.includes(rule.id) ? { ...rule, after: { ...rule.after, notInRooms: floorFirst } } : rule,
  );
}

/** The rules that come of it, wishes all. */
export function wayRules(ways: Ways, home: Home): OrderRule[] {
  const rooms = roomsOf(home);
  const known = ways.filter(({ room }) => rooms.some(({ id }) => id === room));
  return [
    ...rooms
      .filter(({ id }) => roomsWith(known, 'sections').includes(id))
      .flatMap((room) => sections(room, home)),
    ...floorFirst(roomsWith(known, 'floor-first')),
    ...together(roomsWith(known, 'together')),
  ];
}

function roomsWith(ways: Ways, wanted: Ways[number]['way']): string[] {
  return ways.filter(({ way }) => way === wanted).map(({ room }) => room);
}

/** Each stop along the walls before the one after it. */
function sections(room: Room, { wayRound }: Home): OrderRule[] {
  const stops = stopsInOrder(room, wayRound).filter(({ shell, fixtures }) => !shell && fixtures.length > 0);
  return stops.slice(1).map((stop, i) =>
    wish(`section-${i + 1}-${room.id}`, {
      name: 'section by section',
      // What soaks or dries meanwhile holds nothing up.
      before: { stops: [stops[i]?.id as string], layers: AT_THE_WALLS, first: true },
      after: { stops: [stop.id], layers: AT_THE_WALLS },
      within: 'room',
      reason: 'This room is done section by section, each from top to bottom.',
      minutes: 6,
      cost: 'One goes back to a section that was done.',
    }),
  );
}

function floorFirst(rooms: readonly string[]): OrderRule[] {
  if (rooms.length === 0) return [];
  return [
    wish('floor-first', {
      name: 'floors first',
      before: { methods: [...FLOORS, 'floor-mop'], inRooms: [...rooms] },
      after: { layers: { from: 0, to: 7 } },
      within: 'room',
      reason: 'The floor is done first here, as you wish.',
      minutes: 10,
      cost: 'The floor is done while other work has begun.',
    }),
  ];
}

/** All the high work of these rooms, then all at the walls, then the floors. */
function together(rooms: readonly string[]): OrderRule[] {
  if (rooms.length < 2) return [];
  return BANDS.slice(1).map((layers, i) =>
    wish(`together-${i + 1}`, {
      name: 'these rooms layer by layer',
      before: { inRooms: [...rooms], layers: BANDS[i] as Selector['layers'], first: true },
      after: { inRooms: [...rooms], layers },
      within: 'house',
      reason: 'These rooms are done together, layer by layer.',
      minutes: 4,
      cost: 'The ladder or the cloth is fetched once more.',
    }),
  );
}

function wish(id: string, rule: Omit<OrderRule, 'id' | 'hard' | 'orderOnly'>): OrderRule {
  return { id, hard: false, orderOnly: true, ...rule };
}
