import type { Matter } from '../basics/choices';
import type { Clean } from '../clean/clean';
import { type CostPart, MOST_WEIGHT } from '../plan/costs';
import type { Policy } from '../plan/problem';

type Weights = Readonly<Partial<Record<CostPart, number>>>;

/** What a household cares about most, as factors on the parts of a plan's cost; see docs/formats/plan.md. */
const MATTERS: Readonly<Record<Matter, Weights>> = {
  usual: {},
  tidy: { open: 3, apart: 3 },
  early: { late: 3 },
  'few-sessions': { sessions: 6 },
};

/** What the work goes by shows: how much more than usual it counts that few rooms are open, or that like is done with like. */
const SCHOOLS: Readonly<Record<Policy['grouping'], Weights>> = {
  room: { open: 3 },
  kind: { scatter: 6, slivers: 4 },
  layer: { scatter: 7, slivers: 4 },
  none: {},
};

/** How many rooms may stand open of a night, where the household says nothing else: one after the other is one at a time. */
export const OPEN_ROOMS: Readonly<Record<Policy['grouping'], number>> = {
  room: 1,
  kind: 4,
  layer: 4,
  none: 4,
};

/** How the work is spread, and what counts for more than usual. Who wants to be done early spreads it so. */
export function spreadAndWeights({
  spread,
  matters,
  grouping,
}: Pick<Clean, 'spread' | 'matters' | 'grouping'>): Pick<Policy, 'spread' | 'weights'> {
  const weights = product(MATTERS[matters], SCHOOLS[grouping]);
  return {
    spread: matters === 'early' ? 'early' : spread,
    ...(Object.keys(weights).length > 0 && { weights }),
  };
}

function product(one: Weights, other: Weights): Weights {
  const names = Object.keys({ ...one, ...other }) as CostPart[];
  return Object.fromEntries(
    names.map((name) => [name, Math.min(MOST_WEIGHT, (one[name] ?? 1) * (other[name] ?? 1))]),
  );
}
