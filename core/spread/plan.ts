import { randomFrom } from '../basics/random';
import type { MadePlan } from '../plan/plan';
import type { Problem } from '../plan/problem';
import { documentOf } from './document';
import type { Draft } from './draft';
import { bestFirst } from './first-plans';
import { modelOf } from './model';
import { fillUp, search } from './search';
import { FEW_CLUSTERS, searchSoonest } from './soonest';

export type PlanOptions = {
  /** SHA-256 of the problem's bytes, lower-case hex. */
  readonly problemHash: string;
  readonly seed: number;
  /** Asked between attempts: true ends the search, and the best plan so far is returned. */
  readonly stop: () => boolean;
  /** Told of each plan that is the best so far, which can be had at that moment. */
  readonly report?: (best: () => MadePlan) => void;
  /** The most rounds of bettering the best plan that was built. */
  readonly rounds?: number;
};

/** Rounds on a small plan before it is looked at to the minute. */
const ROUNDS_BEFORE = 20;

/** Rounds of bettering where nothing else ends them; the same seed then gives the same plan. */
const MOST_ROUNDS = 20_000;

/**
 * The best plan found for a problem that passed `problemFaults`.
 *
 * Builds a plan by each of a fixed list of recipes, keeps the best in the order of docs/formats/plan.md, and betters it
 * by placing parts of it anew, drawn from the seed. Always returns a valid plan; what can't be placed is in `unplaced`.
 */
export function plan(problem: Problem, options: PlanOptions): MadePlan {
  const { problemHash, seed, stop, report, rounds = MOST_ROUNDS } = options;
  const told = (draft: Draft) => report?.(() => documentOf(draft, problemHash));
  const draft = bestFirst(modelOf(problem), { seed, stop, better: told });
  const random = randomFrom(seed);
  const searching = { random, stop, rounds, better: () => told(draft) };
  if (draft.movable.length > FEW_CLUSTERS || problem.policy.spread !== 'soonest') search(draft, searching);
  else {
    search(draft, { ...searching, rounds: Math.min(rounds, ROUNDS_BEFORE) });
    searchSoonest(draft, searching);
    fillUp(draft);
  }
  return documentOf(draft, problemHash);
}
