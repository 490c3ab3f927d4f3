import { describe, expect, it } from 'vitest';
import { DOZEN_HOMES } from '../../demo/dozen-homes';
import { juniperRow, juniperRowUnderWay } from '../../demo/juniper-row';
import { partsOfStepId } from '../basics/ids';
import { CATALOGUE } from '../catalogue/catalogue';
import { UNCHANGED_CATALOGUE } from '../catalogue/household-catalogue';
import type { Method } from '../catalogue/method';
import { fixturesOf, roomsOf } from '../home/room';
import { householdSchema } from '../household/household';
import { parseProblem } from '../plan/read-problem';
import { checkPlan, plan } from '../spread';
import { type CleanTask, stepIdOf } from '../work/task';
import { expand, expandWork, orderedWork } from './expand';

const HASH = '0'.repeat(64);
const home = juniperRow('2027-03-01');

describe('the demo household', () => {
  it('is a valid household of thirteen rooms', () => {
    expect(householdSchema.parse(home)).toEqual(home);
    expect(roomsOf(home.home)).toHaveLength(13);
    expect(roomsOf(home.home).flatMap(fixturesOf).length).toBeGreaterThan(160);
  });

  it('leads to a problem without faults, and to a valid plan that leaves nothing out', () => {
    const problem = expand(home, CATALOGUE);
    expect(parseProblem(JSON.stringify(problem))).toMatchObject({ ok: true });
    const made = plan(problem, { problemHash: HASH, seed: 1, rounds: 60, stop: () => false });
    expect(checkPlan(problem, made, HASH)).toEqual([]);
    expect(made.unplaced).toEqual([]);
  });

  it('is in its first week when it is loaded: some done, an evening slipped, the swap on a Saturday', () => {
    const { household, first } = juniperRowUnderWay('2027-03-01');
    const problem = expand(household, CATALOGUE, '2027-03-01T17:00');
    const due = first.entries
      .filter((entry) => entry.people.length > 0 && entry.end < '2027-03-01')
      .map((entry) => entry.step);
    const done = new Set((problem.done ?? []).map((entry) => entry.step));
    expect(done.size).toBeGreaterThan(20);
    expect(due.filter((step) => !done.has(step)).length).toBeGreaterThan(0);
    expect(household.clean.finish).toBe('2027-03-26');
    expect(parseProblem(JSON.stringify(problem))).toMatchObject({ ok: true });
  });
});

