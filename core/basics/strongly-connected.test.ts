import { fc, test } from '@fast-check/vitest';
import { describe, expect, it } from 'vitest';
import { stronglyConnected } from './strongly-connected';

const sorted = (sets: number[][]) =>
  sets.map((set) => set.toSorted((a, b) => a - b)).toSorted((a, b) => a[0]! - b[0]!);

describe('strongly connected sets', () => {
  it('are the circles of a graph, and every other node by itself', () => {
    expect(sorted(stronglyConnected([[1], [2], [0, 3], [], [3]]))).toEqual([[0, 1, 2], [3], [4]]);
    expect(stronglyConnected([])).toEqual([]);
  });

  const graph = fc
    .integer({ min: 1, max: 9 })
    .chain((nodes) =>
      fc.array(fc.array(fc.nat(nodes - 1), { maxLength: 4 }), { minLength: nodes, maxLength: nodes }),
    );

  test.prop([graph], { seed: 31 })('hold exactly the nodes that reach each other', (followers) => {
    const reaches = (from: number): Set<number> => {
      const seen = new Set([from]);
      for (const node of seen) for (const follower of followers[node]!) seen.add(follower);
      return seen;
    };
    const sets = stronglyConnected(followers);
    expect(sets.flat().toSorted((a, b) => a - b)).toEqual(followers.map((_list, node) => node));
    for (const set of sets)
      for (const a of set)
        for (let b = 0; b < followers.length; b++)
          expect(set.includes(b)).toBe(reaches(a).has(b) && reaches(b).has(a));
  });
});
