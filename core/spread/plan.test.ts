import { fc, test } from '@fast-check/vitest';
import { describe, expect, it } from 'vitest';
import type { Plan } from '../plan/plan';
import type { Problem, ProblemTask } from '../plan/problem';
import { problemFaults } from '../plan/problem-faults';
import { checkPlan, describeViolation } from './check/check';
import { exampleProblem, FEATURES, type Feature } from './examples/problems';
import { plan } from './plan';

const HASH = '0'.repeat(64);
/** Enough for every way of placing to be drawn. */
const ROUNDS = 30;
const make = (problem: Problem, seed = 1) =>
  plan(problem, { problemHash: HASH, seed, rounds: ROUNDS, stop: () => false });
const violations = (problem: Problem, made: Plan) => checkPlan(problem, made, HASH).map(describeViolation);

function problemOf(tasks: ProblemTask[], change: Partial<Problem> = {}): Problem {
  return {
    format: 'early-thaw/problem',
    version: 2,
    timezone: 'Europe/Berlin',
    start: '2027-03-01',
    finish: '2027-03-02',
    people: [
      {
        id: 'ada',
        windows: [
          { start: '2027-03-01T18:00', end: '2027-03-01T20:00' },
          { start: '2027-03-02T18:00', end: '2027-03-02T20:00' },
        ],
        dailyCap: 120,
        cannot: [],
        dislikes: {},
        breakAfter: 120,
        breakLength: 10,
      },
    ],
    machines: [],
    rooms: [{ id: 'bath' }, { id: 'hall' }],
    tasks,
    precedence: [],
    policy: {
      spread: 'early',
      grouping: 'room',
      hardestFirst: false,
      openRooms: 1,
      reserve: [],
      sessionCap: 120,
    },
    ...change,
  };
}

function task(id: string, steps: ProblemTask['steps'], change: Partial<ProblemTask> = {}): ProblemTask {
  return {
    id,
    title: id,
    room: 'bath',
    kind: 'work',
    layer: 1,
    priority: 'should',
    hardness: 2,
    steps,
    ...change,
  };
}

const hands = (id: string, minutes: number) => ({ id, mode: 'hands' as const, minutes });
const wait = (id: string, minutes: number) => ({ id, mode: 'wait' as const, minutes });
const at = (made: Plan, step: string) =>
  made.entries.filter((e) => e.step === step).map((e) => `${e.start.slice(8, 16)}-${e.end.slice(11)}`);

