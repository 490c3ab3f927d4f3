import { describe, expect, it } from 'vitest';
import type { Plan } from './plan';
import type { Problem } from './problem';
import { sharesOf } from './shares';

const window = (date: string, from: string, to: string) => ({
  start: `${date}T${from}`,
  end: `${date}T${to}`,
});
const problem = {
  now: '2027-03-01T18:30',
  people: [
    {
      id: 'ada',
      dislikes: { windows: 2 },
      windows: [window('2027-03-01', '18:00', '20:00'), window('2027-03-02', '18:00', '19:00')],
    },
    {
      id: 'bo',
      dislikes: { floors: 3 },
      windows: [window('2027-02-28', '18:00', '20:00'), window('2027-03-03', '18:00', '20:00')],
    },
  ],
  tasks: [
    { id: 't', kind: 'windows', steps: [{ id: 's' }] },
    { id: 'u', kind: 'walls', steps: [{ id: 'v' }] },
  ],
  policy: { reserve: ['2027-03-03'] },
} as unknown as Problem;
const entry = (people: string[], start: string, end: string, step = 's') => ({ step, people, start, end });
const plan = {
  entries: [
    entry(['ada'], '2027-03-01T18:30', '2027-03-01T19:00'),
    entry(['ada', 'bo'], '2027-03-02T18:00', '2027-03-02T18:10', 'v'),
    entry([], '2027-03-01T19:00', '2027-03-01T20:00'),
  ],
} as unknown as Plan;

describe('shares of the work', () => {
  it('hold the time that is still offered against the work that is planned', () => {
    expect(sharesOf(problem, plan)).toEqual([
      // Half an hour that she minds twice over feels like an hour.
      { person: 'ada', offered: 150, planned: 40, disliked: 30, felt: 70 },
      { person: 'bo', offered: 0, planned: 10, disliked: 0, felt: 10 },
    ]);
  });
});
