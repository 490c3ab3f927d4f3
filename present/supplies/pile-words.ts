import type { Leaving, PileId } from '@/core/clean/leaving';
import { PILES, type Pile } from '@/core/clean/names';
import { isLeaving } from '@/core/clean/piles';

/** The piles to which things go, by their names. */

const PILE_WORDS: Record<Pile, string> = {
  stays: 'Stays',
  elsewhere: 'Elsewhere',
  give: 'Give',
  sell: 'Sell',
  mend: 'Mend',
  recycle: 'Recycle',
  bin: 'Bin',
};

export type NamedPile = { readonly id: PileId; readonly name: string; readonly leaves: boolean };

/** Every pile of a household, those that ship first. */
export function pilesOf({ piles }: Pick<Leaving, 'piles'>): NamedPile[] {
  return [
    ...PILES.map((id) => ({ id, name: PILE_WORDS[id], leaves: isLeaving(id, piles) })),
    ...piles.map(({ id, name, leaves }) => ({ id, name, leaves })),
  ];
}
