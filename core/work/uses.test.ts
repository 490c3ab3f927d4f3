import { describe, expect, it } from 'vitest';
import { homeNamed } from '../../demo/dozen-homes';
import { CATALOGUE } from '../catalogue/catalogue';
import { isOf } from '../catalogue/product-facts';
import { productsOf } from '../products/product-choice';
import type { CleanTask } from './task';
import { tasksOf } from './tasks';
import { earliestAfter, holdOf, isInTheWay, usedAt, usesOf } from './uses';
import { workOf } from './work';

const tasks = tasksOf(workOf(homeNamed('three who share a flat'), CATALOGUE));
const bath = tasks.filter(({ room }) => room.id === 'bath');
const acid = bath.find(({ products }) => productsOf(products).some((product) => isOf(product, ['acid'])))!;
const use = (product: 'chlorine-bleach' | 'vinegar', room = 'bath') => ({
  room,
  school: 'shop' as const,
  doses: [{ product, amount: 20, unit: 'ml' as const }],
});
const step = (task: string, key: string) => `bath-${task}:${task}/${key}`;

describe('what a step was done with', () => {
  it('is what its task is done with, where it touches a product', () => {
    const hands = acid.method.steps.filter(({ mode }) => mode === 'hands').map(({ key }) => key);
    const used = hands.map((key) => usedAt(acid, key)).filter((one) => one !== undefined);
    expect(used.length).toBeGreaterThan(0);
    expect(used[0]).toMatchObject({ room: 'bath', doses: acid.products.doses });
  });

  it('is nothing at a wait, at a step that is not there, or where nothing is used', () => {
    const wait = acid.method.steps.find(({ mode }) => mode === 'wait');
    expect(wait && usedAt(acid, wait.key)).toBeUndefined();
    expect(usedAt(acid, 'gone')).toBeUndefined();
    const dry = tasks.find(({ products }) => productsOf(products).length === 0)!;
    for (const { key } of dry.method.steps) expect(usedAt(dry, key)).toBeUndefined();
  });
});

describe('the last use in each task', () => {
  it('is the latest that was ticked, whatever the order of the ticks', () => {
    const uses = usesOf([
      { step: step('a', 'two'), at: '2027-03-02T10:00', used: use('vinegar') },
      { step: step('a', 'one'), at: '2027-03-01T10:00', used: use('chlorine-bleach') },
      { step: step('b', 'one'), at: '2027-03-01T10:00' },
      { step: 'no step at all', at: '2027-03-01T10:00', used: use('vinegar') },
    ]);
    expect([...uses.keys()]).toEqual(['bath-a:a']);
    expect(uses.get('bath-a:a')).toMatchObject({ at: '2027-03-02T10:00', doses: [{ product: 'vinegar' }] });
  });
});

describe('a room in which something was used', () => {
  const waitsIn = (room: string, task: CleanTask = acid) =>
    earliestAfter(
      usesOf([{ step: step('x', 'one'), at: '2027-03-01T18:30', used: use('chlorine-bleach', room) }]),
      task,
    );

  it('waits a day for what must not meet it', () => {
    expect(waitsIn('bath')).toBe('2027-03-02T18:30');
    expect(waitsIn('kitchen')).toBeUndefined();
  });

  it('lets in what may meet it', () => {
    const harmless = bath.find(({ products }) => productsOf(products).length === 0)!;
    expect(waitsIn('bath', harmless)).toBeUndefined();
  });

  it('does not hold the task that was begun with it', () => {
    const own = new Map([[acid.id, { ...use('chlorine-bleach'), at: '2027-03-01T18:30' }]]);
    expect(holdOf(own, acid)).toBeUndefined();
  });

  it('names the latest of several', () => {
    const uses = new Map([
      ['one', { ...use('chlorine-bleach'), at: '2027-03-01T18:30' }],
      ['two', { ...use('chlorine-bleach'), at: '2027-03-01T19:30' }],
    ]);
    expect(holdOf(uses, acid)?.use.at).toBe('2027-03-01T19:30');
  });
});

describe('what was used is in the way of a plan', () => {
  const used = { ...use('chlorine-bleach'), at: '2027-03-01T18:30' };
  const isAt = (start: string, begun: readonly string[] = [], one = used) =>
    isInTheWay(one, tasks, [{ step: `${acid.id}/one`, start }], new Set(begun));

  it('that has what must not meet it before a day has passed', () => {
    expect(isAt('2027-03-01T18:50')).toBe(true);
    expect(isAt('2027-03-02T18:29')).toBe(true);
  });

  it('and not of one that leaves a day between, nor of what is begun, nor in another room', () => {
    expect(isAt('2027-03-02T18:30')).toBe(false);
    expect(isAt('2027-03-01T18:50', [acid.id])).toBe(false);
    expect(isAt('2027-03-01T18:50', [], { ...used, room: 'kitchen' })).toBe(false);
  });
});
