import { describe, expect, it } from 'vitest';
import { describeFault } from '../basics/fault';
import type { Plan } from '../plan/plan';
import type { Problem, ProblemStep, ProblemTask } from '../plan/problem';
import { problemFaults } from '../plan/problem-faults';
import { parseProblem } from '../plan/read-problem';
import { checkPlan, describeViolation } from './check/check';
import { plan } from './plan';

const HASH = '0'.repeat(64);

function task(id: string, steps: ProblemStep[], change: Partial<ProblemTask> = {}): ProblemTask {
  return {
    id,
    title: id,
    room: 'bath',
    kind: 'work',
    layer: 1,
    priority: 'must',
    hardness: 2,
    steps,
    ...change,
  };
}

function hands(id: string, minutes: number, change: object = {}): ProblemStep {
  return { id, mode: 'hands', minutes, ...change };
}

/** Two evenings of two hours for one person. */
function problemOf(tasks: ProblemTask[], change: Partial<Problem> = {}): Problem {
  return {
    format: 'early-thaw/problem',
    version: 2,
    timezone: 'Europe/Berlin',
    start: '2027-03-01',
    finish: '2027-03-02',
    people: [somebody('18:00', '20:00')],
    machines: [],
    rooms: [{ id: 'bath' }],
    tasks,
    precedence: [],
    policy: {
      spread: 'early',
      grouping: 'room',
      hardestFirst: false,
      openRooms: 1,
      reserve: [],
      sessionCap: 240,
    },
    ...change,
  };
}

function somebody(from: string, to: string): Problem['people'][number] {
  const dates = ['2027-03-01', '2027-03-02'];
  return {
    id: 'ada',
    windows: dates.map((date) => ({ start: `${date}T${from}`, end: `${date}T${to}` })),
    dailyCap: 240,
    cannot: [],
    dislikes: {},
    breakAfter: 120,
    breakLength: 10,
  };
}

/** The plan of a problem that passes as one: it is valid, whatever it leaves out. */
function planned(problem: Problem): Plan {
  expect(problemFaults(problem)).toEqual([]);
  const made = plan(problem, { problemHash: HASH, seed: 1, rounds: 30, stop: () => false });
  expect(checkPlan(problem, made, HASH).map(describeViolation)).toEqual([]);
  return made;
}
const leftOut = ({ unplaced }: Plan) =>
  Object.fromEntries(unplaced.map(({ task, reason }) => [task, reason]));
const dust = task('dust', [hands('dust/do', 20)], { priority: 'could' });

describe('what nobody could plan', () => {
  it('a circle of hard rules is named', () => {
    const problem = problemOf([task('a', [hands('a/do', 10)]), task('b', [hands('b/do', 10)])], {
      precedence: [
        { before: 'a', after: 'b', hard: true, reason: 'So' },
        { before: 'b', after: 'a', hard: true, reason: 'The other way round' },
      ],
    });
    expect(problemFaults(problem).map(describeFault).join()).toMatch(/circle/i);
  });

  it('a wait that is longer than its longest is named, with its place', () => {
    const soak = { id: 'a/soak', mode: 'wait' as const, minutes: 60, atMost: 30 };
    const problem = problemOf([task('a', [hands('a/on', 5), soak, hands('a/off', 5)])]);
    const read = parseProblem(JSON.stringify(problem));
    expect(read.ok).toBe(false);
    expect(JSON.stringify(read)).toContain('atMost');
  });

  it('ten hours in one go are left out as too long, and keep nothing else from its place', () => {
    const made = planned(problemOf([task('attic', [hands('attic/clear', 600)]), dust]));
    expect(leftOut(made)).toEqual({ attic: 'too-long' });
  });

  it('ten hours in parts come as far as there is time, or not at all', () => {
    const made = planned(problemOf([task('attic', [hands('attic/clear', 600, { split: 30 })]), dust]));
    expect(leftOut(made)).toEqual({ attic: 'no-time' });
    expect(made.entries.map(({ step }) => step)).toEqual(['dust/do']);
  });

  it('windows shorter than any step leave all of it out, and say why', () => {
    const tasks = [task('a', [hands('a/do', 20)]), task('b', [hands('b/do', 30)])];
    const made = planned(problemOf(tasks, { people: [somebody('18:00', '18:15')] }));
    expect(made.entries).toEqual([]);
    expect(leftOut(made)).toEqual({ a: 'too-long', b: 'too-long' });
  });

  it('focuses that exclude each other leave out what they bind, and no more', () => {
    const evening = (id: string, kinds: string[]) => ({
      id,
      from: '2027-03-01T18:00',
      to: '2027-03-01T20:00',
      kinds,
      binds: 'both' as const,
    });
    const problem = problemOf(
      [
        task('sills', [hands('sills/do', 20)], { kind: 'sills' }),
        task('doors', [hands('doors/do', 20)], { kind: 'doors' }),
        dust,
      ],
      { focus: [evening('one', ['sills']), evening('other', ['doors'])] },
    );
    const made = planned(problem);
    expect(leftOut(made)).toEqual({ sills: 'focus', doors: 'focus' });
    expect(made.entries.map(({ step, start }) => `${step} ${start}`)).toEqual(['dust/do 2027-03-02T18:00']);
  });

  it('nothing at all is a plan of nothing', () => {
    expect(planned(problemOf([]))).toMatchObject({
      entries: [],
      unplaced: [],
      metrics: { finish: null, cost: 0 },
    });
    expect(leftOut(planned(problemOf([dust], { people: [] })))).toEqual({ dust: 'person' });
  });
});
