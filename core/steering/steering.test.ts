import { describe, expect, it } from 'vitest';
import { juniperRow } from '../../demo/juniper-row';
import { taskOfStep } from '../basics/ids';
import { CATALOGUE } from '../catalogue/catalogue';
import { type Pin, type Steering, UNSTEERED } from '../clean/steering';
import { changeSteering, type SteeringChange } from '../household/steering-changes';
import type { Plan } from '../plan/plan';
import { changesBetween } from '../plan/plan-changes';
import { expand } from '../problem/expand';
import { checkPlan, describeViolation, plan, replan, whyThen } from '../spread';
import { placeByHand, type Wish } from './by-hand';

const HASH = '0'.repeat(64);
const NOW = '2027-03-01T17:00';
const household = juniperRow('2027-03-01');
const problemWith = (steering: Steering) => expand({ ...household, steering }, CATALOGUE, NOW);
const usual = problemWith(UNSTEERED);
const before: Plan = plan(usual, { problemHash: HASH, seed: 1, rounds: 0, stop: () => false });

const pin = (step: string, start = '2027-03-06T10:00'): Pin => ({
  step,
  people: ['ines'],
  start,
  end: start,
});
const said = (before: Steering, change: SteeringChange): Steering => {
  const made = changeSteering(before, change);
  if (!made.ok) throw new Error(made.why);
  return made.value;
};
const saying = (...changes: SteeringChange[]) => changes.reduce(said, UNSTEERED);

/** A task of one hands-on step, done by one person. */
const single = usual.tasks.find(
  (task) => task.steps.length === 1 && task.steps[0]?.mode === 'hands' && !task.steps[0].crew && !task.needs,
)!;

describe('what is said by hand', () => {
  it('keeps the last word on a step, and lets go of all that was said of a task', () => {
    const put = saying(
      { do: 'pin', pins: [pin('a:b/c')] },
      { do: 'pin', pins: [pin('a:b/c', '2027-03-07T10:00')] },
    );
    expect(put.pins).toEqual([pin('a:b/c', '2027-03-07T10:00')]);
    const off = saying(
      { do: 'pin', pins: [pin('a:b/c')] },
      { do: 'later', later: [{ task: 'a:b', from: '2027-03-09' }] },
    );
    expect(off).toMatchObject({ pins: [], later: [{ task: 'a:b', from: '2027-03-09' }] });
    const gone = said(said(off, { do: 'doer', task: 'a:b', person: 'bram' }), {
      do: 'let-go',
      tasks: ['a:b'],
    });
    expect(gone).toEqual(UNSTEERED);
  });

  it('keeps days free, once each, and opens them again', () => {
    const free = (date: string, is: boolean): SteeringChange => ({ do: 'free-day', date, free: is });
    expect(saying(free('2027-03-07', true), free('2027-03-06', true), free('2027-03-07', true)).free).toEqual(
      ['2027-03-06', '2027-03-07'],
    );
    expect(saying(free('2027-03-07', true), free('2027-03-07', false)).free).toEqual([]);
  });

  it('is in the problem as far as it still holds', () => {
    const step = single.steps[0]!;
    const steering = saying(
      { do: 'pin', pins: [pin(step.id), pin('gone:gone/gone'), pin(`${step.id}`, '2027-03-06T10:00')] },
      { do: 'free-day', date: '2027-03-07', free: true },
      { do: 'free-day', date: '2030-01-01', free: true },
    );
    const problem = problemWith(steering);
    expect(problem.fixed).toHaveLength(1);
    // It ends when its minutes are over, whatever was noted.
    expect(problem.fixed?.[0]).toMatchObject({ step: step.id, start: '2027-03-06T10:00' });
    expect(problem.fixed?.[0]?.end).not.toBe('2027-03-06T10:00');
    expect(problem.policy.reserve).toEqual(['2027-03-07']);
  });

  it('drops a pin that has passed undone: the job rolls on by itself', () => {
    const steering = saying({ do: 'pin', pins: [pin(single.steps[0]!.id, '2027-02-28T10:00')] });
    expect(problemWith(steering).fixed).toBeUndefined();
  });

  it('gives a job only to whom it is not kept from', () => {
    const ladder = usual.tasks.find((task) =>
      task.steps.some((step) => step.mode === 'hands' && step.tags?.includes('ladder')),
    )!;
    const barred = usual.people.find((person) => person.cannot.includes('ladder'))!;
    const problem = problemWith(saying({ do: 'doer', task: ladder.id, person: barred.id }));
    expect(problem.tasks.find((task) => task.id === ladder.id)?.person).toBeUndefined();
  });
});

