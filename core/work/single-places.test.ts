import { describe, expect, it } from 'vitest';
import { DOZEN_HOMES } from '../../demo/dozen-homes';
import { furnish, type Note } from '../../demo/furnish';
import { juniperRow } from '../../demo/juniper-row';
import { partsOfStepId, taskIdOf, wholeTaskOf } from '../basics/ids';
import { CATALOGUE } from '../catalogue/catalogue';
import type { Mark } from '../clean/marks';
import { MOST_PLACES, type Room } from '../home/room';
import type { Household } from '../household/household';
import { expand } from '../problem/expand';
import { plan } from '../spread/plan';
import { isAtPlace, jobName } from './place-of-job';
import { type CleanTask, listTasks, stepIdOf, type Work } from './tasks';
import { workOf } from './work';

const demo = juniperRow('2027-03-01');
const WALL = 'kitchen-1-cupboard';
const ROBE = 'bedroom-1-wardrobe';

function bedroom(...things: Note[]): Room {
  return furnish({
    id: 'bedroom',
    name: 'Bedroom',
    kind: 'bedroom',
    sizeM: [3, 4, 2.5],
    shell: [],
    stops: [['Wall', ...things]],
  });
}
const wardrobes = (count: number, places?: string[]) =>
  bedroom({ kind: 'wardrobe', count, fullness: 'full', ...(places && { places }) });
const medicines = (count: number) => bedroom({ kind: 'medicine-box', count, fullness: 'full' });

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
  it('have each a tick of their own and a name that tells it apart', () => {
    const tasks = tasksIn(kitchen(4, ['left of the sink', '', 'above the hob']));
    const [sorted] = named(tasks, 'cupboard-sort');
    expect([sorted!.id, jobName(sorted!)]).toEqual([
      `${WALL}:cupboard-sort`,
      'Empty, check dates and wipe the cupboard',
    ]);
    expect(sorted!.estimate.steps.map(({ step }) => [step.key, step.title])).toEqual([
      ['at-1', 'Left of the sink'],
      ['at-2', '2 of 4'],
      ['at-3', 'Above the hob'],
      ['at-4', '4 of 4'],
    ]);
    const [drawers] = named(tasks, 'drawers-clear');
    expect(drawers!.estimate.steps.map(({ step }) => step.title)).toEqual([
      'Drawer 1 of 3',
      'Drawer 2 of 3',
      'Drawer 3 of 3',
    ]);
    // Their fronts are washed in one go.
    expect(named(tasks, 'cupboard-fronts').map(({ estimate }) => estimate.steps.length)).toEqual([1]);
    const step = stepIdOf(sorted!, sorted!.estimate.steps[2]!);
    expect(partsOfStepId(step)).toEqual({ taskId: `${WALL}:cupboard-sort`, fixtureId: WALL, key: 'at-3' });
  });

  it('that take an evening each are a job each, step by step', () => {
    const tasks = tasksIn(wardrobes(2, ['Ada', 'Ben']));
    const sorted = named(tasks, 'wardrobe-sort');
    expect(sorted.map((task) => [task.id, jobName(task)])).toEqual([
      [`${ROBE}:wardrobe-sort.1`, 'Sort and clean the wardrobe: Ada'],
      [`${ROBE}:wardrobe-sort.2`, 'Sort and clean the wardrobe: Ben'],
    ]);
    expect(sorted[1]!.estimate.steps.map(({ step }) => step.key)).toEqual([
      'out',
      'unfold',
      'wipe',
      'back',
      'refold',
    ]);
    expect(partsOfStepId(stepIdOf(sorted[1]!, sorted[1]!.estimate.steps[0]!))?.taskId).toBe(sorted[1]!.id);
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
    const begun = (room: Room, step: string) => tasksIn(room, [], [{ step, at: '2027-03-02T10:00' }]);
    const keysOf = (tasks: readonly CleanTask[]) =>
      named(tasks, 'cupboard-sort').map(({ estimate }) => estimate.steps.map(({ step }) => step.key).join());
    expect(keysOf(begun(kitchen(4), `${WALL}:cupboard-sort/empty`))).toEqual(['empty,wipe,back']);
    expect(keysOf(begun(kitchen(4), `${WALL}:cupboard-sort/at-1`))).toEqual(['at-1,at-2,at-3,at-4']);
    const robes = (step: string) => named(begun(wardrobes(2), step), 'wardrobe-sort').map(({ id }) => id);
    expect(robes(`${ROBE}:wardrobe-sort/out`)).toEqual([`${ROBE}:wardrobe-sort`]);
    expect(robes(`${ROBE}:wardrobe-sort.1/out`)).toHaveLength(2);
  });

  it('are what was said of all of them together, until something is said of one job', () => {
    const target = taskIdOf(ROBE, 'wardrobe-sort');
    const tasks = tasksIn(wardrobes(2), [
      { on: 'task', target, priority: 'could', guessMinutes: 60 },
      { on: 'task', target: `${target}.2`, in: false, reason: 'not-worth-it', guessMinutes: 5 },
    ]);
    const [first, second] = named(tasks, 'wardrobe-sort');
    expect(first?.scope).toMatchObject({ in: true, priority: 'could', guessMinutes: 30 });
    expect(second?.scope).toMatchObject({ in: false, priority: 'could', guessMinutes: 5 });
  });

  it('are one where there is one, and where there are too many to tell apart', () => {
    const steps = (cupboards: number) =>
      named(tasksIn(kitchen(cupboards)), 'cupboard-sort').map(({ estimate }) => estimate.steps.length);
    expect([1, MOST_PLACES, MOST_PLACES + 1].map(steps)).toEqual([[3], [MOST_PLACES], [3]]);
  });

  it('are wiped alone where belongings are left, and nothing where there is nothing to wipe', () => {
    const left = (room: Room, method: string) =>
      named(tasksIn(room, [], [], { belongings: 'leave' }), method).map(
        ({ estimate }) => estimate.steps.length,
      );
    expect(left(kitchen(3), 'cupboard-sort')).toEqual([3]);
    expect(left(medicines(2), 'medicines-check')).toEqual([]);
  });

  it('are gone through by hand alone, in every method that goes through them', () => {
    for (const method of [...CATALOGUE.methods.values()].filter(({ places }) => places))
      expect(
        method.steps.every(({ mode }) => mode === 'hands'),
        method.id,
      ).toBe(true);
  });

  it.each(DOZEN_HOMES.map((home) => [home.name, home] as const))(
    'are each emptied, wiped and filled in one go, and a job of its own on one date: %s',
    (_name, home) => {
      const problem = expand(home, CATALOGUE, home.now);
      const made = plan(problem, { problemHash: '0'.repeat(64), seed: 1, rounds: 40, stop: () => false });
      const dates = new Map<string, Set<string>>();
      for (const { step, start } of made.entries) {
        const known = partsOfStepId(step);
        if (!known) continue;
        const isJob = wholeTaskOf(known.taskId) !== known.taskId;
        const piece = isAtPlace(known.key) ? step : isJob ? known.taskId : undefined;
        if (piece !== undefined) dates.set(piece, (dates.get(piece) ?? new Set()).add(start.slice(0, 10)));
      }
      for (const [piece, on] of dates) expect([...on], piece).toHaveLength(1);
    },
  );
});
