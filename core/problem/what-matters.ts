import type { Matter } from '../basics/choices';
import type { Clean } from '../clean/clean';
import type { Policy } from '../plan/problem';

/** What a household cares about most, as factors on the parts of a plan's cost; see docs/formats/plan.md. */
const WEIGHTS: Readonly<Record<Matter, Policy['weights']>> = {
  usual: undefined,
  tidy: { open: 3, apart: 3 },
  early: { late: 3 },
  'few-sessions': { sessions: 3 },
};

/** How the work is spread, and what counts for more than usual. Who wants to be done early spreads it so. */
export function spreadAndWeights({
  spread,
  matters,
}: Pick<Clean, 'spread' | 'matters'>): Pick<Policy, 'spread' | 'weights'> {
  const weights = WEIGHTS[matters];
  return { spread: matters === 'early' ? 'early' : spread, ...(weights && { weights }) };
}
