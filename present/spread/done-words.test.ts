import { describe, expect, it } from 'vitest';
import type { Plan } from '@/core/plan/plan';
import { doneWords, endWords } from './done-words';

function planOf(finish: string | null, worked: readonly string[], left = 0): Plan {
  const sessions = worked.map((date) => ({ date }));
  return { metrics: { finish }, sessions, unplaced: Array(left).fill({}) } as unknown as Plan;
}

describe('the end of a plan', () => {
  it('is the last work, and what dries until another date is said apart', () => {
    const monday = ['2027-04-26', '2027-04-24'];
    expect(doneWords(planOf('2027-04-26T20:15', monday))).toBe('All is done on Monday 26 April');
    expect(doneWords(planOf('2027-04-27T00:10', monday))).toBe(
      'All is done on Monday 26 April, and the last of it is ready on Tuesday 27 April',
    );
    expect(doneWords(planOf('2027-04-26T20:15', monday, 2))).toBe('What fits is done on Monday 26 April');
    expect(doneWords(planOf('2027-04-27T00:10', []))).toBe('All is done on Tuesday 27 April');
    expect(doneWords(planOf(null, []))).toBeUndefined();
  });

  it('is told beside the finish line', () => {
    const monday = ['2027-04-26'];
    const said = (plan: Plan) => endWords(plan, '2027-04-26');
    expect(said(planOf('2027-04-26T20:15', monday))).toBe('All is done on Monday 26 April, the finish line.');
    expect(said(planOf('2027-04-27T00:10', monday))).toBe(
      'All is done on Monday 26 April, and the last of it is ready on Tuesday 27 April; the finish line is Monday 26 April.',
    );
    expect(said(planOf('2027-04-20T20:15', ['2027-04-20']))).toBe(
      'All is done on Tuesday 20 April; the finish line is Monday 26 April.',
    );
    expect(said(planOf(null, []))).toBe('Nothing is left to plan.');
    expect(said(planOf(null, [], 3))).toMatch(/^Nothing fits into the time that is left/);
  });
});
