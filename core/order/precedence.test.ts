import { describe, expect, it } from 'vitest';
import { juniperRow } from '../../demo/juniper-row';
import { CATALOGUE } from '../catalogue/catalogue';
import { tasksOf } from '../clean/tasks';
import { workOf } from '../clean/work';
import { inWorkingOrder, precedenceOf } from './precedence';
import { ORDER_RULES, orderRuleSchema } from './rules';

const tasks = tasksOf(workOf(juniperRow('2027-03-01'), CATALOGUE));
const links = precedenceOf(tasks, ORDER_RULES);

describe('the rules of order', () => {
  it('have the form of a rule, each under a name of its own', () => {
    for (const rule of ORDER_RULES) expect(orderRuleSchema.parse(rule)).toEqual(rule);
    expect(new Set(ORDER_RULES.map((rule) => rule.id)).size).toBe(ORDER_RULES.length);
  });

  it('name methods and steps that the catalogue knows', () => {
    for (const { id, before, after } of ORDER_RULES) {
      for (const selector of [before, after]) {
        for (const method of selector.methods ?? []) {
          const keys = CATALOGUE.method(method)?.steps.map((step) => step.key);
          expect(keys, `${id}: ${method}`).toBeDefined();
          if (selector.step !== undefined) expect(keys, id).toContain(selector.step);
        }
      }
    }
  });

  it('hold within their room: the floor of the hall waits for the hall alone', () => {
    const before = links
      .filter((link) => link.after === 'hall-0-hard-floor:floor-vacuum')
      .map((link) => link.before);
    expect(before.length).toBeGreaterThan(8);
    expect(before.every((id) => id.startsWith('hall-'))).toBe(true);
  });

  it('hold within their stop: each cupboard is wiped inside before its own front', () => {
    const pairs = links.filter(
      (link) => link.after.endsWith('cupboard-fronts') && link.before.endsWith('cupboard-sort'),
    );
    expect(pairs).toHaveLength(3);
    expect(pairs.every(({ before, after }) => before.split(':')[0] === after.split(':')[0])).toBe(true);
  });

  it('never put a task before itself', () => {
    expect(links.filter((link) => link.before.split('/')[0] === link.after.split('/')[0])).toEqual([]);
  });
});

describe('inWorkingOrder', () => {
  it('goes from the ceiling to the floor, and along the walk within a layer', () => {
    const hall = inWorkingOrder(tasks.filter((task) => task.room.id === 'hall')).map(
      (task) => task.method.id,
    );
    expect(hall[0]).toBe('ceiling-dust');
    expect(hall.at(-1)).toBe('floor-mop');
    expect(hall.indexOf('door-wash')).toBeLessThan(hall.indexOf('radiator-clean'));
  });
});
