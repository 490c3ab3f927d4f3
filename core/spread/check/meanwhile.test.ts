import { describe, expect, it } from 'vitest';
import type { Plan } from '../../plan/plan';
import type { Problem } from '../../plan/problem';
import { exampleProblem } from '../examples/problems';
import { checkPlan } from './check';

const HASH = 'a'.repeat(64);

/** Ada and her son Ben in one room: an hour's cleaner that keeps him out, then half an hour of vacuuming. */
const problem: Problem = {
  ...exampleProblem(1, [], 1),
  start: '2027-03-01',
  finish: '2027-03-01',
  people: ['ada', 'ben'].map((id) => ({
    id,
    windows: [{ start: '2027-03-01T08:00', end: '2027-03-01T20:00' }],
    dailyCap: 600,
    cannot: [],
    dislikes: {},
    breakAfter: 240,
    breakLength: 0,
  })),
  machines: [],
  rooms: [{ id: 'kitchen' }],
  tasks: [
    [
      'oven',
      [
        { id: 'spray', mode: 'hands', minutes: 10 },
        { id: 'soak', mode: 'wait', minutes: 60 },
      ],
    ],
    ['floor', [{ id: 'vacuum', mode: 'hands', minutes: 30, tags: ['noise'] }]],
  ].map(([id, steps]) => ({
    id: id as string,
    title: id as string,
    room: 'kitchen',
    kind: id as string,
    layer: 1,
    priority: 'must' as const,
    hardness: 1,
    steps: steps as Problem['tasks'][number]['steps'],
  })),
  precedence: [],
  fixed: [],
  done: [],
};

const plan: Plan = {
  format: 'early-thaw/plan',
  version: 1,
  problem: HASH,
  entries: [
    { step: 'spray', people: ['ada'], start: '2027-03-01T09:00', end: '2027-03-01T09:10' },
    { step: 'soak', people: [], start: '2027-03-01T09:10', end: '2027-03-01T10:10' },
    { step: 'vacuum', people: ['ben'], start: '2027-03-01T09:30', end: '2027-03-01T10:00' },
  ],
  sessions: [
    { id: 's1', person: 'ada', date: '2027-03-01', start: '2027-03-01T09:00', end: '2027-03-01T09:10' },
    { id: 's2', person: 'ben', date: '2027-03-01', start: '2027-03-01T09:30', end: '2027-03-01T10:00' },
  ],
  unplaced: [],
  metrics: {
    finish: '2027-03-01T10:10',
    hands: 40,
    session: 40,
    idle: 0,
    unplaced: { must: 0, should: 0, could: 0 },
    openRoomNights: 0,
    wishesBroken: 0,
  },
};

/** What is said of the plan once the problem is changed. */
function said(change: (problem: Problem) => void): string[] {
  const changed = structuredClone(problem);
  change(changed);
  return checkPlan(changed, plan, HASH).map(({ rule, message }) => `${rule}: ${message}`);
}

const stepIn = (of: Problem, id: string) =>
  of.tasks.flatMap(({ steps }) => steps).find((step) => step.id === id)!;

describe('what goes on meanwhile', () => {
  it('is no matter where nothing is asked', () => {
    expect(said(() => {})).toEqual([]);
  });

  it('keeps a room open while it is in use, past midnight too', () => {
    const closes = (of: Problem) => Object.assign(stepIn(of, 'soak'), { closesRoom: true });
    const withUse = (from: string, to: string) =>
      said((of) => {
        closes(of);
        of.rooms[0]!.inUse = [{ from, to }];
      }).filter((line) => line.startsWith('10'));
    expect(withUse('10:00', '11:00')).toEqual([
      '10: step "soak" (2027-03-01T09:10 to 2027-03-01T10:10) closes room "kitchen" while it is in use',
    ]);
    expect(withUse('22:00', '09:11')).toHaveLength(1);
    expect(withUse('10:10', '09:10')).toHaveLength(0);
    expect(withUse('09:30', '09:30')).toHaveLength(0);
  });

  it('has a grown-up at home for a wait that is attended', () => {
    const attended = (windows: Problem['attendance']) =>
      said((of) => {
        Object.assign(stepIn(of, 'soak'), { attended: true });
        if (windows) of.attendance = windows;
      });
    expect(attended(undefined)).toEqual([]);
    expect(attended([{ start: '2027-03-01T09:10', end: '2027-03-01T10:10' }])).toEqual([]);
    expect(attended([{ start: '2027-03-01T09:10', end: '2027-03-01T10:09' }])).toEqual([
      '10: step "soak" (2027-03-01T09:10 to 2027-03-01T10:10) runs while no grown-up is at home',
    ]);
  });

  it('keeps out of the room whom a step keeps out', () => {
    const keeps = (person: string) => said((of) => Object.assign(stepIn(of, 'soak'), { keepsOut: [person] }));
    expect(keeps('ada')).toEqual([]);
    expect(keeps('ben')[0]).toMatch(/^10: step "vacuum".* has "ben" in the room/);
  });

  it('makes no noise in quiet hours', () => {
    expect(said((of) => Object.assign(of, { quiet: [{ from: '13:00', to: '15:00' }] }))).toEqual([]);
    expect(said((of) => Object.assign(of, { quiet: [{ from: '09:59', to: '15:00' }] }))[0]).toMatch(
      /^10: step "vacuum".* makes noise in a quiet time/,
    );
  });

  it('gives time to its work, and work to its time', () => {
    const focus = (more: Partial<NonNullable<Problem['focus']>[number]>) =>
      said((of) => {
        of.focus = [
          {
            id: 'f',
            from: '2027-03-01T09:00',
            to: '2027-03-01T09:45',
            kinds: ['oven'],
            binds: 'time',
            ...more,
          },
        ];
      });
    expect(focus({ people: ['ada'] })).toEqual([]);
    expect(focus({})[0]).toMatch(
      /^10: step "vacuum".* of "ben" lies in the time that focus "f" gives to other work/,
    );
    expect(focus({ binds: 'work' })).toEqual([]);
    expect(focus({ binds: 'work', people: ['ben'] })[0]).toMatch(
      /^10: step "spray".* lies in none of the times/,
    );
    expect(focus({ binds: 'work', kinds: ['floor'] })[0]).toMatch(
      /^10: step "vacuum".* lies in none of the times/,
    );
  });

  it('ends by its time of day', () => {
    expect(said((of) => Object.assign(of.tasks[0]!, { by: '10:10' }))).toEqual([]);
    expect(said((of) => Object.assign(of.tasks[0]!, { by: '10:09' }))[0]).toMatch(
      /^7: step "soak".* ends after/,
    );
  });
});
