import { describe, expect, it } from 'vitest';
import { juniperRow } from '../../demo/juniper-row';
import { expand } from '../problem/expand';
import { checkPlan, plan } from '../spread';
import { tasksOf } from '../work/tasks';
import { workOf } from '../work/work';
import { CATALOGUE } from './catalogue';
import { canBeInParts, inParts } from './in-parts';

const demo = juniperRow('2027-03-01');
const mop = CATALOGUE.method('floor-mop')!;
const marked = (target: string) => ({
  ...demo,
  marks: [{ on: 'task' as const, target, inParts: true }],
});
const mopped = tasksOf(workOf(demo, CATALOGUE)).find(({ method }) => method.id === 'floor-mop')!;

describe('a floor of a room that can’t be emptied', () => {
  it('is done half by half, and each half dries before anything goes onto it', () => {
    expect(inParts(mop).steps.map(({ key }) => key)).toEqual([
      'aside',
      'mop-first',
      'dry-first',
      'over',
      'mop-second',
      'dry-second',
      'back',
    ]);
  });

  it('takes as long to mop in all, set up twice, and the moving besides', () => {
    const half = tasksOf(workOf(marked(mopped.id), CATALOGUE)).find(({ id }) => id === mopped.id)!;
    const minutes = (task: typeof half, key: string) =>
      task.byRates.steps.find(({ step }) => step.key === key)!.minutes;
    const [setUp, pace] = [3, workOf(demo, CATALOGUE).pace];
    expect(minutes(half, 'mop-first') + minutes(half, 'mop-second')).toBeCloseTo(
      minutes(mopped, 'mop') + setUp * pace,
      6,
    );
    expect(minutes(half, 'over')).toBeCloseTo(8 * pace, 6);
  });

  it('is what a plan does, and nothing else of a clean is another', () => {
    const household = marked(mopped.id);
    const problem = expand(household, CATALOGUE, '2027-03-01T08:00');
    const usual = expand(demo, CATALOGUE, '2027-03-01T08:00');
    const others = (tasks: typeof problem.tasks) => tasks.filter(({ id }) => id !== mopped.id);
    expect(others(problem.tasks)).toEqual(others(usual.tasks));
    const made = plan(problem, { problemHash: '0'.repeat(64), seed: 1, rounds: 20, stop: () => false });
    expect(checkPlan(problem, made, '0'.repeat(64))).toEqual([]);
    const own = made.entries.filter(({ step }) => step.startsWith(`${mopped.id}/`));
    const at = (key: string) => own.find(({ step }) => step.endsWith(`/${key}`))!;
    expect(at('over').start >= at('dry-first').end).toBe(true);
    expect(at('back').start >= at('dry-second').end).toBe(true);
  });

  it('is asked about only where a floor is wet for a while', () => {
    const asked = [...CATALOGUE.methods.values()].filter(canBeInParts).map(({ id }) => id);
    expect(asked).toEqual(expect.arrayContaining(['floor-mop', 'floor-wax', 'carpet-shampoo']));
    expect(asked).not.toContain('floor-vacuum');
  });
});
