import { describe, expect, it } from 'vitest';
import { juniperRow } from '../../demo/juniper-row';
import { CATALOGUE } from '../catalogue/catalogue';
import type { Plan } from '../plan/plan';
import type { Problem } from '../plan/problem';
import { expand } from '../problem/expand';
import { checkPlan, describeViolation } from './check/check';
import { exampleProblem, FEATURES } from './examples/problems';
import { plan } from './plan';

const HASH = '0'.repeat(64);
const planAfter = (problem: Problem, rounds: number, stop = () => false): Plan =>
  plan(problem, { problemHash: HASH, seed: 3, rounds, stop });
const early = (problem: Problem): Problem => ({ ...problem, policy: { ...problem.policy, spread: 'early' } });
const missing = ({ metrics }: Plan) => [
  metrics.unplaced.must,
  metrics.unplaced.should,
  metrics.unplaced.could,
];

describe('bettering a plan', () => {
  const juniper = early(expand(juniperRow('2027-03-01'), CATALOGUE));

  it('brings the finish of the example home days nearer, and breaks no rule', () => {
    const [built, bettered] = [planAfter(juniper, 0), planAfter(juniper, 300)];
    const [was, is] = [built, bettered].map(({ metrics }) => metrics.finish?.slice(0, 10) ?? '');
    expect(is! < was!, `${is} before ${was}`).toBe(true);
    expect(missing(bettered)).toEqual([0, 0, 0]);
    expect(checkPlan(juniper, bettered, HASH).map(describeViolation)).toEqual([]);
  });

  it('never makes a plan worse, whatever the problem', () => {
    for (let seed = 1; seed <= 40; seed++) {
      const problem = early(exampleProblem(seed, FEATURES));
      const [built, bettered] = [planAfter(problem, 0), planAfter(problem, 60)];
      const standing = (made: Plan) =>
        [
          ...missing(made).map((minutes) => String(minutes).padStart(9, '0')),
          made.metrics.finish ?? '',
        ].join();
      expect(standing(bettered) <= standing(built), `seed ${seed}`).toBe(true);
      expect(checkPlan(problem, bettered, HASH).map(describeViolation), `seed ${seed}`).toEqual([]);
    }
  });

  it('can be stopped at any round, and is valid there', () => {
    for (const asked of [1, 5, 9, 20, 33]) {
      let left = asked;
      const made = planAfter(juniper, 400, () => left-- <= 0);
      expect(checkPlan(juniper, made, HASH).map(describeViolation)).toEqual([]);
    }
  });
});
