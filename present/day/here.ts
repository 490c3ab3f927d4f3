import { alongWalls } from '@/core/furnish/along-walls';
import type { Room, WayRound } from '@/core/home/room';
import { openStops } from '../walk/strip-model';
import { usualWidthM } from '../walk/usual-width';

/** A room in little, unrolled: its stops as parts of the walls, so that one sees at which of them something is done. */
export type RoomInLittle = {
  readonly stops: readonly string[];
  /** Metres of the walls, by stop. */
  readonly metres: readonly number[];
};

export function roomInLittle(room: Room, way: WayRound): RoomInLittle {
  const stops = openStops(room, way);
  const along = alongWalls(room, stops, usualWidthM);
  return {
    stops: stops.map(({ id }) => id),
    metres: along.map(({ share }) => Math.round(share * 10) / 10),
  };
}
