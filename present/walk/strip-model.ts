import type { AlongWall } from '@/core/furnish/along-walls';
import type { Fixture, Height, Room, Stop, WayRound } from '@/core/home/room';
import { HEIGHTS } from '@/core/home/room';
import { stopsInOrder } from '@/core/home/way-round';

/** The unrolled room as rows and columns: one column a stop, one row a height, the room itself as bands across. */

type Size = Pick<Room, 'lengthM' | 'widthM'>;

export type Wall = { readonly name: string; readonly lengthM: number; readonly stops: number };

/** The stops that stand somewhere on the walls, in the order of the way round. */
export function openStops(room: Room, way: WayRound): Stop[] {
  return stopsInOrder(room, way).filter((stop) => !stop.shell);
}

export function bandsAt(room: Room, height: Height): Fixture[] {
  return room.stops
    .filter((stop) => stop.shell)
    .flatMap((stop) => stop.fixtures.filter((fixture) => fixture.height === height));
}

export function fixturesAt(stop: Stop, height: Height): Fixture[] {
  return stop.fixtures.filter((fixture) => fixture.height === height);
}

/** Everything in a room along the walk, what is all round at the end, each with its stop. */
export function inTurn(room: Room, stops: readonly Stop[]): { fixture: Fixture; stop: Stop }[] {
  return [...stops, ...room.stops.filter((stop) => stop.shell)].flatMap((stop) =>
    stop.fixtures.map((fixture) => ({ fixture, stop })),
  );
}

/** Rows that are drawn: those that hold something, and always ceiling, middle and floor. */
export function rowsOf(room: Room): Height[] {
  const always: readonly Height[] = ['ceiling', 'middle', 'floor'];
  return HEIGHTS.filter(
    (height) =>
      always.includes(height) ||
      room.stops.some((stop) => stop.fixtures.some((fixture) => fixture.height === height)),
  );
}

/**
 * The four walls over the columns, clockwise from the door: half of the door's wall, left, far, right, and what is
 * left of the door's wall.
 */
export function wallsOf({ lengthM, widthM }: Size, along: readonly AlongWall[]): Wall[] {
  const lengths = [
    ['Door wall', widthM / 2],
    ['Left wall', lengthM],
    ['Far wall', widthM],
    ['Right wall', lengthM],
    ['Door wall again', widthM / 2],
  ] as const;
  const counts = lengths.map(() => 0);
  for (const { middle } of along) {
    let left = middle;
    const wall = lengths.findIndex(([, length]) => {
      if (left < length) return true;
      left -= length;
      return false;
    });
    counts[Math.max(0, wall)] = (counts[Math.max(0, wall)] ?? 0) + 1;
  }
  return lengths
    .map(([name, length], i) => ({
      name,
      // The wall of the door is named twice, and is as long as it is.
      lengthM: name.startsWith('Door') ? widthM : length,
      stops: counts[i] ?? 0,
    }))
    .filter((wall) => wall.stops > 0);
}

/** The stops with which a wall begins: the corners of the room. */
export function cornersOf(walls: readonly Wall[], stops: readonly Stop[]): ReadonlySet<string> {
  let at = 0;
  const corners = walls.map((wall) => {
    const id = stops[at]?.id;
    at += wall.stops;
    return id;
  });
  return new Set(corners.filter((id) => id !== undefined));
}

/** What opens a wall: one sees or goes through it. */
const OPENINGS: Readonly<Record<string, 'window' | 'door'>> = {
  window: 'window',
  door: 'door',
  'front-door': 'door',
};

export function openingOf({ kind }: Fixture): 'window' | 'door' | undefined {
  return OPENINGS[kind];
}
