import { fc, test } from '@fast-check/vitest';
import { describe, expect, it } from 'vitest';
import { CATALOGUE } from '@/core/catalogue/catalogue';
import { tasksOf } from '@/core/work/tasks';
import { workOf } from '@/core/work/work';
import { juniperRow } from '@/demo/juniper-row';
import { sumOf } from './parts-words';

const household = juniperRow('2027-03-01');
/** Everybody is brisk here: × 0.85. */
const steps = tasksOf(
  workOf(
    { ...household, people: household.people.map((person) => ({ ...person, pace: 'brisk' })) },
    CATALOGUE,
  ),
).flatMap((task) => task.estimate.steps.filter((estimate) => estimate.parts));

/** Does the sum again from the words alone, as a person with pencil and paper would. */
function byHand(words: string): number {
  const [left = ''] = words.split(' = ');
  const [, inner = left, pace = '1'] = /^\(?(.*?)\)? × ([\d.]+) \(your pace\)$/.exec(left) ?? [];
  const sum = inner.split(' + ').reduce((total, term) => total + termByHand(term), 0);
  return sum * Number(pace);
}

function termByHand(term: string): number {
  const setUp = /^([\d.]+) min to set up$/.exec(term);
  if (setUp) return Number(setUp[1]);
  const things = /^(\d+) things × ([\d.]+) s each/.exec(term);
  if (things) return (Number(things[1]) * Number(things[2])) / 60;
  const [, quantity, perHour] = /^([\d.]+)[^÷]* ÷ ([\d.]+)/.exec(term) ?? [];
  const factors = [...term.matchAll(/× ([\d.]+) \(/g)].map((found) => Number(found[1]));
  return (Number(quantity) / Number(perHour)) * 60 * factors.reduce((a, b) => a * b, 1);
}

const stepCalled = (title: string) => steps.find((estimate) => estimate.step.title === title)!;

describe('sumOf', () => {
  it('says a sum in words', () => {
    expect(sumOf(stepCalled('Top edge, panels, frame, handle'), 'metric')).toBe(
      '(1 min to set up + 1 ÷ 12 an hour × 1.5 (soil heavy)) × 0.85 (your pace) = 7 min',
    );
  });

  it('names the fact of the house that lengthens it', () => {
    expect(sumOf(limescale(), 'metric')).toContain('× 1.25 (hard water)');
  });

  it('measures in feet for those who do', () => {
    const sweep = stepCalled('Go round the edge, then the middle');
    // The cellar: 5 × 3.4 m = 17 m², or 183 sq ft.
    expect(sumOf(sweep, 'us')).toContain('183 sq ft ÷ 1722.2 sq ft an hour');
  });

  test.prop([fc.integer({ min: 0, max: steps.length - 1 }), fc.constantFrom('metric', 'us')], {
    numRuns: 200,
    seed: 20270301,
  })('comes to the planned minutes when it is done by hand', (which, units) => {
    const words = sumOf(steps[which]!, units as 'metric' | 'us');
    const said = Number(/= (\d+) min/.exec(words)?.[1]);
    // Quantities are rounded in the words.
    expect(Math.abs(Math.max(1, byHand(words)) - said), words).toBeLessThan(0.5 + said * 0.03);
  });
});

function limescale() {
  return steps.find((estimate) =>
    estimate.parts?.rate?.factors.some((factor) => factor.by === 'fact' && factor.fact === 'hardWater'),
  )!;
}
