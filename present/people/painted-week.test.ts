import { fc, it as prop } from '@fast-check/vitest';
import { describe, expect, it } from 'vitest';
import type { WeeklyHours } from '@/core/people/member';
import { boxOf, type Cell, clockOfRow, isFreeAt, painted, WEEK_DAYS, WEEK_ROWS } from './painted-week';

const at = (clock: string) => {
  for (let row = 0; row <= WEEK_ROWS; row++) if (clockOfRow(row) === clock) return row;
  throw new Error(clock);
};
const tuesday: WeeklyHours[] = [{ weekday: 2, from: '18:30', to: '20:30' }];

describe('a week to paint on', () => {
  it('runs from six in the morning to eleven at night by half hours', () => {
    expect([clockOfRow(0), clockOfRow(1), clockOfRow(WEEK_ROWS)]).toEqual(['06:00', '06:30', '23:00']);
  });

  it('makes one stretch of what is painted, joins what touches, and parts what is painted over', () => {
    const morning = boxOf({ day: 0, row: at('09:00') }, { day: 0, row: at('10:30') });
    expect(painted([], morning, true)).toEqual([{ weekday: 1, from: '09:00', to: '11:00' }]);
    const longer = painted(tuesday, [{ day: 1, row: at('20:30') }], true);
    expect(longer).toEqual([{ weekday: 2, from: '18:30', to: '21:00' }]);
    expect(painted(tuesday, [{ day: 1, row: at('19:00') }], false)).toEqual([
      { weekday: 2, from: '18:30', to: '19:00' },
      { weekday: 2, from: '19:30', to: '20:30' },
    ]);
  });

  it('paints a box over several days', () => {
    const evenings = boxOf({ day: 4, row: at('19:00') }, { day: 3, row: at('18:00') });
    expect(painted([], evenings, true)).toEqual([
      { weekday: 4, from: '18:00', to: '19:30' },
      { weekday: 5, from: '18:00', to: '19:30' },
    ]);
  });

  it('leaves other days to the minute, and what lies outside the sheet', () => {
    const odd: WeeklyHours[] = [
      { weekday: 1, from: '04:00', to: '05:00' },
      { weekday: 3, from: '18:10', to: '19:25' },
    ];
    expect(painted(odd, [{ day: 0, row: at('08:00') }], true)).toEqual([
      { weekday: 1, from: '04:00', to: '05:00' },
      { weekday: 1, from: '08:00', to: '08:30' },
      { weekday: 3, from: '18:10', to: '19:25' },
    ]);
  });

  const cell = fc.record({
    day: fc.integer({ min: 0, max: WEEK_DAYS - 1 }),
    row: fc.integer({ min: 0, max: WEEK_ROWS - 1 }),
  });

  prop.prop([fc.array(fc.tuple(cell, cell, fc.boolean()), { maxLength: 12 })], { seed: 3, numRuns: 200 })(
    'shows exactly what was painted last on each half hour',
    (strokes) => {
      const wanted = new Map<string, boolean>();
      let hours: WeeklyHours[] = [];
      for (const [a, b, free] of strokes) {
        const box = boxOf(a, b);
        for (const one of box) wanted.set(JSON.stringify(one), free);
        hours = painted(hours, box, free);
      }
      for (const [key, free] of wanted) expect(isFreeAt(hours, JSON.parse(key) as Cell)).toBe(free);
      for (const { from, to } of hours) expect(from < to).toBe(true);
    },
  );
});
