import { describe, expect, it } from 'vitest';
import { juniperRow } from '../../demo/juniper-row';
import { CATALOGUE } from '../catalogue/catalogue';
import type { Mark } from '../clean/marks';
import { fixturesOf, roomsOf } from '../home/room';
import type { Household } from '../household/household';
import { expand } from '../problem/expand';
import { handsRange, listTasks, tasksOf } from '../work/tasks';
import { unrounded } from '../work/testing/unrounded';
import { workOf } from '../work/work';

const home = juniperRow('2027-03-01');

function changed(change: (household: Household) => void): Household {
  const copy = structuredClone(home);
  change(copy);
  return copy;
}

const withMarks = (...marks: Mark[]) => changed((household) => household.marks.push(...marks));
const list = (household: Household) => listTasks(workOf(household, CATALOGUE));
const scopeIn = (household: Household, id: string) => list(household).find((task) => task.id === id)?.scope;
const hours = (household: Household) => handsRange(tasksOf(workOf(household, CATALOGUE))).minutes / 60;
const fixture = (household: Household, id: string) =>
  roomsOf(household.home)
    .flatMap(fixturesOf)
    .find((found) => found.id === id)!;

describe('the scope', () => {
  it('is what the walk and the catalogue say until somebody decides', () => {
    expect(scopeIn(home, 'hall-1-door:door-wash')).toMatchObject({
      in: true,
      by: 'usual',
      priority: 'should',
    });
    expect(scopeIn(home, 'sitting-6-upholstery:upholstery-shampoo')).toMatchObject({
      in: false,
      reason: 'occasional',
    });
    const left = changed((household) => {
      fixture(household, 'hall-1-door').leave = true;
    });
    expect(scopeIn(left, 'hall-1-door:door-wash')).toMatchObject({ in: false, reason: 'left' });
  });

  it('takes in what is done now and then where it is bad enough', () => {
    const bad = changed((household) => {
      fixture(household, 'sitting-6-upholstery').soil = 'years';
    });
    expect(scopeIn(bad, 'sitting-6-upholstery:upholstery-shampoo')?.in).toBe(true);
  });

  it('knows what is not due by the finish, sooner where water is hard', () => {
    const taps = 'bathroom-2-taps:taps-descale';
    const interval = CATALOGUE.method('taps-descale')!.intervalMonths;
    const done = (date: string, hardWater: boolean) =>
      scopeIn(
        changed((household) => {
          fixture(household, 'bathroom-2-taps').lastDone = date;
          household.home.facts.hardWater = hardWater;
        }),
        taps,
      );
    expect(interval).toBe(3);
    expect(done('2027-02-01', false)).toMatchObject({ in: false, reason: 'not-due', due: '2027-05-01' });
    expect(done('2027-02-01', true)).toMatchObject({ due: '2027-04-01' });
    expect(done('2026-12-20', false)).toMatchObject({ in: true, due: '2027-03-20' });
  });

  it('goes by what was decided nearest to the task', () => {
    const decided = withMarks(
      { on: 'kind', target: 'walls', in: false, reason: 'not-worth-it', dreaded: true },
      { on: 'room', target: 'hall', in: true, priority: 'must' },
      { on: 'task', target: 'hall-1-door:door-wash', in: false, reason: 'redone' },
    );
    expect(scopeIn(decided, 'sitting-1-door:door-wash')).toMatchObject({
      in: false,
      by: 'kind',
      reason: 'not-worth-it',
    });
    expect(scopeIn(decided, 'hall-4-radiator:radiator-clean')).toMatchObject({
      in: true,
      by: 'room',
      priority: 'must',
      dreaded: true,
    });
    expect(scopeIn(decided, 'hall-1-door:door-wash')).toMatchObject({
      in: false,
      by: 'task',
      reason: 'redone',
      priority: 'must',
    });
  });

  it('hands priority, dread and what matters on to the plan, and only what is in', () => {
    const decided = withMarks(
      { on: 'task', target: 'hall-1-door:door-wash', dreaded: true, matters: true },
      { on: 'room', target: 'loft', in: false, reason: 'not-worth-it' },
    );
    const { tasks } = expand(decided, CATALOGUE);
    expect(tasks.find((task) => task.id === 'hall-1-door:door-wash')).toMatchObject({
      priority: 'must',
      hardness: 5,
    });
    expect(tasks.filter((task) => task.room === 'loft')).toEqual([]);
    expect(hours(decided)).toBeLessThan(hours(home));
  });

  it('keeps a guess apart from the estimate, and plans with it only where that is wanted', () => {
    const guess: Mark = { on: 'task', target: 'hall-1-door:door-wash', guessMinutes: 30 };
    const beside = list(withMarks(guess)).find((task) => task.id === guess.target)!;
    expect([beside.estimate.hands.minutes, beside.byRates.hands.minutes, beside.scope.guessMinutes]).toEqual([
      8.5, 8.5, 30,
    ]);
    const planned = changed((household) => {
      household.marks.push(guess);
      household.clean.estimates = 'guess';
    });
    const used = list(planned).find((task) => task.id === guess.target)!;
    expect([used.estimate.hands.minutes, used.byRates.hands.minutes]).toEqual([30, 8.5]);
    expect(expand(planned, CATALOGUE).tasks.find((task) => task.id === guess.target)?.steps[0]?.minutes).toBe(
      30,
    );
  });
});

describe('what happens with belongings', () => {
  const school = (belongings: Household['clean']['belongings']) =>
    changed((household) => {
      household.clean.belongings = belongings;
    });

  it('changes the tasks and the hours', () => {
    expect(hours(school('leave'))).toBeLessThan(hours(school('stop')) - 5);
    const passes = tasksOf(workOf(school('first'), CATALOGUE)).filter(
      (task) => task.method.id === 'sorting-pass',
    );
    expect(passes.length).toBeGreaterThan(5);
    expect(tasksOf(workOf(home, CATALOGUE)).some((task) => task.method.id === 'sorting-pass')).toBe(false);
  });

  it('moves deciding to the pass and loses none of it', () => {
    const kitchen = (household: Household) =>
      tasksOf(workOf(household, CATALOGUE)).filter((task) => task.room.id === 'kitchen');
    const minutes = (household: Household) => unrounded(kitchen(household));
    // The pass adds its own set-up of 5 minutes; seconds are rounded to a tenth.
    expect(minutes(school('first'))).toBeCloseTo(minutes(school('stop')) + 5, -0.5);
  });

  it('sorts a room before anything in it is cleaned', () => {
    const { precedence } = expand(school('first'), CATALOGUE);
    const after = precedence.filter((link) => link.before === 'kitchen-sorting:sorting-pass' && link.hard);
    expect(after.length).toBeGreaterThan(20);
    expect(after.every((link) => link.after.startsWith('kitchen-'))).toBe(true);
  });
});
