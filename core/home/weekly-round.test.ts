import { describe, expect, it } from 'vitest';
import { DOZEN_HOMES } from '../../demo/dozen-homes';
import { CATALOGUE } from '../catalogue/catalogue';
import { listTasks } from '../work/tasks';
import { workOf } from '../work/work';
import { homeFactsSchema } from './facts';
import { NO_FACTS } from './no-facts';
import { isInRound, ROUND_PART_NAMES, ROUND_PARTS, roundOf } from './weekly-round';

const everything = { covers: ROUND_PART_NAMES };

describe('the weekly round', () => {
  it('covers jobs that there are, each in one part, and sooner than a deep clean would', () => {
    const covered = ROUND_PART_NAMES.flatMap((part) => Object.keys(ROUND_PARTS[part].methods));
    expect(new Set(covered).size).toBe(covered.length);
    for (const id of covered) {
      const method = CATALOGUE.method(id);
      expect(method, id).toBeDefined();
      expect(roundOf(id)!.days, id).toBeLessThanOrEqual(method!.intervalMonths * 31);
    }
  });

  it('leaves the floors in: what a deep clean brings down ends up there', () => {
    for (const { id, kind } of CATALOGUE.all())
      if (kind === 'floors') expect(isInRound(id, everything), id).toBe(false);
  });

  it('takes out by itself what it covers, in any home, and nothing else', () => {
    for (const home of DOZEN_HOMES) {
      const facts = { ...home.home.facts, weeklyRound: { covers: ['beds' as const] } };
      const before = listTasks(workOf(home, CATALOGUE));
      const after = listTasks(workOf({ ...home, home: { ...home.home, facts } }, CATALOGUE));
      expect(after.map(({ id }) => id)).toEqual(before.map(({ id }) => id));
      after.forEach((task, at) => {
        const was = before[at]!.scope;
        const isBed = task.method.id === 'bed-linen' || task.method.id === 'bed-linen-wash';
        expect(task.scope, task.id).toEqual(isBed && was.in ? { ...was, in: false, reason: 'routine' } : was);
      });
    }
  });

  it('gives way to what somebody decided about a job', () => {
    const home = DOZEN_HOMES[1]!;
    const facts = { ...home.home.facts, weeklyRound: everything };
    const task = listTasks(workOf(home, CATALOGUE)).find(({ method }) => method.id === 'bed-linen')!;
    const marks = [...home.marks, { on: 'task' as const, target: task.id, in: true }];
    const found = listTasks(workOf({ ...home, home: { ...home.home, facts }, marks }, CATALOGUE));
    expect(found.find(({ id }) => id === task.id)!.scope.in).toBe(true);
  });

  it('is nothing where nobody said, and names no part that there isn’t', () => {
    expect(isInRound('bed-linen', undefined)).toBe(false);
    expect(homeFactsSchema.parse({})).toEqual(NO_FACTS);
    expect(homeFactsSchema.safeParse({ weeklyRound: { covers: ['roof'] } }).success).toBe(false);
    expect(homeFactsSchema.parse({ weeklyRound: { covers: ['bins'], who: 'ines' } }).weeklyRound).toEqual({
      covers: ['bins'],
      who: 'ines',
    });
  });
});
