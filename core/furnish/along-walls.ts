import type { Room, Stop } from '../home/room';

/** Where the stops of a room lie along its walls, in metres from the middle of the door, clockwise. */

/** A stop takes up at least so much of the wall. */
const LEAST_M = 0.4;

export type AlongWall = {
  /** Metres of the wall that belong to the stop: its own width and its part of what is free between. */
  readonly share: number;
  /** The middle of these, from the door on. */
  readonly middle: number;
};

type Size = Pick<Room, 'lengthM' | 'widthM'>;

/** Metres that one of a kind usually takes up of the wall; undefined where it takes up none. */
export type UsualWidth = (kind: string) => number | undefined;

/** One a stop, in the order in which one comes to them; together as long as the walls are. */
export function alongWalls(room: Size, stops: readonly Stop[], usual: UsualWidth): AlongWall[] {
  const round = 2 * (room.lengthM + room.widthM);
  const widths = stops.map((stop) => widthOf(stop, usual));
  const taken = widths.reduce((sum, width) => sum + width, 0);
  const free = Math.max(0, round - taken) / Math.max(1, stops.length);
  // More than there is wall stands one in front of the other.
  const squeezed = Math.min(1, round / Math.max(taken, LEAST_M));
  const shares = widths.map((width) => width * squeezed + free);
  // The door is at nought.
  let from = -(shares[0] ?? 0) / 2;
  return shares.map((share) => {
    const middle = from + share / 2;
    from += share;
    return { share, middle: Math.max(0, middle) };
  });
}

/** As wide as the widest thing at it, beside each other where they are several. */
function widthOf({ fixtures }: Stop, usual: UsualWidth): number {
  const widths = fixtures.map(({ kind, size, count }) => (size.widthM ?? usual(kind) ?? 0) * count);
  return Math.max(LEAST_M, ...widths);
}