describe('a job that is placed by hand', () => {
  const place = (wish: Partial<Wish>) =>
    placeByHand(usual, before, { task: single.id, date: '2027-03-06', ...wish });

  it('lies where it was wanted, and the rest makes room without breaking a rule', () => {
    const placed = place({ time: '10:00' });
    if (!placed.ok) throw new Error(placed.why);
    expect(placed.pins[0]).toMatchObject({ step: single.steps[0]!.id, start: '2027-03-06T10:00' });
    const problem = problemWith(saying({ do: 'pin', pins: placed.pins }));
    const made = replan(problem, before, HASH);
    expect(checkPlan(problem, made, HASH).map(describeViolation)).toEqual([]);
    const moved = changesBetween(before, made);
    expect(moved.find((change) => change.task === single.id)?.to?.start).toBe('2027-03-06T10:00');
    expect(moved.length).toBeLessThan(12);
    expect(whyThen(problem, made, single.id)).toEqual({ kind: 'by-hand' });
  });

  it('finds the first time of the date by itself', () => {
    const placed = place({});
    expect(placed.ok && placed.pins[0]?.start.slice(0, 10)).toBe('2027-03-06');
  });

  it('is refused where it can’t be, by a reason', () => {
    const ladder = usual.tasks.find((task) =>
      task.steps.some((step) => step.mode === 'hands' && step.tags?.includes('ladder')),
    )!;
    const barred = usual.people.find((person) => person.cannot.includes('ladder'))!;
    expect(place({ task: 'gone:gone' })).toEqual({ ok: false, why: 'gone' });
    expect(place({ date: '2027-05-01' })).toEqual({ ok: false, why: 'outside' });
    expect(place({ date: '2027-03-01', time: '09:00' })).toEqual({ ok: false, why: 'past' });
    expect(place({ time: '03:00' })).toEqual({ ok: false, why: 'no-room' });
    expect(place({ task: ladder.id, person: barred.id })).toEqual({ ok: false, why: 'person' });
  });
});

describe('why a job lies where it does', () => {
  it('has a reason for every job of the plan', () => {
    const tasks = new Set(before.entries.map((entry) => taskOfStep(entry.step)));
    const kinds = [...tasks].slice(0, 40).map((task) => whyThen(usual, before, task)?.kind);
    expect(kinds).not.toContain(undefined);
    expect(new Set(kinds).size).toBeGreaterThan(1);
    expect(whyThen(usual, before, 'gone:gone')).toBeUndefined();
  });

  it('names the time that was asked for', () => {
    const start = before.entries.find((entry) => taskOfStep(entry.step) === single.id)!.start;
    const focus = {
      id: 'a',
      from: `${start.slice(0, 10)}T00:00`,
      to: `${start.slice(0, 10)}T23:59`,
      tasks: [single.id],
    };
    const bound = (binds: 'work' | 'time') => ({ ...usual, focus: [{ ...focus, binds }] });
    expect(whyThen(bound('work'), before, single.id)).toEqual({ kind: 'asked' });
    expect(whyThen(bound('time'), before, single.id)?.kind).not.toBe('asked');
  });

  it('names a rule that holds: what comes before ends just then', () => {
    const ends = new Map(before.entries.map((entry) => [entry.step, entry.end]));
    const reasons = [...new Set(before.entries.map((entry) => taskOfStep(entry.step)))].flatMap((task) => {
      const why = whyThen(usual, before, task);
      return why?.kind === 'rule' ? [{ task, why }] : [];
    });
    expect(reasons.length).toBeGreaterThan(0);
    for (const { task, why } of reasons.slice(0, 10)) {
      const start = before.entries.filter((entry) => taskOfStep(entry.step) === task)[0]?.start;
      const of = [...ends].filter(([step]) => taskOfStep(step) === why.before).map(([, end]) => end);
      expect(of).toContain(start);
    }
  });
});
