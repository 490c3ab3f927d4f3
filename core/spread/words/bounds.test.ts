import { fc, test } from '@fast-check/vitest';
import { describe, expect, it } from 'vitest';
import { minuteOf } from '../../basics/local-time';
import { jobShopProblem, SIX_BY_SIX } from '../examples/job-shops';
import { exampleProblem, FEATURES } from '../examples/problems';
import { exampleDay } from '../examples/single-days';
import { modelOf } from '../model/model';
import { plan } from '../plan';
import { boundsOf } from './bounds';

const HASH = '0'.repeat(64);

describe('what no plan can beat', () => {
  it('is the work of the only person who may do it, from when he or she is there', () => {
    const model = modelOf(exampleDay(7));
    expect(model.people.length).toBe(1);
    const hands = [...model.steps.values()].reduce(
      (sum, step) => sum + (step.mode === 'hands' ? step.minutes : 0),
      0,
    );
    const { finish } = boundsOf(model, model.tasks);
    expect(finish).toBeGreaterThanOrEqual(minuteOf('2027-03-01T09:00') + hands);
  });

  it('is the longest job or the busiest machine of a job shop', () => {
    const model = modelOf(jobShopProblem(SIX_BY_SIX));
    const { finish } = boundsOf(model, model.tasks);
    // The busiest machine runs 43 minutes, the longest job 47.
    expect(finish).toBeGreaterThanOrEqual(model.start + 47);
    expect(finish).toBeLessThanOrEqual(model.start + 55);
  });

  it('says nothing where nothing is planned', () => {
    expect(boundsOf(modelOf(exampleDay(1)), [])).toEqual({ finish: undefined, squaredLoads: 0 });
  });

  test.prop([fc.integer({ min: 0, max: 1_000_000 })], { numRuns: 60, seed: 4 })(
    'is never above a valid plan',
    (seed) => {
      const problem = exampleProblem(seed, FEATURES, 14);
      const made = plan(problem, { problemHash: HASH, seed, rounds: 20, stop: () => false });
      const model = modelOf(problem);
      const out = new Set(made.unplaced.map((item) => item.task));
      const { finish, squaredLoads } = boundsOf(
        model,
        model.tasks.filter((task) => !out.has(task.id)),
      );
      if (finish !== undefined && made.metrics.finish !== null)
        expect(finish).toBeLessThanOrEqual(minuteOf(made.metrics.finish));
      const loads = new Map<string, number>();
      const fixed = new Set(problem.fixed?.map((entry) => entry.step));
      for (const { start, end, people, step } of made.entries)
        if (!fixed.has(step))
          loads.set(
            start.slice(0, 10),
            (loads.get(start.slice(0, 10)) ?? 0) + (minuteOf(end) - minuteOf(start)) * people.length,
          );
      const squares = [...loads.values()].reduce((sum, load) => sum + load * load, 0);
      expect(squaredLoads).toBeLessThanOrEqual(squares + 1e-6);
    },
  );
});
