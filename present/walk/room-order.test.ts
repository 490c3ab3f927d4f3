import { describe, expect, it } from 'vitest';
import { CATALOGUE } from '@/core/catalogue/catalogue';
import { orderWork } from '@/core/order/ordered';
import { stepIdOf, tasksOf } from '@/core/work/tasks';
import { workOf } from '@/core/work/work';
import { DOZEN_HOMES } from '@/demo/dozen-homes';
import { juniperRow } from '@/demo/juniper-row';
import { quickPlan, stateOf } from '@/ui/testing/demo-state';
import { brokenByRoom } from '../spread/by-room';
import { earlierJobs, roomOrder } from './room-order';

const household = juniperRow('2027-03-01');
const tasks = tasksOf(workOf(household, CATALOGUE));
const steps = roomOrder(orderWork(tasks, household.home, household.rules, 'room'), 'bedroom', undefined);

describe('the order of work in a room', () => {
  it('starts with what goes into the wash, before dust flies, and ends with the floor', () => {
    expect(steps.slice(0, 3).map((step) => step.fixture)).toEqual([
      'bedroom-3-curtains',
      'bedroom-5-bed',
      'bedroom-0-ceiling',
    ]);
    expect(steps.at(-1)?.fixture).toBe('bedroom-0-carpet');
  });

  it('says which wait a step sets going, and which one it comes back from', () => {
    const [down, up] = steps.filter((step) => step.job === 'Wash the curtains');
    expect(down).toMatchObject({ sets: { minutes: 50 }, waited: 0 });
    expect(up).toMatchObject({ waited: 50, sets: undefined });
  });

  it('says what holds each step, and in front of what it can be moved', () => {
    const sill = steps.find((step) => step.task.endsWith(':sill-wipe'))!;
    expect(sill.holds[0]).toMatchObject({
      rule: 'window before sill',
      hard: true,
      after: ['Clean window, frame and sill inside'],
    });
    const before = earlierJobs(steps, steps.indexOf(sill)).map(({ task }) => task.split(':')[1]);
    expect(before).toContain('window-inside');
    expect(before).not.toContain('sill-wipe');
    expect(earlierJobs(steps, 0)).toEqual([]);
  });
});

describe.each(DOZEN_HOMES.map((home) => [home.name, home] as const))(
  'the order shown in %s',
  (_name, home) => {
    const now = home.now ?? `${home.clean.start}T06:00`;
    const made = quickPlan(home, now);
    const state = stateOf(home, now, made);
    const rooms = state.household.home.floors.flatMap((floor) => floor.rooms);

    it('is the order of the plan, what is left out at the end', () => {
      for (const { id } of rooms) {
        const whens = roomOrder(state.order, id, state.campaign).map(({ when }) => when);
        const starts = whens.map((when) => (when.is === 'planned' ? when.at : '9999'));
        expect(starts, id).toEqual(starts.toSorted());
      }
    });

    it('says of each wish that the plan sets aside where it does, once', () => {
      const listed = brokenByRoom(state, state.campaign!).flatMap(({ id, items }) =>
        items.map(({ before, reason }) => `${id}: ${before} (${reason})`),
      );
      const told = rooms.flatMap(({ id }) =>
        roomOrder(state.order, id, state.campaign).flatMap(({ setAside }) =>
          setAside.map(({ after, reason }) => `${id}: ${after} (${reason})`),
        ),
      );
      expect(told.toSorted()).toEqual(listed.toSorted());
    });

    it('has each pair that a rule orders the right way round, but those that are listed as broken', () => {
      const broken = new Set(
        brokenByRoom(state, state.campaign!).flatMap(({ items }) =>
          items.map(({ before, after }) => `${before} < ${after}`),
        ),
      );
      const starts = new Map(made.entries.map(({ step, start }) => [step, start]));
      const titles = new Map(state.campaign!.problem.tasks.map(({ id, title }) => [id, title]));
      let held = 0;
      for (const { rule, before, after, from, to } of state.order.links) {
        const first = starts.get(stepIdOf(before, before.estimate.steps[from]!));
        const then = starts.get(stepIdOf(after, after.estimate.steps[to]!));
        if (first === undefined || then === undefined) continue;
        held++;
        if (first <= then) continue;
        expect(rule.hard, rule.id).toBe(false);
        expect(broken).toContain(`${titles.get(before.id)} < ${titles.get(after.id)}`);
      }
      expect(held > 0).toBe(made.entries.length > 0);
    });
  },
);
