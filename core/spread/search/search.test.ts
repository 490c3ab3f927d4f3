import { describe, expect, it } from 'vitest';
import type { MadePlan } from '../../plan/plan';
import { checkPlan } from '../check/check';
import { compareScores } from '../draft/tally';
import { exampleHome } from '../examples/homes';
import { plan } from '../plan';

const HASH = '0'.repeat(64);
const home = exampleHome(3, 70);

function standing({ metrics: { unplaced, cost } }: MadePlan): readonly number[] {
  return [unplaced.must, unplaced.should, unplaced.could, cost];
}

describe('the search for a better plan', () => {
  it('keeps what it has found: more rounds are never worse', () => {
    const made = [0, 10, 40, 80, 160].map((rounds) =>
      plan(home, { problemHash: HASH, seed: 4, rounds, stop: () => false }),
    );
    made.slice(1).forEach((after, i) => {
      expect(compareScores(standing(after), standing(made[i] as MadePlan))).toBeLessThanOrEqual(0);
    });
    const [first, last] = [made[0] as MadePlan, made.at(-1) as MadePlan];
    expect(last.metrics.cost).toBeLessThan(first.metrics.cost);
  });

  it('can be ended at any moment, with a valid plan', () => {
    for (const asks of [0, 1, 5, 23]) {
      let asked = 0;
      const made = plan(home, { problemHash: HASH, seed: 2, stop: () => asked++ >= asks });
      expect(checkPlan(home, made, HASH)).toEqual([]);
    }
  });

  it('tells of each plan that is better than all before, the last of which is what it gives', () => {
    const told: (readonly number[])[] = [];
    const made = plan(home, {
      problemHash: HASH,
      seed: 3,
      rounds: 60,
      stop: () => false,
      report: ({ cost, leftOut, document }) => {
        const plan = document();
        const { must, should, could } = plan.metrics.unplaced;
        expect([cost, leftOut]).toEqual([plan.metrics.cost, must + should + could]);
        told.push(standing(plan));
      },
    });
    told.slice(1).forEach((next, i) => {
      expect(compareScores(next, told[i] as readonly number[])).toBeLessThanOrEqual(0);
    });
    expect(compareScores(standing(made), told.at(-1) as readonly number[])).toBeLessThanOrEqual(0);
  });

  it('is the same for the same seed', () => {
    const twice = [1, 2].map(() => plan(home, { problemHash: HASH, seed: 9, rounds: 40, stop: () => false }));
    expect(twice[0]).toEqual(twice[1]);
  });
});
