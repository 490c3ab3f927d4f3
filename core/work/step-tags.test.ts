import { describe, expect, it } from 'vitest';
import { DOZEN_HOMES } from '../../demo/dozen-homes';
import { juniperRow } from '../../demo/juniper-row';
import { CATALOGUE } from '../catalogue/catalogue';
import { isSeated, SEATED_NAMES } from '../catalogue/seated-work';
import { expand } from '../problem/expand';
import { plan } from '../spread';
import { mayDo, tagsOf } from './step-tags';
import { tasksOf } from './tasks';
import { workOf } from './work';

const demo = juniperRow('2027-03-01');
const tasks = tasksOf(workOf(demo, CATALOGUE));
const teodor = demo.people.find(({ id }) => id === 'teodor')!;

describe('what work asks of a body', () => {
  it('is said of methods and steps that there are', () => {
    for (const [id, steps] of SEATED_NAMES) {
      const method = CATALOGUE.method(id);
      expect(method, id).toBeDefined();
      for (const key of steps)
        expect(
          method!.steps.map((step) => step.key),
          id,
        ).toContain(key);
    }
    expect(isSeated('drawers-sort', 'wipe')).toBe(true);
    expect([isSeated('bed-linen-wash', 'fold'), isSeated('bed-linen-wash', 'load')]).toEqual([true, false]);
  });

  it('is reaching overhead at the ceiling and on a ladder, whoever has said so of the fixture', () => {
    const tags = (method: string) =>
      tasks
        .filter((task) => task.method.id === method)
        .flatMap((task) =>
          task.method.steps.flatMap((step) => (step.mode === 'hands' ? tagsOf(task, step) : [])),
        );
    expect(tags('ceiling-dust')).toContain('overhead');
    expect(tags('curtain-wash')).toContain('overhead');
    expect(tags('skirting-wipe')).not.toContain('overhead');
    expect(tags('skirting-wipe')).toContain('standing');
    expect(tags('drawers-sort')).not.toContain('standing');
  });

  it('keeps whoever is 78 and sits from ceilings, outside windows and floors, and leaves what is sorted at a table', () => {
    const may = new Set(tasks.filter((task) => mayDo(teodor, task)).map(({ method }) => method.id));
    for (const id of [
      'ceiling-dust',
      'window-outside',
      'window-inside',
      'door-wash',
      'floor-mop',
      'yard-sweep',
    ])
      expect([...may], id).not.toContain(id);
    expect([...may]).toContain('drawers-sort');
    const problem = expand(demo, CATALOGUE, '2027-03-01T08:00');
    const made = plan(problem, { problemHash: '0'.repeat(64), seed: 1, rounds: 100, stop: () => false });
    const own = made.entries.filter(({ people }) => people.includes('teodor'));
    expect(own.length).toBeGreaterThan(0);
    for (const { step } of own) {
      const [task = '', key = ''] = step.split('/');
      expect(isSeated(tasks.find(({ id }) => id === task)?.method.id ?? '', key), step).toBe(true);
    }
  });

  it('is written into a problem only where somebody has said that they can’t', () => {
    for (const home of DOZEN_HOMES) {
      const unable = new Set(home.people.flatMap(({ cannot }) => cannot));
      const tags = expand(home, CATALOGUE, home.now).tasks.flatMap(({ steps }) =>
        steps.flatMap((step) => (step.mode === 'hands' ? (step.tags ?? []) : [])),
      );
      for (const demand of ['overhead', 'standing'])
        expect(tags.includes(demand), `${home.name}: ${demand}`).toBe(unable.has(demand));
    }
  });
});
