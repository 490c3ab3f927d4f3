import { fc, test } from '@fast-check/vitest';
import { describe, expect, it } from 'vitest';
import { taskOfStep } from '@/core/basics/ids';
import { CATALOGUE } from '@/core/catalogue/catalogue';
import type { Mark } from '@/core/clean/marks';
import { applyChange } from '@/core/household/change';
import { orderWork } from '@/core/order/ordered';
import type { Current } from '@/core/problem/campaign';
import { expand } from '@/core/problem/expand';
import { handsRange, listTasks } from '@/core/work/tasks';
import { workOf } from '@/core/work/work';
import { juniperRowUnderWay } from '@/demo/juniper-row';
import { filtered, marksFor, NO_FILTERS, neededMinutes, rowsAfter } from './scope-model';
import { scopeScreen } from './scope-screen';

const { household } = juniperRowUnderWay('2027-03-01');

function stateWith(marks: readonly Mark[]): Current {
  const made = applyChange(household, { do: 'mark', marks });
  const changed = { ...household, marks: made.ok ? made.value.marks : [] };
  const listed = listTasks(workOf(changed, CATALOGUE));
  const problem = expand(changed, CATALOGUE, '2027-03-01T17:00');
  const tasks = listed.filter((task) => task.scope.in);
  return {
    household: changed,
    now: '2027-03-01T17:00',
    today: '2027-03-01',
    listed,
    tasks,
    order: orderWork(tasks, changed.home, changed.rules, changed.clean.grouping),
    edits: {},
    campaign: { clean: changed.clean, problem, plans: undefined, stale: false },
  };
}

const screen = scopeScreen(stateWith([]));
const ids = (list: readonly { id: string }[]) => list.map((row) => row.id);

describe('the whole list', () => {
  it('holds what is in and what is out, and needs what is open of what is in', () => {
    const state = stateWith([]);
    expect(screen.rows.length).toBe(state.listed.length);
    expect(screen.rows.filter((row) => row.in).length).toBe(state.tasks.length);
    const all = handsRange(state.tasks).minutes;
    const begun = new Set<string>(state.household.ticks.map(({ step }) => taskOfStep(step)));
    const less = screen.rows.filter((row) => row.minutes - row.left > 0.5);
    expect(less.length).toBeGreaterThan(5);
    for (const row of less) expect(begun.has(row.id), row.id).toBe(true);
    expect(neededMinutes(screen.rows)).toBeLessThan(all);
    expect(neededMinutes(screen.rows.map((row) => ({ ...row, left: row.minutes })))).toBeCloseTo(all, -1.5);
  });

  it('names for a job only those who may do it', () => {
    const people = (id: string) => screen.rows.find((row) => row.id === id)?.people;
    expect(people('kitchen-4-oven:oven-paste')).toEqual(['Ines', 'Bram']);
    expect(people('hall-1-door:door-wash')).toEqual(['Ines', 'Bram', 'Odalys']);
    const drawers = screen.rows.find(({ id }) => id.startsWith('bedroom') && id.endsWith(':drawers-sort'));
    expect(drawers?.people).toContain('Teodor');
  });

  it.each([
    ['room', 'loft'],
    ['kind', 'floors'],
    ['person', 'Teodor'],
    ['product', 'Washing soda'],
    ['layer', 'high'],
    ['minutes', 'long'],
    ['scope', 'out'],
    ['text', ' wash DOOR'],
  ] as const)('is narrowed down by %s, and by two things to what both let through', (name, value) => {
    const one = filtered(screen.rows, { ...NO_FILTERS, [name]: value }, screen.today);
    expect(one.length).toBeGreaterThan(0);
    expect(one.length).toBeLessThan(screen.rows.length);
    const both = filtered(
      screen.rows,
      { ...NO_FILTERS, [name]: value, ...(name !== 'room' && { room: 'kitchen' }) },
      screen.today,
    );
    expect(ids(both)).toEqual(ids(one).filter((id) => name === 'room' || id.startsWith('kitchen-')));
  });

  const targets: Pick<Mark, 'on' | 'target'>[] = [
    { on: 'task', target: 'hall-1-door:door-wash' },
    { on: 'task', target: 'loft-4-mattress:mattress-turn' },
    { on: 'room', target: 'kitchen' },
    { on: 'kind', target: 'floors' },
  ];
  const says = fc.constantFrom<Omit<Partial<Mark>, 'on' | 'target'>>(
    { in: false, reason: 'not-worth-it' },
    { in: true },
    { priority: 'must' },
    { matters: true },
    { dreaded: true },
  );

  test.prop([fc.constantFrom(...targets), says], { seed: 20270301, numRuns: 40 })(
    'shows at once what the server will say',
    (target, what) => {
      const marks = marksFor([target], [], what);
      const shown = rowsAfter(screen.rows, marks);
      const kept = scopeScreen(stateWith(marks)).rows;
      expect(shown.map(({ id, in: isIn, dreaded }) => [id, isIn, dreaded])).toEqual(
        kept.map(({ id, in: isIn, dreaded }) => [id, isIn, dreaded]),
      );
      expect(neededMinutes(shown)).toBeCloseTo(neededMinutes(kept), 6);
    },
  );

  it('says more of what something was said of, and forgets nothing of it', () => {
    const known: Mark[] = [{ on: 'room', target: 'loft', in: false, reason: 'redone' }];
    expect(
      marksFor(
        [
          { on: 'room', target: 'loft' },
          { on: 'room', target: 'hall' },
        ],
        known,
        { dreaded: true },
      ),
    ).toEqual([
      { on: 'room', target: 'loft', in: false, reason: 'redone', dreaded: true },
      { on: 'room', target: 'hall', dreaded: true },
    ]);
  });
});
