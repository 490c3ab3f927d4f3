import type { Fixture, Height, Room, Stop, WayRound } from '@/core/home/room';
import { HEIGHTS } from '@/core/home/room';
import { stopsInOrder } from '@/core/home/way-round';

/** The unrolled room as rows and columns: one column a stop, one row a height, the room itself as bands across. */

export type Wall = { readonly name: string; readonly stops: number };

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
 * left of the door's wall. Stops are taken as evenly spaced along the walk.
 */
export function wallsOf(room: Pick<Room, 'lengthM' | 'widthM'>, stops: number): Wall[] {
  if (stops === 0) return [];
  const lengths = [
    ['Door wall', room.widthM / 2],
    ['Left wall', room.lengthM],
    ['Far wall', room.widthM],
    ['Right wall', room.lengthM],
    ['Door wall again', room.widthM / 2],
  ] as const;
  const round = 2 * (room.lengthM + room.widthM);
  const counts = lengths.map(() => 0);
  for (let i = 0; i < stops; i++) {
    let along = (i / stops) * round;
    const wall = lengths.findIndex(([, length]) => {
      if (along < length) return true;
      along -= length;
      return false;
    });
    counts[Math.max(0, wall)] = (counts[Math.max(0, wall)] ?? 0) + 1;
  }
  return lengths.map(([name], i) => ({ name, stops: counts[i] ?? 0 })).filter((wall) => wall.stops > 0);
}
