import { fc, test } from '@fast-check/vitest';
import { describe, expect, it } from 'vitest';
import { longestPiece, TimeLeft } from './time-left';

const FIRST = 100;

describe('the time left', () => {
  test.prop(
    [
      fc.array(fc.integer({ min: 0, max: 60 }), { minLength: 1, maxLength: 40 }),
      fc.array(
        fc.record({
          at: fc.integer({ min: -3, max: 42 }),
          minutes: fc.integer({ min: 0, max: 60 }),
          length: fc.integer({ min: 1, max: 61 }),
          from: fc.integer({ min: -2, max: 42 }),
        }),
        { maxLength: 40 },
      ),
    ],
    { seed: 5, numRuns: 200 },
  )('gives the first date that has room, whatever changes meanwhile', (minutes, changes) => {
    const days = [...minutes];
    const left = new TimeLeft(FIRST, FIRST + days.length - 1, (day) => days[day - FIRST] as number);
    for (const change of changes) {
      if (change.at in days) days[change.at] = change.minutes;
      left.forget(FIRST + change.at);
      const first = days.findIndex((room, day) => day >= change.from && room >= change.length);
      expect(left.firstWith(change.length, FIRST + change.from)).toBe(
        FIRST + (first < 0 ? days.length : first),
      );
    }
  });
});

describe('the longest piece of work', () => {
  const person = { breakAfter: 90, breakLength: 10 };
  const evening = { start: 1080, end: 1200 };

  it.each([
    ['an empty evening', [], 90],
    ['work up to a break', [[1080, 1170]], 20],
    ['work short of a break', [[1080, 1140]], 50],
    [
      'a gap between two, with a break on one side',
      [
        [1080, 1120],
        [1160, 1200],
      ],
      30,
    ],
    ['nothing', [[1080, 1200]], 0],
    ['work that ends well before the evening', [[900, 990]], 90],
    ['work that ends just before the evening', [[990, 1078]], 90],
    [
      'work before, and more well after the evening',
      [
        [1080, 1120],
        [1215, 1290],
      ],
      70,
    ],
  ] as const)('%s', (_, work, minutes) => {
    const spans = work.map(([start, end]) => ({ start, end }));
    expect(longestPiece(evening, spans, person)).toBe(minutes);
  });
});
