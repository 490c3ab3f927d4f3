import { fc, test } from '@fast-check/vitest';
import { describe, expect, it } from 'vitest';
import { RoomDates } from './room-dates';

describe('the dates of a room', () => {
  test.prop([fc.array(fc.tuple(fc.nat({ max: 20 }), fc.nat({ max: 5 })), { minLength: 1, maxLength: 12 })], {
    seed: 5,
    numRuns: 200,
  })('are from the first of what lies there to the last, whatever comes and goes', (spans) => {
    const dates = new RoomDates(100);
    const there: [number, number][] = [];
    const look = () => {
      const first = Math.min(...there.map(([begins]) => begins));
      const last = Math.max(...there.map(([, ends]) => ends));
      const { from, to } = dates.nights;
      if (there.length === 0 || last <= first) expect(to - from).toBeLessThan(0);
      else expect([from, to]).toEqual([first, last - 1]);
    };
    for (const [begins, length] of spans) {
      there.push([100 + begins, 100 + begins + length]);
      dates.note(100 + begins, 100 + begins + length, 1);
      look();
    }
    for (const [begins, ends] of [...there]) {
      there.shift();
      dates.note(begins, ends, -1);
      look();
    }
  });

  it('tells whether the first or the last has changed', () => {
    const dates = new RoomDates(0);
    expect(dates.note(3, 5, 1)).toBe(true);
    expect(dates.note(4, 4, 1)).toBe(false);
    expect(dates.note(4, 4, -1)).toBe(false);
    expect(dates.note(3, 5, -1)).toBe(true);
  });

  it('begin with what was done before', () => {
    const dates = new RoomDates(0, 2);
    dates.note(6, 8, 1);
    expect(dates.nights).toEqual({ from: 2, to: 7 });
  });
});
