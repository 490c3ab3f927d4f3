import { duration } from '../words/words';

/** How far the search for a plan has come, as the server tells it. */
export type SearchProgress = {
  readonly seconds: number;
  readonly best?: { readonly cost: number; readonly leftOut: number };
};

/** From two hours on, whole hours will do. */
function roughly(minutes: number): string {
  return duration(minutes < 120 ? minutes : Math.round(minutes / 60) * 60);
}

/** What has been found so far, in one sentence; empty before anything is. */
export function searchWords({ best }: SearchProgress): string {
  if (!best) return '';
  const place = best.leftOut === 0 ? 'all has its place' : `${duration(best.leftOut)} of work has no place`;
  return `So far: ${place}; drawbacks worth ${roughly(best.cost)}.`;
}
