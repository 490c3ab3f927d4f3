import { randomFrom } from '../../basics/random';

/** Draws from a seed, in the forms that generated problems need. */
export type Draw = {
  readonly chance: (p: number) => boolean;
  /** A whole number from `low` to `high`, both included. */
  readonly from: (low: number, high: number) => number;
  readonly one: <T>(items: readonly T[]) => T;
};

export function drawFrom(seed: number): Draw {
  const random = randomFrom(seed);
  return {
    chance: (p) => random() < p,
    from: (low, high) => low + Math.floor(random() * (high - low + 1)),
    one: (items) => items[Math.floor(random() * items.length)] as never,
  };
}
