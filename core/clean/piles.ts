import type { DropOff, Leaving, OwnPile, PileId } from './leaving';
import type { Pile } from './names';

/** What piles are for; apart from what they have to look like, so that a page need not bring that along. */

/** Piles that are carried out of the house on a trip. */
export const LEAVING: readonly Pile[] = ['give', 'sell', 'recycle', 'bin'];

export const NOTHING_LEAVING: Leaving = { piles: [], places: [], homes: [] };

/** Whether a pile is carried out of the house. */
export function isLeaving(pile: PileId, own: readonly OwnPile[]): boolean {
  return (LEAVING as readonly string[]).includes(pile) || own.some(({ id, leaves }) => id === pile && leaves);
}

/** Whether a place takes any of some piles; one that names none takes all that leave. */
export function takesAny({ takes }: Pick<DropOff, 'takes'>, piles: readonly PileId[]): boolean {
  return takes.length === 0 || piles.length === 0 || piles.some((pile) => takes.includes(pile));
}
