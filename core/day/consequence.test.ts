import { describe, expect, it } from 'vitest';
import { juniperRow } from '../../demo/juniper-row';
import { CATALOGUE } from '../catalogue/catalogue';
import type { DayAct } from '../clean/events';
import { applyChange } from '../household/change';
import { chooseProducts } from '../products/product-choice';
import { jobName } from '../work/place-of-job';
import { secondGoMark } from '../work/second-go';
import { listTasks, tasksOf } from '../work/tasks';
import { workOf } from '../work/work';
import { consequenceOf } from './consequence';

const household = juniperRow('2027-03-01');
const tasks = tasksOf(workOf(household, CATALOGUE));
const where = { home: household.home, people: household.people, tasks, begun: new Set<string>() };
const change = (act: DayAct, person?: string) =>
  consequenceOf(
    { id: '7c9b0c4e-0000-4000-8000-000000000001', at: '2027-03-01T18:10:40', ...(person && { person }), act },
    where,
  );
/** The household after what follows from something. */
const following = (act: DayAct, person?: string) => {
  const made = applyChange(household, change(act, person)!);
  if (!made.ok) throw new Error(made.why);
  return made.value;
};
const task = tasks[0]!;
const step = `${task.id}/${task.method.steps[0]!.key}`;

describe('consequenceOf', () => {
  it('puts off to tomorrow what is not for today, or wants something that can be had', () => {
    const later = { do: 'later', later: [{ task: task.id, from: '2027-03-02' }] };
    expect(change({ do: 'not-today', step })).toEqual(later);
    expect(change({ do: 'cannot', step, why: 'product' })).toEqual(later);
  });

  it('takes what is broken or not safe out of this clean', () => {
    const { marks } = following({ do: 'cannot', step, why: 'unsafe' });
    const scope = listTasks(workOf({ ...household, marks: [...marks] }, CATALOGUE)).find(
      ({ id }) => id === task.id,
    );
    expect(scope?.scope.in).toBe(false);
  });

  it('puts off what is done with a product that has run out, but nothing that has begun', () => {
    const needs = tasks.filter(({ products }) =>
      products.doses.some(({ product }) => product === 'citric-acid'),
    );
    const later = (begun: readonly string[]) => {
      const made = consequenceOf(
        { id: 'x', at: '2027-03-01T18:10:40', act: { do: 'run-out', product: 'citric-acid' } },
        { ...where, begun: new Set(begun) },
      );
      const all = applyChange(household, made!);
      return all.ok ? all.value.steering.later.map((one) => one.task) : [];
    };
    expect(needs.length).toBeGreaterThan(1);
    expect(later([]).toSorted()).toEqual(needs.map(({ id }) => id).toSorted());
    expect(later([needs[0]!.id])).toEqual(needs.slice(1).map(({ id }) => id));
  });

  it('makes a task of work that was found, in its room', () => {
    const room = household.home.floors[0]!.rooms[0]!;
    const { home } = following({ do: 'found', find: 'later', room: room.id, text: 'Scuffed skirting' });
    const found = tasksOf(workOf({ ...household, home }, CATALOGUE)).filter(
      ({ stop }) => stop.name === 'Scuffed skirting',
    );
    expect(found.map(({ room: { id }, method }) => [id, method.id])).toEqual([[room.id, 'found-work']]);
  });

  it('gives work that was found the name that it gets afterwards', () => {
    const room = household.home.floors[0]!.rooms[0]!;
    const found = following({ do: 'found', find: 'later', room: room.id, text: 'At: Dust the shelf' });
    const stop = found.home.floors[0]!.rooms[0]!.stops.at(-1)!.id;
    const act = { do: 'reword', found: stop.replace('found-', ''), text: 'Scuffed skirting' } as const;
    const renamed = consequenceOf(
      { id: 'y', at: '2027-03-01T18:11:00', act },
      { ...where, home: found.home },
    );
    expect(renamed).toEqual({ do: 'rename-stop', id: stop, name: 'Scuffed skirting' });
    // What is to be mended is no work of the clean.
    expect(change(act)).toBeUndefined();
  });

  it('leaves what is to be mended, bought or carried elsewhere to the list', () => {
    for (const find of ['mend', 'buy', 'elsewhere'] as const)
      expect(change({ do: 'found', find, text: 'A hinge' })).toBeUndefined();
  });

  it('has it rain today', () => {
    expect(following({ do: 'rain' }).weather.find(({ date }) => date === '2027-03-01')).toEqual({
      date: '2027-03-01',
      dry: false,
    });
  });

  it('empties the cupboard of what has run out, and puts off what is done with it', () => {
    const product = tasks.flatMap(({ products }) => products.doses)[0]!.product;
    const { supplies, steering } = following({ do: 'run-out', product });
    expect(supplies.stock.find((stock) => stock.product === product)?.amount).toBe(0);
    const using = tasks.filter(({ products }) =>
      [...products.doses, ...(products.disinfectant ? [products.disinfectant] : [])].some(
        (dose) => dose.product === product,
      ),
    );
    expect(steering.later.map((later) => later.task).sort()).toEqual(using.map(({ id }) => id).sort());
  });

  it('sends somebody to the shop for it, before all that waits for it, and nobody twice', () => {
    const act = { do: 'run-out', product: 'citric-acid' } as const;
    const after = following(act);
    const left = tasksOf(workOf({ ...household, ...after }, CATALOGUE));
    const trips = left.filter(({ method }) => method.id === 'shop-trip');
    expect(trips.map(({ stop, scope }) => [stop.name, scope.priority])).toEqual([
      ['To the shop: citric acid', 'must'],
    ]);
    const rule = after.rules.own.at(-1)!;
    expect([rule.before.tasks, rule.hard]).toEqual([[trips[0]!.id], true]);
    expect(rule.after.tasks?.toSorted()).toEqual(after.steering.later.map(({ task: id }) => id).toSorted());
    const second = consequenceOf(
      { id: 'another', at: '2027-03-01T18:20:00', act: { do: 'run-out', product: 'vinegar' } },
      { ...where, home: after.home, tasks: left },
    );
    const both = applyChange({ ...household, ...after }, second!);
    if (!both.ok) throw new Error(both.why);
    const all = tasksOf(workOf({ ...household, ...both.value }, CATALOGUE));
    expect(all.filter(({ method }) => method.id === 'shop-trip').map(({ id }) => id)).toEqual([trips[0]!.id]);
    expect(both.value.rules.own.at(-1)?.before.tasks).toEqual([trips[0]!.id]);
  });

  it('does what came out dirty once more, with something stronger where that is safe', () => {
    const mild = tasks.find(({ products, method }) => products.school === 'pantry' && method.products.shop)!;
    const dirty = `${mild.id}/${mild.method.steps.at(-1)!.key}`;
    const goOf = (act: DayAct) => {
      const made = following(act);
      return tasksOf(workOf({ ...household, ...made }, CATALOGUE)).filter(
        ({ fixture, method }) => fixture.id === mild.fixture.id && method.id === mild.method.id,
      );
    };
    const [first, second, ...more] = goOf({ do: 'second-go', step: dirty });
    expect(more).toEqual([]);
    expect(first).toEqual(mild);
    expect(jobName(second!)).toBe(`${mild.method.title}: second go`);
    expect(second!.estimate).toEqual(mild.estimate);
    expect(second!.scope).toMatchObject({ in: true, priority: mild.scope.priority });
    expect(second!.products.school).toBe('shop');
    expect(change({ do: 'second-go', step: `${second!.id}/x` })).toBeUndefined();
  });

  it('does it with the same again where nothing stronger is safe', () => {
    for (const dirty of tasks) {
      const mark = secondGoMark(dirty);
      if (mark.products === undefined) continue;
      const choice = chooseProducts(dirty.method, dirty.fixture, mark.products);
      expect(choice.swap, dirty.id).toBeUndefined();
      expect(choice.doses, dirty.id).not.toEqual(dirty.products.doses);
    }
    const strongest = { ...task, products: { ...task.products, school: 'shop' as const } };
    expect(secondGoMark(strongest).products).toBeUndefined();
  });

  it('does another way what a machine was to do that broke, at once', () => {
    const { machines } = following({ do: 'broke', machine: 'washer' });
    expect(machines.map(({ kind }) => kind)).not.toContain('washer');
    expect(machines).toHaveLength(household.machines.length - 1);
    const left = tasksOf(workOf({ ...household, machines }, CATALOGUE));
    const keys = (of: readonly (typeof tasks)[number][], id: string) =>
      of.find(({ method }) => method.id === id)?.method.steps.map(({ key }) => key);
    expect(keys(tasks, 'curtain-wash')).toContain('wash');
    expect(keys(left, 'curtain-wash')).toContain('by-hand');
    expect(keys(left, 'curtain-wash')).not.toContain('wash');
  });

  it('gives somebody twenty minutes more today, or none', () => {
    const hours = (act: DayAct, person?: string) =>
      following(act, person)
        .people.find(({ id }) => id === 'bram')
        ?.exceptions.find(({ date }) => date === '2027-03-01')?.hours;
    expect(hours({ do: 'short', who: 'bram', minutes: 20 })).toEqual([{ from: '18:10', to: '18:30' }]);
    expect(hours({ do: 'short', who: 'bram', minutes: 0 })).toEqual([]);
    expect(hours({ do: 'block', what: 'enough' }, 'bram')).toEqual([]);
  });

  it('changes nothing for a tick', () => {
    expect(change({ do: 'done', step })).toBeUndefined();
  });
});
