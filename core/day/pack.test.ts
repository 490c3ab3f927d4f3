import { describe, expect, it } from 'vitest';
import { DOZEN_HOMES } from '../../demo/dozen-homes';
import { CATALOGUE } from '../catalogue/catalogue';
import type { Plan } from '../plan/plan';
import type { Problem } from '../plan/problem';
import { expand } from '../problem/expand';
import { plan } from '../spread';
import { packFor, runAtStart } from './pack';

const hands = (id: string) => ({ id, mode: 'hands' as const, minutes: 10 });
const task = (id: string, ...steps: Problem['tasks'][number]['steps']) =>
  ({ id, steps }) as Problem['tasks'][number];
const link = (before: string, after: string, hard = true) => ({ before, after, hard, reason: 'So it is' });
const entry = (step: string, date: string, people = ['ada']) => ({
  step,
  people,
  start: `${date}T18:00`,
  end: `${date}T18:10`,
});

const PROBLEM = {
  tasks: [
    task('bath', hands('bath/wash')),
    task('oven', hands('oven/coat'), { id: 'oven/sit', mode: 'wait', minutes: 60 }, hands('oven/wipe')),
    task('floor', hands('floor/mop')),
    task('loft', hands('loft/sweep')),
  ],
  precedence: [link('bath', 'floor'), link('oven/wipe', 'floor'), link('loft', 'bath', false)],
} as unknown as Problem;
const PLAN = {
  entries: [
    entry('oven/coat', '2027-03-01'),
    entry('oven/sit', '2027-03-01', []),
    entry('oven/wipe', '2027-03-02'),
    entry('bath/wash', '2027-03-03'),
    entry('floor/mop', '2027-03-04'),
    entry('loft/sweep', '2027-03-09'),
  ],
} as unknown as Plan;

const ids = (problem: Problem, date: string) => packFor(problem, PLAN, date).tasks.map(({ id }) => id);

describe('packFor', () => {
  it('takes what is planned for the date, with all that has to come before it', () => {
    expect(ids(PROBLEM, '2027-03-04')).toEqual(['bath', 'oven', 'floor']);
    expect(ids(PROBLEM, '2027-03-03')).toEqual(['bath']);
    expect(ids(PROBLEM, '2027-03-07')).toEqual([]);
  });

  it('takes what has begun and is not over, on whatever date it is', () => {
    const begun = { ...PROBLEM, done: [{ step: 'oven/coat', end: '2027-03-01T18:10' }] };
    expect(ids(begun, '2027-03-07')).toEqual(['oven']);
    const over = {
      ...PROBLEM,
      done: ['coat', 'sit', 'wipe'].map((key) => ({ step: `oven/${key}`, end: '2027-03-02T18:10' })),
    };
    expect(ids(over, '2027-03-07')).toEqual([]);
    // What was finished on the date is part of it still: its tick can be seen and taken back.
    expect(ids(over, '2027-03-02')).toEqual(['oven']);
  });

  it('has hands at work as entries, and says of the rest that it has a place', () => {
    const pack = packFor(PROBLEM, PLAN, '2027-03-01');
    expect(pack.entries.map(({ step }) => step)).toEqual(['oven/coat']);
    expect(pack.planned).toEqual(['oven/coat', 'oven/sit', 'oven/wipe']);
  });

  it('has only the ticks and shares of its own tasks, and starts from them', () => {
    const pack = packFor(
      {
        ...PROBLEM,
        done: [
          { step: 'oven/coat', end: '2027-03-01T18:10' },
          { step: 'loft/sweep', end: '2027-02-27T10:00' },
        ],
      },
      PLAN,
      '2027-03-02',
      [
        { step: 'oven/wipe', share: 40 },
        { step: 'floor/mop', share: 10 },
      ],
    );
    const run = runAtStart(pack);
    expect([...run.done]).toEqual([['oven/coat', { at: '2027-03-01T18:10', by: undefined }]]);
    expect([...run.shares]).toEqual([['oven/wipe', 40]]);
  });

  it('binds a day of any home to nothing that it does not hold', () => {
    for (const home of DOZEN_HOMES.filter(({ name }) => name !== 'twenty-two rooms')) {
      const problem = expand(home, CATALOGUE, home.now);
      const made = plan(problem, { problemHash: '0'.repeat(64), seed: 1, rounds: 1, stop: () => false });
      const dates = new Set(made.entries.map(({ start }) => start.slice(0, 10)));
      for (const date of dates) {
        const pack = packFor(problem, made, date);
        const known = new Set(pack.tasks.flatMap(({ id, steps }) => [id, ...steps.map((step) => step.id)]));
        for (const { before, after } of pack.rules)
          expect(known.has(before) && known.has(after), `${home.name}, ${date}: ${before} ${after}`).toBe(
            true,
          );
        for (const { step } of pack.entries) expect(known.has(step), `${home.name}: ${step}`).toBe(true);
      }
    }
  });
});
