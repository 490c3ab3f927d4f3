import { describe, expect, it } from 'vitest';
import { juniperRow } from '../../demo/juniper-row';
import { CATALOGUE } from '../catalogue/catalogue';
import type { Mark } from '../clean/marks';
import { listTasks } from './tasks';
import { workOf } from './work';

const home = juniperRow('2027-03-01');
const turned = (marks: readonly Mark[]) =>
  listTasks(workOf({ ...home, marks: [...marks] }, CATALOGUE)).filter(
    ({ method }) => method.id === 'mattress-turn',
  );

describe('heavy things', () => {
  const [first, second] = turned([]) as [
    ReturnType<typeof turned>[number],
    ReturnType<typeof turned>[number],
  ];

  it('are done by two where two are ever there', () => {
    expect(first.method.steps.map(({ key }) => key)).toEqual(['turn']);
    expect(first.method.forOneOrTwo).toBe(true);
  });

  it('are done by one in another way where somebody says so, there and nowhere else', () => {
    const [one, two] = turned([{ on: 'task', target: first.id, alone: true }]);
    expect(one?.method.steps).toMatchObject([{ key: 'swing', crew: 1 }]);
    expect(one?.estimate.steps[0]?.minutes).toBeGreaterThan(first.estimate.steps[0]?.minutes as number);
    expect(two?.method.steps).toEqual(second.method.steps);
  });

  it('are done so in a whole room, but for what is said of one', () => {
    const { room } = first;
    const marks: Mark[] = [
      { on: 'room', target: room.id as Mark['target'], alone: true },
      { on: 'task', target: first.id, alone: false },
    ];
    expect(turned(marks)[0]?.method.steps.map(({ key }) => key)).toEqual(['turn']);
  });

  it('leave what has one way only as it is', () => {
    const marks: Mark[] = [{ on: 'kind', target: 'outside' as Mark['target'], alone: true }];
    const gutters = CATALOGUE.method('gutters-low');
    const found = listTasks(workOf({ ...home, marks }, CATALOGUE)).find(
      ({ method }) => method.id === 'gutters-low',
    );
    expect(found?.method ?? gutters).toEqual(gutters);
  });
});
