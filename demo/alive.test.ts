import { describe, expect, it } from 'vitest';
import { dayOf, formatDate } from '../core/basics/local-time';
import { CATALOGUE } from '../core/catalogue/catalogue';
import { packFor } from '../core/day/pack';
import { expand } from '../core/problem/expand';
import { replan } from '../core/spread';
import { aliveAt } from './alive';
import { juniperRowUnderWay } from './juniper-row';

describe('the demo', () => {
  it.each([0, 1, 2, 3, 4, 5, 6])('has work for today at any hour, %i days after a Monday', (after) => {
    const today = formatDate(dayOf('2027-03-01') + after);
    const { household, first } = juniperRowUnderWay(today);
    for (const hour of ['06:30', '12:00', '18:40', '22:15']) {
      const now = `${today}T${hour}`;
      const problem = expand(aliveAt(household, now), CATALOGUE, now);
      const { entries } = packFor(problem, replan(problem, first, '0'.repeat(64)), today);
      expect(entries.filter(({ end }) => end > now).length, now).toBeGreaterThan(0);
    }
  });

  it('is left as it is where somebody has time today anyway', () => {
    const { household } = juniperRowUnderWay('2027-03-01');
    expect(aliveAt(household, '2027-03-01T18:40')).toBe(household);
  });
});
