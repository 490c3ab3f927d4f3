import { describe, expect, it } from 'vitest';
import { CATALOGUE } from '@/core/catalogue/catalogue';
import { roomsOf } from '@/core/home/room';
import type { Current } from '@/core/problem/campaign';
import { tasksOf } from '@/core/work/tasks';
import { workOf } from '@/core/work/work';
import { juniperRow } from '@/demo/juniper-row';
import { ticksIn } from './ticks';

const household = juniperRow('2027-03-01');
const state = (more: Partial<typeof household> = {}) => {
  const known = { ...household, ...more };
  return { household: known, tasks: tasksOf(workOf(known, CATALOGUE)) } as unknown as Current;
};
const kitchen = roomsOf(household.home).find(({ id }) => id === 'kitchen')!;

describe('what can be ticked off in a room', () => {
  const ticks = ticksIn(state(), kitchen);

  it('is every step by hand of every job there, each with its thing', () => {
    const steps = state()
      .tasks.filter(({ room }) => room.id === 'kitchen')
      .flatMap((task) => task.estimate.steps.filter(({ step }) => step.mode === 'hands'));
    expect(ticks).toHaveLength(steps.length);
    expect(
      ticks
        .filter(({ isDone }) => isDone)
        .map(({ step }) => step)
        .toSorted(),
    ).toEqual(
      household.ticks
        .map(({ step }) => step)
        .filter((step) => ticks.some((tick) => tick.step === step))
        .toSorted(),
    );
  });

  it('goes place by place where there are several, and step by step else', () => {
    const drawers = ticks.filter(({ words }) => words.includes('kitchen drawers'));
    expect(drawers.map(({ words }) => words.split(': ')[1])).toEqual([
      'drawer 1 of 4',
      'drawer 2 of 4',
      'drawer 3 of 4',
      'drawer 4 of 4',
    ]);
    expect(drawers.every(({ after }) => after.length === 0)).toBe(true);
    const inTurn = ticks.find(({ after }) => after.length > 0);
    expect(inTurn?.after[0]).toBe(ticks[ticks.indexOf(inTurn!) + 1]?.step);
  });

  it('is nothing where no clean is under way', () => {
    const clean = { ...household.clean!, closed: '2027-03-01' };
    expect(ticksIn(state({ clean }), kitchen)).toEqual([]);
  });
});
