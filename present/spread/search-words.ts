import { count, duration } from '../words/words';

/** How far the search for a plan has come, as the server tells it. */
export type SearchProgress = {
  readonly seconds: number;
  readonly best?: { readonly cost: number; readonly leftOut: number };
  /** Others who have their turn before, as long as it waits. */
  readonly before?: number;
};

/** From two hours on, whole hours will do. */
function roughly(minutes: number): string {
  return duration(minutes < 120 ? minutes : Math.round(minutes / 60) * 60);
}

/** What has been found so far, in one sentence; empty before anything is. */
export function searchWords({ best, before }: SearchProgress): string {
  if (before === 0) return 'Others are planning just now; yours is next.';
  if (before !== undefined)
    return `Others are planning just now; ${count(before, 'home', 'homes')} before yours.`;
  if (!best) return '';
  const place = best.leftOut === 0 ? 'all has its place' : `${duration(best.leftOut)} of work has no place`;
  return `So far: ${place}; drawbacks worth ${roughly(best.cost)}.`;
}
