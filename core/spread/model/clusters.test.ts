import { fc, test } from '@fast-check/vitest';
import { describe, expect, it } from 'vitest';
import type { Problem } from '../../plan/problem';
import { exampleProblem } from '../examples/problems';
import { clustersOf, inOrder, loosen } from './clusters';
import { type Model, modelOf } from './model';

/** Tasks t0, t1 … of two steps each, with hard rules between them as [before, after]. */
function modelWith(count: number, rules: readonly (readonly [string, string, object?])[]): Model {
  const problem: Problem = {
    ...exampleProblem(1, [], 1),
    rooms: [{ id: 'room' }],
    tasks: Array.from({ length: count }, (_, i) => ({
      id: `t${i}`,
      title: `t${i}`,
      room: 'room',
      kind: 'work',
      layer: 0,
      priority: 'should',
      hardness: 1,
      steps: [
        { id: `t${i}a`, mode: 'hands', minutes: 5 },
        { id: `t${i}b`, mode: 'hands', minutes: 5 },
      ],
    })),
    precedence: rules.map(([before, after, more]) => ({ before, after, hard: true, reason: '', ...more })),
    done: [],
    fixed: [],
  };
  return modelOf(problem);
}

const named = (model: Model) =>
  clustersOf(model)
    .map((cluster) => cluster.tasks.map((task) => task.id).join(' '))
    .sort();

describe('clustersOf', () => {
  it('leaves tasks alone that follow each other one way', () => {
    expect(
      named(
        modelWith(3, [
          ['t0', 't1'],
          ['t1', 't2'],
        ]),
      ),
    ).toEqual(['t0', 't1', 't2']);
  });

  it('keeps tasks together whose rules run in a circle between their steps', () => {
    expect(
      named(
        modelWith(3, [
          ['t0a', 't1'],
          ['t1', 't0b'],
          ['t1', 't2'],
        ]),
      ),
    ).toEqual(['t0 t1', 't2']);
  });

  it('keeps tasks together that must follow within a largest gap', () => {
    expect(named(modelWith(3, [['t0', 't2', { maxGap: 60 }]]))).toEqual(['t0 t2', 't1']);
  });

  it('takes no notice of wishes', () => {
    expect(
      named(
        modelWith(2, [
          ['t0a', 't1', { hard: false }],
          ['t1', 't0b', { hard: false }],
        ]),
      ),
    ).toEqual(['t0', 't1']);
  });
});

describe('loosen', () => {
  it('parts what an order-only rule or a largest gap had joined, before first', () => {
    const model = modelWith(2, [['t1', 't0', { maxGap: 60 }]]);
    const [cluster] = clustersOf(model);
    expect(loosen(cluster!, model).map((part) => part.tasks.map((task) => task.id))).toEqual([
      ['t1'],
      ['t0'],
    ]);
  });

  it('leaves a true circle whole', () => {
    const model = modelWith(2, [
      ['t0a', 't1'],
      ['t1', 't0b'],
    ]);
    const [cluster] = clustersOf(model);
    expect(loosen(cluster!, model)).toHaveLength(1);
  });
});

describe('inOrder', () => {
  test.prop([fc.integer({ min: 0, max: 100_000 })], { seed: 20270301, numRuns: 60 })(
    'puts every cluster after all that has to come before it, and loses none',
    (seed) => {
      const model = modelOf(exampleProblem(seed, ['waits', 'precedence', 'gaps', 'circles']));
      const hard = model.links.filter((link) => link.hard);
      const clusters = clustersOf(model);
      const ordered = inOrder(clusters, hard, (a, b) => b.tasks[0]!.index - a.tasks[0]!.index);
      expect(new Set(ordered)).toEqual(new Set(clusters));
      const place = new Map(ordered.flatMap((cluster, i) => cluster.tasks.map((task) => [task, i] as const)));
      for (const link of hard)
        expect(place.get(link.before.task)).toBeLessThanOrEqual(place.get(link.after.task)!);
    },
  );
});
