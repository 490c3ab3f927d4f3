import { describe, expect, it } from 'vitest';
import { juniperRow } from '../../demo/juniper-row';
import { CATALOGUE } from '../catalogue/catalogue';
import type { WaitStep } from '../catalogue/method';
import type { ProductSchool } from '../catalogue/work-kinds';
import { chooseProducts } from '../products/product-choice';
import { longestWait, productsWorkingIn } from './dwell';
import { type CleanTask, tasksOf } from './tasks';
import { workOf } from './work';

const demo = juniperRow('2027-03-01');
const tasks = tasksOf(workOf(demo, CATALOGUE));

/** A task of the demo with what a school does it with, and its one wait. */
function waitOf(methodId: string, school: ProductSchool = 'pantry'): [CleanTask, WaitStep] {
  const found = tasks.find(({ method }) => method.id === methodId) as CleanTask;
  const products = chooseProducts(found.method, { kind: found.method.fixture }, school);
  const wait = found.method.steps.find((step) => step.mode === 'wait') as WaitStep;
  return [{ ...found, products }, wait];
}

describe('the longest that a wait may last', () => {
  it('is what the method says, or how long the product may stay on, whichever is less', () => {
    // Citric acid may stay for three hours, the method says two.
    expect(longestWait(...waitOf('shower-head-descale'), 45)).toBe(120);
    // A remover from the shop may stay for an hour.
    expect(longestWait(...waitOf('shower-head-descale', 'shop'), 45)).toBe(60);
  });

  it('is never less than the wait itself', () => {
    expect(longestWait(...waitOf('shower-head-descale', 'shop'), 75)).toBe(75);
  });

  it('is a while after a machine has run: wet washing turns musty in two hours, dry washing waits a day', () => {
    const [task, wait] = waitOf('shower-head-descale');
    const free = { ...task, products: { ...task.products, doses: [] } };
    const run = (machine: 'washer' | 'dryer' | 'oven'): WaitStep => {
      const { atMostMinutes: _, works: __, ...rest } = wait;
      return { ...rest, machine };
    };
    expect(longestWait(free, run('washer'), 60)).toBe(180);
    expect(longestWait(free, run('dryer'), 60)).toBe(1500);
    expect(longestWait(free, run('oven'), 60)).toBeUndefined();
  });

  it('is what a method says, where that is longer: nothing wet lies in a washer after an empty run', () => {
    const [task, wait] = waitOf('washer-clean');
    expect(longestWait(task, wait, 120)).toBe(2880);
  });

  it('lets soda paste work overnight in an oven, and an oven cleaner by its label', () => {
    const [task, wait] = waitOf('oven-paste');
    const doses = (product: 'baking-soda' | 'oven-cleaner') => ({
      ...task,
      products: { ...task.products, doses: [{ product, amount: 100, unit: 'ml' as const }] },
    });
    expect(longestWait(doses('baking-soda'), wait, 120)).toBe(1440);
    expect(longestWait(doses('oven-cleaner'), wait, 120)).toBe(180);
  });

  it('has no end where nothing works meanwhile', () => {
    const [task, wait] = waitOf('shower-head-descale');
    const { atMostMinutes: _, ...endless } = wait;
    const drying: WaitStep = { ...endless, works: false };
    expect(longestWait(task, drying, 45)).toBeUndefined();
    expect(productsWorkingIn(task, drying)).toEqual([]);
    expect(productsWorkingIn(task, wait)).toEqual(['citric-acid']);
  });
});
