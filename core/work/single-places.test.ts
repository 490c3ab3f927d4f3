import { describe, expect, it } from 'vitest';
import { DOZEN_HOMES } from '../../demo/dozen-homes';
import { furnish } from '../../demo/furnish';
import { juniperRow } from '../../demo/juniper-row';
import { partsOfStepId, taskIdOf, taskOfStep, wholeTaskOf } from '../basics/ids';
import { CATALOGUE } from '../catalogue/catalogue';
import type { Mark } from '../clean/marks';
import { MOST_PLACES, type Room } from '../home/room';
import type { Household } from '../household/household';
import { expand } from '../problem/expand';
import { plan } from '../spread/plan';
import { jobName } from './single-places';
import { type CleanTask, listTasks, stepIdOf, type Work } from './tasks';
import { workOf } from './work';

const demo = juniperRow('2027-03-01');
const WALL = 'kitchen-1-cupboard';

function kitchen(cupboards: number, places?: string[]): Room {
  return furnish({
    id: 'kitchen',
    name: 'Kitchen',
    kind: 'kitchen',
    sizeM: [3, 4, 2.5],
    shell: [],
    stops: [
      [
        'Wall',
        { kind: 'cupboard', count: cupboards, fullness: 'full', ...(places && { places }) },
        { kind: 'kitchen-drawers', size: { drawers: 3 } },
      ],
    ],
  });
}

function tasksIn(room: Room, marks: Mark[] = [], ticks: Household['ticks'] = [], more: Partial<Work> = {}) {
  const home = { ...demo.home, floors: [{ id: 'ground', name: 'Ground floor', level: 0, rooms: [room] }] };
  return listTasks({ ...workOf({ ...demo, home, marks, ticks }, CATALOGUE), ...more });
}

const named = (tasks: readonly CleanTask[], method: string) =>
  tasks.filter((task) => task.method.id === method);

describe('cupboards, drawers and shelves', () => {
  it('are gone through one by one, each with ticks of its own and a name that tells it apart', () => {
    const tasks = tasksIn(kitchen(4, ['left of the sink', '', 'above the hob']));
    expect(named(tasks, 'cupboard-sort').map((task) => [task.id, jobName(task)])).toEqual([
      [`${WALL}:cupboard-sort.1`, 'Empty, check dates and wipe the cupboard: left of the sink'],
      [`${WALL}:cupboard-sort.2`, 'Empty, check dates and wipe the cupboard: 2 of 4'],
      [`${WALL}:cupboard-sort.3`, 'Empty, check dates and wipe the cupboard: above the hob'],
      [`${WALL}:cupboard-sort.4`, 'Empty, check dates and wipe the cupboard: 4 of 4'],
    ]);
    expect(named(tasks, 'drawers-clear').map(jobName)).toEqual([
      'Empty and wipe the kitchen drawers: drawer 1 of 3',
      'Empty and wipe the kitchen drawers: drawer 2 of 3',
      'Empty and wipe the kitchen drawers: drawer 3 of 3',
    ]);
    // Their fronts are washed in one go.
    expect(named(tasks, 'cupboard-fronts').map(jobName)).toEqual(['Wash the cupboard fronts']);
    const step = stepIdOf(
      named(tasks, 'cupboard-sort')[1]!,
      named(tasks, 'cupboard-sort')[1]!.estimate.steps[0]!,
    );
    expect(step).toBe(`${WALL}:cupboard-sort.2/empty`);
    expect(partsOfStepId(step)).toEqual({ taskId: `${WALL}:cupboard-sort.2`, fixtureId: WALL, key: 'empty' });
  });

  it('take together what the whole takes, and are set up for once', () => {
    const hands = (tasks: readonly CleanTask[]) =>
      tasks.reduce((sum, { byRates }) => sum + byRates.hands.minutes, 0);
    const single = named(tasksIn(kitchen(4)), 'cupboard-sort');
    const [whole] = named(tasksIn(kitchen(4), [], [], { asOne: 'all' }), 'cupboard-sort');
    expect(hands(single)).toBeCloseTo(whole!.byRates.hands.minutes, 6);
    // 45 things at 10 s are 7.5 min a cupboard; 1.6 m at 24 m an hour are 4 min, by the school with its set-up of 1 min.
    expect(single.map(({ byRates }) => byRates.steps[0]?.parts?.setUpMinutes)).toEqual([1, 0, 0, 0]);
    expect(single[1]!.byRates.steps[0]?.parts?.belongings?.things).toBe(45);
  });

  it('go on as one where they were begun as one', () => {
    const step = `${WALL}:cupboard-sort/empty`;
    const tasks = tasksIn(kitchen(4), [], [{ step, at: '2027-03-02T10:00' }]);
    expect(named(tasks, 'cupboard-sort').map(({ id }) => id)).toEqual([`${WALL}:cupboard-sort`]);
    expect(named(tasks, 'drawers-clear')).toHaveLength(3);
  });

  it('are what was said of all of them together, until something is said of one', () => {
    const target = taskIdOf(WALL, 'cupboard-sort');
    const tasks = tasksIn(kitchen(4), [
      { on: 'task', target, priority: 'could', guessMinutes: 60 },
      { on: 'task', target: `${target}.2`, in: false, reason: 'not-worth-it', guessMinutes: 5 },
    ]);
    const [first, second] = named(tasks, 'cupboard-sort');
    expect(first?.scope).toMatchObject({ in: true, priority: 'could', guessMinutes: 15 });
    expect(second?.scope).toMatchObject({ in: false, priority: 'could', guessMinutes: 5 });
  });

  it('are one job where there is one, and where there are too many to tell apart', () => {
    expect(named(tasksIn(kitchen(1)), 'cupboard-sort').map(jobName)).toEqual([
      'Empty, check dates and wipe the cupboard',
    ]);
    expect(named(tasksIn(kitchen(MOST_PLACES)), 'cupboard-sort')).toHaveLength(MOST_PLACES);
    expect(named(tasksIn(kitchen(MOST_PLACES + 1)), 'cupboard-sort')).toHaveLength(1);
  });

  it.each(DOZEN_HOMES.map((home) => [home.name, home] as const))(
    'are each emptied, wiped and filled by one person on one date: %s',
    (_name, home) => {
      const made = plan(expand(home, CATALOGUE, home.now), {
        problemHash: '0'.repeat(64),
        seed: 1,
        rounds: 40,
        stop: () => false,
      });
      const dates = new Map<string, Set<string>>();
      for (const { step, start } of made.entries) {
        const task = taskOfStep(step);
        if (task !== wholeTaskOf(task))
          dates.set(task, (dates.get(task) ?? new Set()).add(start.slice(0, 10)));
      }
      for (const [task, on] of dates) expect([...on], task).toHaveLength(1);
    },
  );
});
