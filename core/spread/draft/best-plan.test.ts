import { describe, expect, it } from 'vitest';
import type { MadePlan } from '../../plan/plan';
import type { Problem } from '../../plan/problem';
import { exampleHome } from '../examples/homes';
import { plan } from '../plan';
import { bestPlan } from './best-plan';

const problem = exampleHome(1, 20);
const made = plan(problem, { problemHash: '0'.repeat(64), seed: 1, rounds: 0, stop: () => false });
const like = (change: Partial<MadePlan['metrics']>): MadePlan => ({
  ...made,
  metrics: { ...made.metrics, ...change },
});
const soonest: Problem = { ...problem, policy: { ...problem.policy, spread: 'soonest' } };

describe('the best of some plans', () => {
  const cheap = like({ unplaced: { must: 1, should: 0, could: 0 }, cost: 10, finish: '2027-03-02T12:00' });
  const whole = like({ unplaced: { must: 0, should: 9, could: 0 }, cost: 99, finish: '2027-03-02T13:00' });
  const late = like({ unplaced: { must: 0, should: 9, could: 0 }, cost: 50, finish: '2027-03-02T14:00' });

  it('leaves out the least of what matters most, and costs the least of those', () => {
    expect(bestPlan(problem, [cheap, whole])).toBe(whole);
    expect(bestPlan(problem, [whole, late, cheap])).toBe(late);
  });

  it('ends first on a single day, whatever it costs', () => {
    expect(bestPlan(soonest, [late, whole])).toBe(whole);
  });

  it('is the first of those that are alike', () => {
    const again = like({});
    expect(bestPlan(problem, [made, again])).toBe(made);
  });
});
