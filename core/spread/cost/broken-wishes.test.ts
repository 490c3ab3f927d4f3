import { describe, expect, it } from 'vitest';
import { exampleHome } from '../examples/homes';
import { plan } from '../plan';
import { brokenWishesOf } from './broken-wishes';

const problem = exampleHome(3, 60, 'room');
const made = plan(problem, { problemHash: '0'.repeat(64), seed: 1, rounds: 5, stop: () => false });

describe('the wishes that a plan breaks', () => {
  it('are as many as its metrics say, and cost as much', () => {
    const broken = brokenWishesOf(problem, made);
    expect(broken).toHaveLength(made.metrics.wishesBroken);
    expect(broken.reduce((sum, { cost }) => sum + cost, 0)).toBe(made.metrics.costs.wishes);
    expect(broken.length).toBeGreaterThan(0);
  });

  it('cost by their weight, the dearest first', () => {
    const twice = { ...problem, policy: { ...problem.policy, weights: { wishes: 2 } } };
    const costs = brokenWishesOf(twice, made).map(({ cost }) => cost);
    expect(costs).toEqual(brokenWishesOf(problem, made).map(({ cost }) => cost * 2));
    expect(costs).toEqual(costs.toSorted((a, b) => b - a));
  });

  it('are none of what is done since, and none where the problem no longer knows the step', () => {
    const first = brokenWishesOf(problem, made)[0]!;
    const after = problem.tasks.find(({ id }) => id === first.after)!;
    const done = after.steps.map(({ id }) => ({ step: id, end: `${problem.start}T00:00` }));
    const isOf = ({ after: id }: { after: string }) => id === first.after;
    expect(brokenWishesOf({ ...problem, done }, made).some(isOf)).toBe(false);
    const without = {
      ...problem,
      tasks: problem.tasks.filter((task) => task !== after),
      precedence: problem.precedence.filter(
        ({ before, after: side }) =>
          ![before, side].some((id) => id === first.after || id.startsWith(`${first.after}/`)),
      ),
    };
    expect(brokenWishesOf(without, made).some(isOf)).toBe(false);
  });
});