describe('plan', () => {
  it('fills a soak with other work', () => {
    const problem = problemOf([
      task('taps', [hands('spray', 5), wait('soak', 30), hands('rinse', 10)]),
      task('mirror', [hands('mirror-1', 20)]),
    ]);
    const made = make(problem);
    expect([at(made, 'spray'), at(made, 'mirror-1'), at(made, 'rinse')]).toEqual([
      ['01T18:00-18:05'],
      ['01T18:05-18:25'],
      ['01T18:35-18:45'],
    ]);
    expect(made.metrics.finish).toBe('2027-03-01T18:45');
  });

  it('vacuums the mattress between stripping and making the bed', () => {
    const problem = problemOf(
      [
        task('bed', [hands('strip', 10), wait('wash', 40), hands('make', 15)], { sameDay: true }),
        task('mattress', [hands('vacuum', 20)]),
      ],
      {
        precedence: [
          { before: 'strip', after: 'mattress', hard: true, reason: 'Bare first' },
          { before: 'mattress', after: 'make', hard: true, reason: 'Clean before it is covered' },
        ],
      },
    );
    const made = make(problem);
    expect(violations(problem, made)).toEqual([]);
    expect([at(made, 'vacuum'), at(made, 'make')]).toEqual([['01T18:10-18:30'], ['01T18:50-19:05']]);
  });

  it('never does what can’t be without something that is left out', () => {
    const jobs = ['one', 'two', 'three', 'four', 'five'];
    const problem = problemOf(
      [
        task('sort', [hands('sort-1', 60)], { priority: 'could' }),
        task('strip', [hands('strip-1', 10)], { priority: 'could' }),
        task('make', [hands('make-1', 5)], { priority: 'could', room: 'hall' }),
        ...jobs.map((id) => task(id, [hands(`${id}-1`, 43)], { priority: 'must', room: 'hall' })),
      ],
      {
        precedence: [
          { before: 'sort', after: 'strip', hard: true, reason: 'Sorted first' },
          { before: 'strip', after: 'make', hard: true, reason: 'Bare first' },
        ],
      },
    );
    for (let seed = 1; seed <= 5; seed++) {
      const made = plan(problem, { problemHash: HASH, seed, rounds: 150, stop: () => false });
      expect(violations(problem, made)).toEqual([]);
      expect(made.unplaced.map((out) => out.task)).toContain('make');
    }
  });

  it('delays the first step where a machine would keep a wait waiting too long', () => {
    const problem = problemOf(
      [task('curtains', [hands('down', 10), { ...wait('wash', 30), machine: 'washer' }, hands('up', 10)])],
      { machines: [{ id: 'washer', windows: [{ start: '2027-03-01T18:45', end: '2027-03-01T19:30' }] }] },
    );
    const made = make(problem);
    expect([at(made, 'down'), at(made, 'wash'), at(made, 'up')]).toEqual([
      ['01T18:35-18:45'],
      ['01T18:45-19:15'],
      ['01T19:15-19:25'],
    ]);
  });

  it('splits what may be split over two evenings, and says what can not be done', () => {
    const problem = problemOf([
      task('books', [{ ...hands('books-1', 150), split: 30 }]),
      task('sofa', [hands('sofa-1', 130)], { priority: 'could' }),
      task('roof', [{ ...hands('roof-1', 20), crew: 2 }], { priority: 'could' }),
    ]);
    const made = make(problem);
    expect(at(made, 'books-1')).toEqual(['01T18:00-20:00', '02T18:00-18:30']);
    expect(made.unplaced.map((u) => [u.task, u.reason])).toEqual([
      ['sofa', 'too-long'],
      ['roof', 'person'],
    ]);
  });

  it('names rain, the dark and a missing predecessor as reasons', () => {
    const day = (date: string) => ({ date, dry: false, daylight: { from: '07:00', to: '17:00' } });
    const problem = problemOf(
      [
        task('airing', [hands('air', 10)], { needs: ['dry'] }),
        task('terrace', [hands('sweep', 10)], { needs: ['daylight'] }),
        task('beds', [hands('beds-1', 10)]),
        task('lamp', [hands('lamp-1', 10)]),
      ],
      {
        days: [day('2027-03-01'), day('2027-03-02')],
        precedence: [
          { before: 'airing', after: 'beds', hard: true, reason: 'Aired before made' },
          { before: 'airing', after: 'lamp', hard: true, orderOnly: true, reason: 'Only the order' },
        ],
      },
    );
    expect(make(problem).unplaced.map((u) => [u.task, u.reason])).toEqual([
      ['airing', 'weather'],
      ['terrace', 'daylight'],
      ['beds', 'predecessor'],
    ]);
  });

  it('keeps must before could when there is no time for both', () => {
    const problem = problemOf(
      [
        task('polish', [hands('polish-1', 90)], { priority: 'could', layer: 0 }),
        task('drain', [hands('drain-1', 90)], { priority: 'must', layer: 9 }),
      ],
      { finish: '2027-03-01' },
    );
    expect(make(problem).unplaced.map((u) => u.task)).toEqual(['polish']);
  });

  it('evens out the load where it is asked to', () => {
    const windows = ['01', '02', '03', '04'].map((date) => ({
      start: `2027-03-${date}T18:00`,
      end: `2027-03-${date}T20:00`,
    }));
    const jobs = Array.from({ length: 6 }, (_, i) => task(`job-${i}`, [hands(`job-${i}-1`, 20)]));
    const even = problemOf(jobs, { finish: '2027-03-04' });
    const [ada] = even.people;
    const problem: Problem = {
      ...even,
      people: [{ ...ada!, windows }],
      policy: { ...even.policy, spread: 'even', grouping: 'none' },
    };
    // Six of twenty minutes over four dates: a share is thirty, and up to twice that costs nothing.
    const made = make(problem);
    const dates = made.entries.map((entry) => entry.start.slice(8, 10));
    for (const date of dates) expect(dates.filter((one) => one === date).length).toBeLessThanOrEqual(3);
    expect(made.metrics.costs.uneven).toBe(0);
  });

  it('stops when it is told to and still has a whole plan', () => {
    const problem = exampleProblem(7);
    const made = plan(problem, { problemHash: HASH, seed: 1, stop: () => true });
    expect(violations(problem, made)).toEqual([]);
  });

  test.prop([fc.integer({ min: 0, max: 1_000_000 }), fc.integer({ min: 0, max: 99 })], {
    numRuns: 10,
    seed: 20270301,
  })('gives the same plan for the same seed', (which, seed) => {
    const problem = exampleProblem(which);
    expect(make(problem, seed)).toEqual(make(problem, seed));
  });

  const mixes: [string, readonly Feature[]][] = [
    ['everything at once', FEATURES],
    ['no time to spare', ['tight', 'waits', 'split', 'crew', 'precedence', 'gaps', 'machines']],
    [
      'what is fixed and done',
      ['waits', 'machines', 'fixed', 'done', 'now', 'atMost', 'closesRoom', 'split', 'sameDay', 'precedence'],
    ],
    ...FEATURES.map((feature): [string, readonly Feature[]] => [`waits and ${feature}`, ['waits', feature]]),
  ];

  describe.each(mixes)('on generated problems with %s', (_name, features) => {
    test.prop([fc.integer({ min: 0, max: 1_000_000 })], { numRuns: 15, seed: 20270301 })(
      'breaks no rule',
      (seed) => {
        const problem = exampleProblem(seed, features, 16);
        expect(problemFaults(problem)).toEqual([]);
        const made = plan(problem, { problemHash: HASH, seed, rounds: ROUNDS, stop: () => false });
        expect(violations(problem, made)).toEqual([]);
      },
    );
  });
});
