import { describe, expect, it } from 'vitest';
import { juniperRowUnderWay } from '../../demo/juniper-row';
import { CATALOGUE } from '../catalogue/catalogue';
import { expand } from '../problem/expand';
import { plan } from '../spread';
import { thawLine } from './thaw-line';

const TODAY = '2027-03-01';
const { household, first } = juniperRowUnderWay(TODAY);
const problem = expand(household, CATALOGUE, `${TODAY}T17:00`);
const current = plan(problem, { problemHash: '0'.repeat(64), seed: 1, rounds: 60, stop: () => false });
const line = thawLine(problem, current, first, TODAY);

describe('thawLine', () => {
  it('starts with all the work, on the eve of the first date', () => {
    expect(line.done[0]).toEqual({ date: '2027-02-23', minutes: line.total });
    expect(line.first[0]).toEqual({ date: '2027-02-23', minutes: line.total });
  });

  it('never rises', () => {
    for (const points of [line.done, line.planned, line.first]) {
      points.forEach((point, i) => {
        if (i > 0) expect(point.minutes).toBeLessThanOrEqual((points[i - 1] as typeof point).minutes);
      });
    }
  });

  it('goes on from what is done to the finish line', () => {
    expect(line.done.at(-1)).toEqual({ date: TODAY, minutes: line.planned[0]?.minutes });
    expect(line.planned.at(-1)).toEqual({ date: household.clean.finish, minutes: line.unplaced });
    expect(line.unplaced).toBe(0);
    expect(line.first.at(-1)?.minutes).toBe(0);
  });
});
