import { describe, expect, it } from 'vitest';
import { PRIORITIES } from '@/core/basics/choices';
import { taskOfStep } from '@/core/basics/ids';
import { minuteOf } from '@/core/basics/local-time';
import { CATALOGUE } from '@/core/catalogue/catalogue';
import type { PlanEntry } from '@/core/plan/plan';
import { expand } from '@/core/problem/expand';
import { checkPlan, plan } from '@/core/spread';
import { DOZEN_HOMES } from './dozen-homes';

const HASH = '0'.repeat(64);
const ROUNDS = 12;

/** What anybody sees at once who reads a plan aloud, asked of the plan alone. */
describe.each(DOZEN_HOMES.map((home) => [home.name, home] as const))('a plan for %s', (_name, home) => {
  const problem = expand(home, CATALOGUE, home.now);
  const made = plan(problem, { problemHash: HASH, seed: 1, rounds: ROUNDS, stop: () => false });
  const tasks = problem.tasks.map((task) => {
    const entries = made.entries.filter(({ step }) => taskOfStep(step) === task.id);
    return { ...task, method: task.id.slice(task.id.lastIndexOf(':') + 1), entries };
  });
  const planned = tasks.filter(({ entries }) => entries.length > 0);
  const startOf = (entries: readonly PlanEntry[]) => Math.min(...entries.map(({ start }) => minuteOf(start)));
  const endOf = (entries: readonly PlanEntry[]) => Math.max(...entries.map(({ end }) => minuteOf(end)));
  const step = (entries: readonly PlanEntry[], key: string) =>
    entries.filter((entry) => entry.step.endsWith(`/${key}`));
  const inRoomOf = ({ room }: { room: string }, methods: RegExp) =>
    planned.filter((other) => other.room === room && methods.test(other.method));

  it('keeps every rule and tells its cost', () => {
    expect(checkPlan(problem, made, HASH)).toEqual([]);
  });

  it('sweeps no ceiling after the floor under it', () => {
    for (const ceiling of planned.filter(({ method }) => /^ceiling-/.test(method)))
      for (const floor of inRoomOf(ceiling, /^(floor|carpet)-(vacuum|mop)/))
        expect(endOf(ceiling.entries), ceiling.id).toBeLessThanOrEqual(startOf(floor.entries));
  });

  it('hangs no curtain before its window is clean', () => {
    for (const curtain of planned.filter(({ method }) => /^(curtain|nets)-wash$/.test(method))) {
      const fixture = curtain.id.split('-').slice(0, 2).join('-');
      for (const window of inRoomOf(curtain, /^window-inside$/).filter(({ id }) =>
        id.startsWith(`${fixture}-`),
      ))
        expect(startOf(step(curtain.entries, 'up')), curtain.id).toBeGreaterThanOrEqual(
          endOf(window.entries),
        );
    }
  });

  it('lays no rug or mat back before the floor is dry', () => {
    for (const rug of planned.filter(({ method }) => /^(rug|mats|door-mat)-/.test(method)))
      for (const floor of inRoomOf(rug, /^floor-mop$/))
        for (const back of step(rug.entries, 'back'))
          expect(minuteOf(back.start), rug.id).toBeGreaterThanOrEqual(endOf(floor.entries));
  });

  it('puts back on the day on which it takes out, and makes each bed by nine', () => {
    for (const { id, kind, sameDay, by, entries } of planned) {
      if (sameDay || by || kind === 'belongings')
        expect(
          new Set(entries.flatMap(({ start, end }) => [start.slice(0, 10), end.slice(0, 10)])).size,
          id,
        ).toBe(1);
      if (by)
        expect(
          entries.every(({ end }) => end.slice(11) <= '21:00'),
          id,
        ).toBe(true);
    }
  });

  it('leaves no food out of the cold for long', () => {
    for (const { id, entries } of planned.filter(({ method }) => method === 'fridge-clean'))
      for (const half of ['upper', 'lower']) {
        const pieces = step(entries, half);
        expect(endOf(pieces) - minuteOf(pieces[0]!.start), id).toBeLessThanOrEqual(30);
      }
    for (const { id, entries } of planned.filter(({ method }) => method === 'freezer-defrost'))
      expect(endOf(entries) - minuteOf(entries[0]!.start), id).toBeLessThanOrEqual(60);
  });

  it('leaves nothing out that fits into the time of something that matters less', () => {
    // The same person, the same room, no rules and no more minutes: nothing but priority decides.
    const out = tasks.filter(({ entries, steps }) => entries.length === 0 && steps.length === 1);
    const weight = ({ priority }: { priority: (typeof PRIORITIES)[number] }) => PRIORITIES.indexOf(priority);
    const bound = new Set(
      problem.precedence
        .filter(({ hard }) => hard)
        .flatMap(({ before, after }) => [before, after])
        .map((side) => (side.includes('/') ? taskOfStep(side) : side)),
    );
    for (const missing of out.filter(({ id }) => !bound.has(id)))
      for (const lesser of planned.filter(
        (one) => one.room === missing.room && one.steps.length === 1 && !bound.has(one.id),
      )) {
        const [wanted, has] = [missing.steps[0]!, lesser.steps[0]!];
        const alike =
          JSON.stringify([wanted.tags, missing.needs]) === JSON.stringify([has.tags, lesser.needs]);
        if (weight(lesser) > weight(missing) && alike)
          expect(wanted.minutes, missing.id).toBeGreaterThan(has.minutes);
      }
  });
});
