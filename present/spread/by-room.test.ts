import { describe, expect, it } from 'vitest';
import { PRIORITIES } from '@/core/basics/choices';
import { DOZEN_HOMES } from '@/demo/dozen-homes';
import { quickPlan, stateOf } from '@/ui/testing/demo-state';
import { brokenByRoom, brokenOn, leftOutByRoom } from './by-room';

describe.each(DOZEN_HOMES.map((home) => [home.name, home] as const))('in %s', (_name, home) => {
  const now = home.now ?? `${home.clean.start}T06:00`;
  const made = quickPlan(home, now);
  const state = stateOf(home, now, made);
  const campaign = state.campaign!;

  it('every wish that the plan breaks is on its room, with both jobs and what it costs', () => {
    const rooms = brokenByRoom(state, campaign);
    const rows = rooms.flatMap(({ items }) => items);
    expect(rows).toHaveLength(made.metrics.wishesBroken);
    for (const { after, before, reason, cost } of rows) {
      expect(Math.min(after.length, before.length, reason.length)).toBeGreaterThan(0);
      expect(cost).toBeGreaterThan(0);
    }
    // Each is told on its day.
    const dates = new Set(rows.map(({ date }) => date));
    expect([...dates].flatMap((date) => brokenOn(date, rooms))).toHaveLength(rows.length);
    expect(dates.has('')).toBe(false);
  });

  it('everything that is left out is on its room once, with its reason', () => {
    const rows = leftOutByRoom(state, campaign).flatMap(({ items }) => items);
    expect(rows.map(({ task }) => task).sort()).toEqual(made.unplaced.map(({ task }) => task).sort());
    expect(rows.every(({ message }) => message.endsWith('.'))).toBe(true);
    const priority = new Map(campaign.problem.tasks.map((task) => [task.id, task.priority]));
    for (const { items } of leftOutByRoom(state, campaign)) {
      const ranks = items.map(({ task }) => PRIORITIES.indexOf(priority.get(task)!));
      expect(ranks).toEqual(ranks.toSorted());
    }
  });
});
