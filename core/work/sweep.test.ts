import { describe, expect, it } from 'vitest';
import { DOZEN_HOMES } from '../../demo/dozen-homes';
import { CATALOGUE } from '../catalogue/catalogue';
import { USUAL_SWEEP } from '../clean/clean';
import type { Household } from '../household/household';
import { expand } from '../problem/expand';
import { tasksOf } from './tasks';
import { workOf } from './work';

const withBelongings = (home: Household, belongings: Household['clean']['belongings'], sweep = USUAL_SWEEP) =>
  tasksOf(workOf({ ...home, clean: { ...home.clean, belongings, sweep } }, CATALOGUE));
const sweepsOf = (tasks: ReturnType<typeof tasksOf>) =>
  tasks.filter(({ method }) => method.id === 'sweep-pass');

describe('a sweep against the clock', () => {
  it.each(DOZEN_HOMES.map((home) => [home.name, home] as const))(
    'goes once through each room that holds things, and leaves the rest as it is: %s',
    (_name, home) => {
      const swept = withBelongings(home, 'sweep', { minutes: 20, bags: 3 });
      const left = withBelongings(home, 'leave');
      const sweeps = sweepsOf(swept);
      const rooms = sweeps.map(({ room }) => room.id);
      expect(rooms.length).toBeGreaterThan(0);
      expect(new Set(rooms).size).toBe(rooms.length);
      for (const { estimate } of sweeps)
        expect(estimate.steps).toMatchObject([
          { minutes: 20, high: 20, step: { title: '20 minutes by the clock, 3 bags' } },
        ]);
      expect(swept.filter((task) => !sweeps.includes(task)).map(({ id }) => id)).toEqual(
        left.map(({ id }) => id),
      );
      const deciding = withBelongings(home, 'stop').filter(({ method }) =>
        method.steps.some((step) => step.mode === 'hands' && step.belongings?.does === 'decide'),
      );
      for (const { room } of deciding) expect(rooms).toContain(room.id);
    },
  );

  it('comes before all else in its room', () => {
    const home = DOZEN_HOMES[1] as Household;
    const problem = expand({ ...home, clean: { ...home.clean, belongings: 'sweep' } }, CATALOGUE, home.now);
    const sweep = problem.tasks.find(({ id }) => id.endsWith(':sweep-pass'));
    const after = problem.precedence.filter(({ before, hard }) => hard && before === sweep?.id);
    expect(sweep?.steps).toMatchObject([{ mode: 'hands', minutes: 15 }]);
    expect(after.length).toBeGreaterThan(3);
  });

  it('is no job where belongings are decided about or left', () => {
    for (const way of ['first', 'stop', 'leave'] as const)
      expect(sweepsOf(withBelongings(DOZEN_HOMES[1] as Household, way))).toEqual([]);
  });
});
