import { describe, expect, it } from 'vitest';
import type { Plan } from '../plan/plan';
import type { Problem } from '../plan/problem';
import { dayView } from './day-view';
import { packFor, runAtStart } from './pack';
import { secondOf } from './seconds';

const problem: Problem = {
  format: 'early-thaw/problem',
  version: 2,
  timezone: 'Europe/Berlin',
  start: '2027-03-01',
  finish: '2027-03-02',
  people: [],
  machines: [],
  rooms: [{ id: 'bath' }],
  tasks: [
    {
      id: 'taps',
      title: 'Taps',
      room: 'bath',
      kind: 'limescale',
      layer: 4,
      priority: 'should',
      hardness: 2,
      steps: [
        { id: 'wrap', mode: 'hands', minutes: 5 },
        { id: 'soak', mode: 'wait', minutes: 30, atMost: 45 },
        { id: 'rinse', mode: 'hands', minutes: 10 },
      ],
    },
    {
      id: 'mirror',
      title: 'Mirror',
      room: 'bath',
      kind: 'walls',
      layer: 3,
      priority: 'should',
      hardness: 1,
      steps: [{ id: 'wipe', mode: 'hands', minutes: 20 }],
    },
    {
      id: 'floor',
      title: 'Floor',
      room: 'bath',
      kind: 'floors',
      layer: 8,
      priority: 'should',
      hardness: 1,
      steps: [{ id: 'mop', mode: 'hands', minutes: 15 }],
    },
  ],
  precedence: [{ before: 'mirror', after: 'floor', hard: true, reason: 'Floor last' }],
  policy: {
    spread: 'early',
    grouping: 'room',
    hardestFirst: false,
    openRooms: 1,
    reserve: [],
    sessionCap: 120,
  },
};

const entry = (step: string, from: string, to: string, people = ['ada']) => ({
  step,
  people,
  start: `2027-03-01T${from}`,
  end: `2027-03-01T${to}`,
});
const plan = {
  entries: [
    entry('wrap', '18:00', '18:05'),
    entry('soak', '18:05', '18:35', []),
    entry('wipe', '18:05', '18:25'),
    entry('rinse', '18:35', '18:45'),
    entry('mop', '18:45', '19:00', ['ben']),
  ],
} as Plan;

const view = (now: string, done: Record<string, string> = {}, person?: string) =>
  viewOf(
    { ...problem, done: Object.entries(done).map(([step, end]) => ({ step, end: `2027-03-01T${end}` })) },
    plan,
    now,
    person,
  );

const viewOf = (given: Problem, made: Plan, now: string, person?: string) => {
  const pack = packFor(given, made, '2027-03-01');
  return dayView(pack, runAtStart(pack), secondOf(`2027-03-01T${now}:00`), person);
};

describe('dayView', () => {
  it('begins with the first step, and the rest is next', () => {
    const day = view('18:00');
    expect(day.now?.step.id).toBe('wrap');
    expect(day.next.map((item) => item.step.id)).toEqual(['wipe', 'rinse', 'mop']);
    expect(day.minutes).toEqual({ done: 0, open: 50 });
  });

  it('fills the soak with what is ready, and shows its clock', () => {
    const day = view('18:06', { wrap: '18:05' });
    expect(day.now?.step.id).toBe('wipe');
    expect(day.waits).toMatchObject([
      { since: '2027-03-01T18:05', ready: '2027-03-01T18:35', latest: '2027-03-01T18:50' },
    ]);
  });

  it('puts a soak that is over before everything else', () => {
    expect(view('18:35', { wrap: '18:05' }).now?.step.id).toBe('rinse');
  });

  it('has nothing to do now while all that is left soaks', () => {
    const day = view('18:20', { wrap: '18:05', wipe: '18:18', mop: '18:19' });
    expect(day.now).toBeUndefined();
    expect(day.next.map((item) => item.step.id)).toEqual(['rinse']);
  });

  it('ends the soak when the step after it is ticked', () => {
    const day = view('18:50', { wrap: '18:05', wipe: '18:25', rinse: '18:45' });
    expect(day.waits).toEqual([]);
    expect(day.done.map((item) => item.step.id)).toEqual(['wrap', 'wipe', 'rinse']);
    expect(day.now?.step.id).toBe('mop');
  });

  it('keeps the floor last where only the order binds, as long as both are planned', () => {
    const [rule] = problem.precedence;
    const ordered = { ...problem, precedence: [{ ...rule!, orderOnly: true }] };
    const without = { ...plan, entries: plan.entries.filter((item) => item.step !== 'wipe') };
    const first = (made: Plan) => viewOf(ordered, made, '18:00', 'ben').now?.step.id;
    expect([first(plan), first(without)]).toEqual([undefined, 'mop']);
  });

  it('holds a step back until what must come before it is done', () => {
    expect(view('18:00', {}, 'ben').now).toBeUndefined();
    expect(view('18:30', { wipe: '18:25' }, 'ben').now?.step.id).toBe('mop');
  });

  it('proposes first what somebody else stands and waits for, once they would be at it', () => {
    expect(view('18:40', {}, 'ada').now?.step.id).toBe('wrap');
    expect(view('18:45', {}, 'ada').now?.step.id).toBe('wipe');
    expect(view('18:45', { wipe: '18:44' }, 'ada').now?.step.id).toBe('wrap');
    expect(view('18:45').now?.step.id).toBe('wrap');
  });
});
