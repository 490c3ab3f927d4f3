import { type Second, secondOf } from '@/core/day/seconds';

/** The wall clock of the home, told by a phone: what it showed once, and what the phone's clock showed then. */
export type WallClock = { readonly wall: Second; readonly device: number };

/** Set by the server's time, whatever the phone's clock shows. */
export function setClock(now: string, device: number): WallClock {
  return { wall: secondOf(now), device };
}

export function readClock({ wall, device }: WallClock, at: number): Second {
  return wall + Math.max(0, Math.floor((at - device) / 1000));
}
