import { describe, expect, it } from 'vitest';
import { DOZEN_HOMES } from '../../demo/dozen-homes';
import { furnish } from '../../demo/furnish';
import { juniperRow } from '../../demo/juniper-row';
import { partsOfStepId, taskIdOf } from '../basics/ids';
import { CATALOGUE } from '../catalogue/catalogue';
import type { Mark } from '../clean/marks';
import { MOST_PLACES, type Room } from '../home/room';
import type { Household } from '../household/household';
import { expand } from '../problem/expand';
import { plan } from '../spread/plan';
import { isAtPlace, jobName } from './single-places';
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
  it('have each a tick of their own and a name that tells it apart; as many as fit an evening are one job', () => {
    const tasks = tasksIn(kitchen(5, ['left of the sink', '', 'above the hob']));
    const sorted = named(tasks, 'cupboard-sort');
    expect(sorted.map((task) => [task.id, jobName(task)])).toEqual([
      [`${WALL}:cupboard-sort.1`, 'Empty, check dates and wipe the cupboard: left of the sink, 2 of 5'],
      [`${WALL}:cupboard-sort.2`, 'Empty, check dates and wipe the cupboard: above the hob, 4 of 5'],
      [`${WALL}:cupboard-sort.3`, 'Empty, check dates and wipe the cupboard: 5 of 5'],
    ]);
    expect(sorted[0]!.estimate.steps.map(({ step }) => [step.key, step.title])).toEqual([
      ['at-1', 'Left of the sink'],
      ['at-2', '2 of 5'],
    ]);
    // One alone is emptied, wiped and filled step by step.
    expect(sorted[2]!.estimate.steps.map(({ step }) => step.key)).toEqual(['empty', 'wipe', 'back']);
    const [drawers] = named(tasks, 'drawers-clear');
    expect(jobName(drawers!)).toBe('Empty and wipe the kitchen drawers');
    expect(drawers!.estimate.steps.map(({ step }) => step.title)).toEqual([
      'Drawer 1 of 3',
      'Drawer 2 of 3',
      'Drawer 3 of 3',
    ]);
    // Their fronts are washed in one go.
    expect(named(tasks, 'cupboard-fronts').map(jobName)).toEqual(['Wash the cupboard fronts']);
    const step = stepIdOf(sorted[1]!, sorted[1]!.estimate.steps[0]!);
    expect(step).toBe(`${WALL}:cupboard-sort.2/at-3`);
    expect(partsOfStepId(step)).toEqual({ taskId: `${WALL}:cupboard-sort.2`, fixtureId: WALL, key: 'at-3' });
  });

  it('take together what the whole takes, and are set up for once', () => {
    const hands = (tasks: readonly CleanTask[]) =>
      tasks.reduce((sum, { byRates }) => sum + byRates.hands.minutes, 0);
    const single = named(tasksIn(kitchen(4)), 'cupboard-sort');
    const [whole] = named(tasksIn(kitchen(4), [], [], { asOne: 'all' }), 'cupboard-sort');
    expect(hands(single)).toBeCloseTo(whole!.byRates.hands.minutes, 6);
    const places = single.flatMap(({ byRates }) => byRates.steps.map(({ of }) => of?.[0]?.parts));
    expect(places.map((parts) => parts?.setUpMinutes)).toEqual([1, 0, 0, 0]);
    // A full cupboard holds 45 things.
    expect(places.map((parts) => parts?.belongings?.things)).toEqual([45, 45, 45, 45]);
  });

  it('go on as one where they were begun as one', () => {
    const begun = (key: string) =>
      tasksIn(kitchen(4), [], [{ step: `${WALL}:cupboard-sort${key}`, at: '2027-03-02T10:00' }]);
    expect(named(begun('/empty'), 'cupboard-sort').map(({ id }) => id)).toEqual([`${WALL}:cupboard-sort`]);
    expect(named(begun('/empty'), 'drawers-clear')[0]!.estimate.steps).toHaveLength(3);
    expect(named(begun('.1/at-1'), 'cupboard-sort')).toHaveLength(2);
  });

  it('are what was said of all of them together, until something is said of one job', () => {
    const target = taskIdOf(WALL, 'cupboard-sort');
    const tasks = tasksIn(kitchen(4), [
      { on: 'task', target, priority: 'could', guessMinutes: 60 },
      { on: 'task', target: `${target}.2`, in: false, reason: 'not-worth-it', guessMinutes: 5 },
    ]);
    const [first, second] = named(tasks, 'cupboard-sort');
    expect(first?.scope).toMatchObject({ in: true, priority: 'could', guessMinutes: 30 });
    expect(second?.scope).toMatchObject({ in: false, priority: 'could', guessMinutes: 5 });
  });

  it('are one where there is one, and where there are too many to tell apart', () => {
    const steps = (cupboards: number) =>
      named(tasksIn(kitchen(cupboards)), 'cupboard-sort').map(({ estimate }) => estimate.steps.length);
    expect(steps(1)).toEqual([3]);
    expect(steps(MOST_PLACES)).toEqual(Array(MOST_PLACES / 2).fill(2));
    expect(steps(MOST_PLACES + 1)).toEqual([3]);
  });

  it('are nothing where belongings are left and nothing is wiped', () => {
    expect(named(tasksIn(kitchen(3), [], [], { belongings: 'leave' }), 'cupboard-sort')).toHaveLength(2);
  });

  it('are gone through by hand alone, in every method that goes through them', () => {
    for (const method of [...CATALOGUE.methods.values()].filter(({ places }) => places))
      expect(
        method.steps.every(({ mode }) => mode === 'hands'),
        method.id,
      ).toBe(true);
  });

  it.each(DOZEN_HOMES.map((home) => [home.name, home] as const))(
    'are each job one date’s: %s',
    (_name, home) => {
      const problem = expand(home, CATALOGUE, home.now);
      const made = plan(problem, { problemHash: '0'.repeat(64), seed: 1, rounds: 40, stop: () => false });
      const dates = new Map<string, Set<string>>();
      for (const { step, start } of made.entries) {
        const known = partsOfStepId(step);
        if (known && isAtPlace(known.key))
          dates.set(known.taskId, (dates.get(known.taskId) ?? new Set()).add(start.slice(0, 10)));
      }
      for (const [task, on] of dates) expect([...on], task).toHaveLength(1);
    },
  );
});
