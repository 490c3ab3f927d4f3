import { fc, test } from '@fast-check/vitest';
import { describe, expect, it } from 'vitest';
import { CATALOGUE } from '@/core/catalogue/catalogue';
import { tasksOf } from '@/core/clean/tasks';
import { JUNIPER_ROW_FLOORS } from '@/demo/juniper-row-rooms';
import { sumOf } from './parts-words';

const steps = tasksOf({ floors: [...JUNIPER_ROW_FLOORS] }, CATALOGUE).flatMap((task) =>
  task.estimate.steps.filter((estimate) => estimate.parts),
);

/** Does the sum again from the words alone, as a person with pencil and paper would. */
function byHand(words: string): number {
  const [left = ''] = words.split(' = ');
  return left.split(' + ').reduce((sum, term) => {
    const setUp = /^([\d.]+) min to set up$/.exec(term);
    if (setUp) return sum + Number(setUp[1]);
    const things = /^(\d+) things × ([\d.]+) s each/.exec(term);
    if (things) return sum + (Number(things[1]) * Number(things[2])) / 60;
    const [, quantity, perHour] = /^([\d.]+)[^÷]* ÷ ([\d.]+)/.exec(term) ?? [];
    const factors = [...term.matchAll(/× ([\d.]+) \(/g)].map((found) => Number(found[1]));
    return sum + (Number(quantity) / Number(perHour)) * 60 * factors.reduce((a, b) => a * b, 1);
  }, 0);
}

describe('sumOf', () => {
  it('says a sum in words', () => {
    const wash = steps.find((estimate) => estimate.step.title === 'Top edge, panels, frame, handle')!;
    expect(sumOf(wash)).toBe('1 min to set up + 1 ÷ 12 an hour × 1.5 (soil heavy) = 9 min');
  });

  test.prop([fc.integer({ min: 0, max: steps.length - 1 })], { numRuns: 200, seed: 20270301 })(
    'comes to the planned minutes when it is done by hand',
    (which) => {
      const words = sumOf(steps[which]!);
      const said = Number(/= (\d+) min$/.exec(words)?.[1]);
      // Quantities are rounded in the words.
      expect(Math.abs(Math.max(1, byHand(words)) - said), words).toBeLessThan(0.5 + said * 0.03);
    },
  );
});
