import { fc, test } from '@fast-check/vitest';
import { describe, expect, it } from 'vitest';
import type { WeeklyHours } from './member';
import { areEverTogether } from './together';

const hour = (weekday: number, from: string, to: string): WeeklyHours => ({ weekday, from, to });
const person = (...hours: WeeklyHours[]) => ({ hours });

describe('two who are there at the same time', () => {
  it('share twenty minutes of a weekday', () => {
    const ada = person(hour(1, '18:00', '20:00'));
    expect(areEverTogether([ada, person(hour(1, '19:40', '21:00'))])).toBe(true);
    expect(areEverTogether([ada, person(hour(1, '19:41', '21:00'))])).toBe(false);
    expect(areEverTogether([ada, person(hour(2, '18:00', '20:00'))])).toBe(false);
  });

  it('are two people, not one with hours that overlap', () => {
    expect(areEverTogether([person(hour(1, '18:00', '20:00'), hour(1, '19:00', '21:00'))])).toBe(false);
    expect(areEverTogether([])).toBe(false);
  });

  const clock = (minute: number) =>
    `${String(Math.floor(minute / 60)).padStart(2, '0')}:${String(minute % 60).padStart(2, '0')}`;
  const anyHour = fc
    .tuple(
      fc.integer({ min: 1, max: 2 }),
      fc.integer({ min: 0, max: 1000 }),
      fc.integer({ min: 1, max: 400 }),
    )
    .map(([weekday, from, minutes]) => ({ weekday, from, to: from + minutes }));

  test.prop([fc.array(fc.array(anyHour, { maxLength: 4 }), { maxLength: 4 })], { seed: 15 })(
    'are found as by looking at every two of them',
    (people) => {
      const found = people.some((one, i) =>
        people.some(
          (other, j) =>
            i < j &&
            one.some((a) =>
              other.some(
                (b) => a.weekday === b.weekday && Math.min(a.to, b.to) - Math.max(a.from, b.from) >= 20,
              ),
            ),
        ),
      );
      const told = people.map((hours) =>
        person(...hours.map(({ weekday, from, to }) => hour(weekday, clock(from), clock(to)))),
      );
      expect(areEverTogether(told)).toBe(found);
    },
  );
});
