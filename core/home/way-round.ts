import type { Room, Stop } from './room-schema';
import type { WayRound } from './scales';

/**
 * The ways round a room. Stops are kept clockwise from the door, which is in the middle of its wall, and are taken as
 * evenly spaced along the four walls. Seen from above with the door below: x runs to the right, y away from the door.
 */

type Spot = { readonly stop: Stop; readonly along: number; readonly x: number; readonly y: number };

/** One row a way: what to sort by, first things first. */
const WAYS: Record<WayRound, (spot: Spot, room: Room) => readonly number[]> = {
  clockwise: ({ along }) => [along],
  'left-to-right': ({ along, x }) => [x, along],
  'right-to-left': ({ along, x }) => [-x, -along],
  // Along one side, across the far end, back on the other side; the wall of the door last.
  u: ({ along, x, y }, room) => (y > 0 ? [0, along] : [1, Math.abs(x - room.widthM / 2), along]),
};

/** Stops in the order in which one comes to them; the room itself stays first. */
export function stopsInOrder(room: Room, way: WayRound): Stop[] {
  if (way === 'clockwise') return room.stops;
  const shell = room.stops.filter((stop) => stop.shell);
  const spots = spotsOf(room).map((spot) => ({ spot, by: WAYS[way](spot, room) }));
  spots.sort((a, b) => compare(a.by, b.by));
  return [...shell, ...spots.map(({ spot }) => spot.stop)];
}

function spotsOf(room: Room): Spot[] {
  const open = room.stops.filter((stop) => !stop.shell);
  const round = 2 * (room.lengthM + room.widthM);
  return open.map((stop, i) => ({ stop, along: i, ...pointAt(room, (i / open.length) * round) }));
}

/** Where on the walls a point is that lies so many metres clockwise from the door. */
function pointAt({ lengthM, widthM }: Room, metres: number): { x: number; y: number } {
  const half = widthM / 2;
  if (metres < half) return { x: half - metres, y: 0 };
  if (metres < half + lengthM) return { x: 0, y: metres - half };
  if (metres < half + lengthM + widthM) return { x: metres - half - lengthM, y: lengthM };
  if (metres < half + 2 * lengthM + widthM)
    return { x: widthM, y: lengthM - (metres - half - lengthM - widthM) };
  return { x: 2 * (lengthM + widthM) - metres + half, y: 0 };
}

function compare(a: readonly number[], b: readonly number[]): number {
  const at = a.findIndex((value, i) => value !== b[i]);
  return at < 0 ? 0 : (a[at] as number) - (b[at] as number);
}
