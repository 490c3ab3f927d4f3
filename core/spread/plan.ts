import { PRIORITIES } from '../basics/choices';
import { randomFrom } from '../basics/random';
import type { MadePlan, Plan } from '../plan/plan';
import type { Problem } from '../plan/problem';
import type { Draft } from './draft/draft';
import { compareScores, type Score } from './draft/tally';
import { modelOf } from './model/model';
import { keptDraft } from './replan';
import { bestOf, firstPlans, mostPromising } from './search/first-plans';
import { fillUp, type SearchOptions, search } from './search/search';
import { FEW_CLUSTERS, searchSoonest } from './search/soonest';
import { takeOver } from './search/taken-over';
import { documentOf } from './words/document';

/** The best plan so far: what it costs, the hands-on minutes that it leaves out, and all of it as it is at that moment. */
export type BestSoFar = {
  readonly cost: number;
  readonly leftOut: number;
  readonly document: () => MadePlan;
};

export type PlanOptions = {
  /** SHA-256 of the problem's bytes, lower-case hex. */
  readonly problemHash: string;
  readonly seed: number;
  /** A plan in force: what can stay of it is one of those that are bettered, so that the new one is no worse. */
  readonly before?: Plan;
  /** Asked between attempts: true ends the search, and the best plan so far is returned. */
  readonly stop: () => boolean;
  /** Told of each plan that is the best so far. */
  readonly report?: (best: BestSoFar) => void;
  /** The most rounds of bettering the best plan that was built. */
  readonly rounds?: number;
};

/** Rounds on a small plan before it is looked at to the minute. */
const ROUNDS_BEFORE = 20;

/** Rounds of bettering where nothing else ends them; the same seed then gives the same plan. */
const MOST_ROUNDS = 20_000;

/**
 * So many rounds may the most promising plan take to leave out no more than the best does; then it takes that over. Where
 * it costs far less than the best, it has some more turns.
 */
const CATCHING_UP = 100;
const MOST_TURNS = 6;
const FAR_LESS = 0.75;

/**
 * The best plan found for a problem that passed `problemFaults`.
 *
 * Builds a plan by each of a fixed list of recipes, goes on with the most promising, and betters it by placing parts of
 * it anew, drawn from the seed; the best is kept in the order of docs/formats/plan.md. Always returns a valid plan; what
 * can't be placed is in `unplaced`.
 */
export function plan(problem: Problem, options: PlanOptions): MadePlan {
  const { problemHash, seed, stop, before, rounds = MOST_ROUNDS } = options;
  const tell = telling(options);
  const searching = { random: randomFrom(seed), stop, rounds };
  const model = modelOf(problem);
  const drafts = firstPlans(model, { seed, stop, built: tell });
  if (before) drafts.push(keptDraft(model, before));
  if (problem.policy.spread !== 'soonest') return documentOf(bettered(drafts, searching, tell), problemHash);
  const draft = bestOf(drafts);
  const better = () => tell(draft);
  if (draft.movable.length > FEW_CLUSTERS) search(draft, { ...searching, better });
  else {
    search(draft, { ...searching, rounds: Math.min(rounds, ROUNDS_BEFORE), better });
    searchSoonest(draft, { ...searching, better });
    fillUp(draft);
  }
  return documentOf(draft, problemHash);
}

/** The most promising of some plans made better, with what the best of them has besides; where it still leaves out more, that one. */
function bettered(
  drafts: readonly [Draft, ...Draft[]],
  { rounds, ...searching }: Pick<SearchOptions, 'random' | 'stop' | 'rounds'>,
  tell: (draft: Draft) => void,
): Draft {
  const [safe, promising] = [bestOf(drafts), mostPromising(drafts)];
  let left = rounds;
  const betterFor = (draft: Draft, most: number) => {
    search(draft, { ...searching, rounds: Math.min(most, left), better: () => tell(draft) });
    left -= Math.min(most, left);
  };
  for (let turn = 0; turn < MOST_TURNS && (turn === 0 || isWorthMore(promising, safe)); turn++) {
    if (left === 0 || searching.stop()) break;
    betterFor(promising, CATCHING_UP);
    if (!leavesOutMore(promising, safe)) break;
    takeOver(promising, safe, searching.random);
    tell(promising);
  }
  const draft = leavesOutMore(promising, safe) ? safe : promising;
  betterFor(draft, left);
  return bestOf([draft, safe]);
}

/** Whether one that leaves out more is by far the better plan otherwise, so that it is worth going on with. */
function isWorthMore(promising: Draft, safe: Draft): boolean {
  return leavesOutMore(promising, safe) && costOf(promising) < FAR_LESS * costOf(safe);
}

function costOf({ tally }: Draft): number {
  return Object.values(tally.costs()).reduce((sum, cost) => sum + cost, 0);
}

function leavesOutMore(one: Draft, other: Draft): boolean {
  return compareScores(one.tally.score().slice(0, PRIORITIES.length), other.tally.score()) > 0;
}

/** Tells of each plan that is better than all before. */
function telling({ report, problemHash }: PlanOptions): (draft: Draft) => void {
  let best: Score | undefined;
  return (draft) => {
    const score = draft.tally.score();
    if (best && compareScores(score, best) >= 0) return;
    best = score;
    report?.({
      cost: costOf(draft),
      leftOut: score.slice(0, PRIORITIES.length).reduce((sum, minutes) => sum + minutes, 0),
      document: () => documentOf(draft, problemHash),
    });
  };
}