describe('expand', () => {
  it('leaves out a fixture that is left this time, and nothing else', () => {
    const changed = structuredClone(home);
    const sitting = roomsOf(changed.home).find((room) => room.id === 'sitting');
    for (const fixture of fixturesOf(sitting!)) if (fixture.kind === 'books') fixture.leave = true;
    const ids = (h: typeof home) => expand(h, CATALOGUE).tasks.map((task) => task.id);
    expect(ids(home).filter((id) => !ids(changed).includes(id))).toEqual(['sitting-2-books:books-dust']);
  });

  it('plans a method of the household’s own like any other: with its minutes, in its place in the order', () => {
    const own: Method = {
      ...(CATALOGUE.method('furniture-wipe') as Method),
      id: 'own-oil',
      title: 'Oil the rail',
      fixture: 'radiator',
      layer: 6,
    };
    const { tasks, precedence } = expand(
      { ...home, catalogue: { ...UNCHANGED_CATALOGUE, off: ['radiator-clean'], own: [own] } },
      CATALOGUE,
    );
    // 2 min + 1 ÷ 11 an hour × 1.1 (low down) = 8.
    expect(tasks.find((task) => task.id === 'hall-4-radiator:own-oil')).toMatchObject({
      title: 'Oil the rail',
      layer: 6,
      steps: [{ id: 'hall-4-radiator:own-oil/wipe', mode: 'hands', minutes: 8 }],
    });
    expect(tasks.some((task) => task.id.endsWith(':radiator-clean'))).toBe(false);
    expect(precedence).toContainEqual(
      expect.objectContaining({
        before: 'hall-4-radiator:own-oil',
        after: 'hall-0-hard-floor:floor-vacuum',
        hard: true,
      }),
    );
  });

  it('does the floor last and makes a bed that was stripped', () => {
    const { precedence } = expand(home, CATALOGUE);
    expect(precedence).toContainEqual(
      expect.objectContaining({
        before: 'hall-5-ceiling-light:light-wash',
        after: 'hall-0-hard-floor:floor-vacuum',
        hard: true,
        orderOnly: true,
      }),
    );
    expect(precedence).toContainEqual(
      expect.objectContaining({
        before: 'bedroom-5-bed:bed-linen/strip',
        after: 'bedroom-5-mattress:mattress-freshen',
        hard: true,
      }),
    );
  });

  it('counts a last wait as done once its minutes have passed', () => {
    const mopped = { ...home, ticks: [{ step: 'hall-0-hard-floor:floor-mop/mop', at: '2027-03-01T18:00' }] };
    const drying = expand(mopped, CATALOGUE, '2027-03-01T18:10').done ?? [];
    const dry = expand(mopped, CATALOGUE, '2027-03-01T18:25').done ?? [];
    expect(drying.map((entry) => entry.step)).toEqual(['hall-0-hard-floor:floor-mop/mop']);
    expect(dry[1]).toEqual({ step: 'hall-0-hard-floor:floor-mop/dry', end: '2027-03-01T18:25' });
  });

  it('drops ticks of steps that are no longer there', () => {
    expect(
      expand({ ...home, ticks: [{ step: 'gone:gone/gone', at: '2027-03-01T18:00' }] }, CATALOGUE).done,
    ).toEqual([]);
  });

  it('reads its own step ids', () => {
    expect(partsOfStepId('hall-0-hard-floor:floor-mop/dry')).toEqual({
      taskId: 'hall-0-hard-floor:floor-mop',
      fixtureId: 'hall-0-hard-floor',
      key: 'dry',
    });
    expect(partsOfStepId('nonsense')).toBeUndefined();
  });
});

describe('the problem of work that was looked at before', () => {
  it.each([juniperRow('2027-03-01'), ...DOZEN_HOMES].map((home) => [home.name, home] as const))(
    'is what it would be if it were worked out anew: %s',
    (_name, home) => {
      const work = orderedWork(home, CATALOGUE);
      const anew = (household: typeof home) =>
        expandWork(household, orderedWork(home, CATALOGUE), '2027-03-02T10:00');
      const before = JSON.stringify(expandWork(home, work, undefined));
      const steps = work.tasks.flatMap((task) =>
        task.estimate.steps.slice(0, 1).map((step) => stepIdOf(task, step)),
      );
      const begun = {
        ...home,
        ticks: steps
          .filter((_step, i) => i % 5 === 0)
          .map((step) => ({ step, at: '2027-03-01T18:00', used: usedInRoom(step, work.tasks) })),
        parts: steps.filter((_step, i) => i % 5 === 1).map((step) => ({ step, share: 40 })),
      };
      expect(expandWork(begun, work, '2027-03-02T10:00')).toEqual(anew(begun));
      const fewer = { ...begun, people: begun.people.slice(1) };
      expect(expandWork(fewer, work, '2027-03-02T10:00')).toEqual(anew(fewer));
      const wet = { ...begun, weather: [{ date: '2027-03-03', dry: false }] };
      expect(expandWork(wet, work, '2027-03-02T10:00')).toEqual(anew(wet));
      // Nothing of what was made before has become another.
      expect(JSON.stringify(expandWork(home, work, undefined))).toBe(before);
    },
  );

  function usedInRoom(step: string, tasks: readonly CleanTask[]) {
    const task = tasks.find(({ id }) => step.startsWith(`${id}/`)) as CleanTask;
    const { school, doses } = task.products;
    return { room: task.room.id, school, doses: [...doses] };
  }
});
