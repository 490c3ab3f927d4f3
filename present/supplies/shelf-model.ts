import type { SupplyLine } from '@/core/supplies/shopping';
import { priceWords, supplyName } from './supply-words';

/** What stands on the shelf, ready to draw: as full as it is there of what is needed, with a price where some is to buy. */
export type OnShelf = {
  readonly words: string;
  readonly shape: 'bottle' | 'box';
  /** How much of what is needed is there, from nought to one. */
  readonly there: number;
  /** Of what is to buy; absent where it lasts. */
  readonly price: string | undefined;
  /** `half of it is there`. */
  readonly says: string;
};

/** All that the rest of the clean needs, what is to buy first. */
export function onShelf(lines: readonly SupplyLine[]): OnShelf[] {
  return lines
    .filter(({ needed }) => needed > 0)
    .map(({ name, kind, needed, have, packs, cents }): OnShelf => {
      const there = Math.min(1, have / needed);
      const isShort = packs > 0;
      return {
        words: supplyName(name),
        shape: kind === 'product' ? 'bottle' : 'box',
        there,
        price: isShort ? priceWords(cents) : undefined,
        says: isShort ? `${howMuch(there)}, to buy for ${priceWords(cents)}` : 'enough is there',
      };
    })
    .sort((a, b) => Number(b.price !== undefined) - Number(a.price !== undefined));
}

function howMuch(there: number): string {
  if (there === 0) return 'none there';
  return `${Math.max(1, Math.round(there * 100))} % of what is needed is there`;
}
