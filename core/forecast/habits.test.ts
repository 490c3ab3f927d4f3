import { describe, expect, it } from 'vitest';
import { chanceBy, habitsOf } from './habits';

const session = (date: string) => ({
  id: date,
  person: 'ada',
  date,
  start: `${date}T18:00`,
  end: `${date}T19:00`,
});
const plan = { sessions: ['2027-03-01', '2027-03-02', '2027-03-03', '2027-03-08'].map(session) };
const missed = (doneOn: readonly string[], today: string) =>
  habitsOf(plan, new Set(doneOn), { today }).missed;

describe('how a household keeps to its plans', () => {
  it('is as usual before anything is known: one in ten is missed', () => {
    expect(missed([], '2027-03-01')).toBeCloseTo(0.1);
  });

  it('leans towards what was really missed, the more dates there are', () => {
    // (3 missed of 3 + 12 × 0.1) ÷ 15; (0 + 1.2) ÷ 15.
    expect(missed([], '2027-03-05')).toBeCloseTo(4.2 / 15);
    expect(missed(['2027-03-01', '2027-03-02', '2027-03-03'], '2027-03-05')).toBeCloseTo(1.2 / 15);
  });

  it('counts nothing of what is still to come', () => {
    expect(missed(['2027-03-01', '2027-03-02', '2027-03-03'], '2027-03-08')).toBeCloseTo(1.2 / 15);
  });
});

describe('a chance by a date', () => {
  const told = {
    dates: [
      { date: '2027-03-02', chance: 0.2 },
      { date: '2027-03-05', chance: 0.9 },
    ],
  };
  it('is that of the last date told before it', () => {
    expect(
      ['2027-03-01', '2027-03-02', '2027-03-04', '2027-04-01'].map((date) => chanceBy(told, date)),
    ).toEqual([0, 0.2, 0.2, 0.9]);
  });
});
