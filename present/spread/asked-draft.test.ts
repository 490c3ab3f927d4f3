import { describe, expect, it } from 'vitest';
import { changeSchema } from '@/core/household/change';
import { type AskedDraft, askedBy, askedWeek, NOTHING_ASKED } from './asked-draft';
import type { AskedScreen } from './asked-model';

const dates = ['2027-03-01', '2027-03-02', '2027-03-03'];
const screen: AskedScreen = {
  rows: [],
  abouts: [],
  dates,
  free: dates.map((_date, i) => ({ words: '', isAny: i !== 1 })),
  last: '2027-03-21',
  week: [],
  people: [],
};
const asked = (draft: Partial<AskedDraft>) => askedBy({ ...NOTHING_ASKED, ...draft }, screen, 'new');
const changed = (draft: Partial<AskedDraft>) => {
  const made = asked(draft);
  if ('fault' in made) throw new Error(made.fault);
  expect(changeSchema.safeParse(made.change).success).toBe(true);
  return made.change;
};
const day = (at: number) => ({ first: at, last: at });

describe('what is asked for', () => {
  it('is a thing to a date and hours: sills from four to five', () => {
    expect(changed({ about: 'fixtures:sill', pressed: day(2), hours: { first: 10, last: 10 } })).toEqual({
      do: 'put-focus',
      focus: {
        id: 'new',
        fixtures: ['sill'],
        days: { date: '2027-03-03' },
        hours: { from: '16:00', to: '17:00' },
        binds: 'work',
      },
    });
  });

  it('is not asked for without a thing, a day, or anybody who has time then', () => {
    expect(asked({})).toEqual({ fault: 'Choose what it is about.' });
    expect(asked({ about: 'rooms:hall' })).toMatchObject({ fault: expect.stringMatching(/^Choose a day/) });
    const nobody = { fault: expect.stringMatching(/^Nobody has time then/) };
    expect(asked({ about: 'rooms:hall', pressed: day(1) })).toMatchObject(nobody);
    expect(asked({ about: 'rooms:hall', pressed: { first: 1, last: 2 } })).toHaveProperty('change');
  });

  it('is a day itself: kept free, every Saturday, or a reserve day opened', () => {
    expect(changed({ about: 'day:free', weekday: '6' })).toEqual({
      do: 'several',
      changes: ['2027-03-06', '2027-03-13', '2027-03-20'].map((date) => ({
        do: 'free-day',
        date,
        free: true,
      })),
    });
    // Nobody need have time on a day that is kept free.
    expect(changed({ about: 'day:open', pressed: day(1) })).toEqual({
      do: 'several',
      changes: [{ do: 'reserve-day', date: '2027-03-02', reserve: false }],
    });
    expect(asked({ about: 'day:free', weekday: 'any' })).toMatchObject({
      fault: expect.stringMatching(/20/),
    });
  });

  it('is a week in one go, and takes back what a day was for', () => {
    const change = askedWeek(['kinds:windows', '', '', '', '', 'floors:up', '']);
    expect(changeSchema.safeParse(change).success).toBe(true);
    expect(change).toMatchObject({
      changes: [
        { focus: { id: 'week-1', kinds: ['windows'], days: { weekday: 1 }, binds: 'time' } },
        ...[2, 3, 4, 5].map((at) => ({ do: 'drop-focus', focus: `week-${at}` })),
        { focus: { id: 'week-6', floors: ['up'] } },
        { do: 'drop-focus', focus: 'week-7' },
      ],
    });
  });
});
