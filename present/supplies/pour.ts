import type { Dose } from '@/core/catalogue/method';
import type { MixingCard } from '@/core/supplies/amounts';

/** One fill, ready to draw: how full the bucket or the bottle is, and how full the cap. */
export type Pour = {
  readonly vessel: MixingCard['vessel'];
  /** Parts of it that are filled, from nought to one. */
  readonly water: number;
  readonly dose: number;
  /** `4 l`, and `16 ml` of the product. */
  readonly waterWords: string;
  readonly doseWords: string;
  /** The largest line of the cap: `20 ml`. */
  readonly capWords: string;
};

type Poured = {
  readonly vessel: Pour['vessel'];
  readonly waterMl: number;
  readonly vesselMl: number;
  readonly amount: number;
  readonly unit: Dose['unit'];
  /** How an amount is written for the reader. */
  readonly say: (amount: number, unit: Dose['unit']) => string;
};

/** Sizes of caps and measures that people have. */
const CAPS = [5, 10, 20, 50, 100, 250, 500, 1000] as const;

export function pourOf({ vessel, waterMl, vesselMl, amount, unit, say }: Poured): Pour {
  const cap = CAPS.find((size) => size >= amount) ?? amount;
  return {
    vessel,
    water: Math.min(1, waterMl / vesselMl),
    dose: Math.min(1, amount / cap),
    waterWords: say(waterMl, 'ml'),
    doseWords: say(amount, unit),
    capWords: say(cap, unit),
  };
}
