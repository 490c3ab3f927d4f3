import { duration } from '../words/words';

/** How far the search for a plan has come, as the server tells it. */
export type SearchProgress = {
  readonly seconds: number;
  readonly best?: { readonly cost: number; readonly leftOut: number };
};

/** What has been found so far, in one sentence; empty before anything is. */
export function searchWords({ best }: SearchProgress): string {
  if (!best) return '';
  const place =
    best.leftOut === 0 ? 'everything has its place' : `${duration(best.leftOut)} of work has no place yet`;
  return `So far: ${place}; its drawbacks are worth ${duration(best.cost)} of work.`;
}
