import { describe, expect, it } from 'vitest';
import { minuteOf } from '../../basics/local-time';
import type { CostPart } from '../../plan/costs';
import type { Problem, ProblemTask } from '../../plan/problem';
import { exampleProblem } from '../examples/problems';
import { type Model, modelOf } from '../model/model';
import { costsOf, costView } from './costs';
import type { Placed } from './metrics';

const hands = (id: string, minutes: number) => ({ id, mode: 'hands' as const, minutes });
const task = (
  id: string,
  room: string,
  steps: ProblemTask['steps'],
  more: Partial<ProblemTask> = {},
): ProblemTask => ({
  id,
  title: id,
  room,
  kind: 'walls',
  layer: 1,
  priority: 'should',
  hardness: 1,
  steps,
  ...more,
});

/** A bath downstairs and a loft two floors up; Ada and Ben are free for twelve hours on each of three dates. */
const problem: Problem = {
  ...exampleProblem(1, [], 1),
  start: '2027-03-01',
  finish: '2027-03-03',
  people: ['ada', 'ben'].map((id) => ({
    id,
    windows: ['01', '02', '03'].map((date) => ({
      start: `2027-03-${date}T08:00`,
      end: `2027-03-${date}T20:00`,
    })),
    dailyCap: 100,
    cannot: [],
    dislikes: (id === 'ben' ? { floors: 2 } : {}) as Record<string, number>,
    breakAfter: 60,
    breakLength: 10,
  })),
  machines: [],
  rooms: [{ id: 'bath' }, { id: 'loft', floor: 2 }],
  tasks: [
    task('tiles', 'bath', [hands('tiles-1', 30)]),
    task('shower', 'bath', [
      hands('shower-1', 5),
      { id: 'shower-2', mode: 'wait', minutes: 30 },
      hands('shower-3', 5),
    ]),
    task('floor', 'loft', [hands('floor-1', 40)], { kind: 'floors', layer: 9, hardness: 5 }),
    task('lamp', 'loft', [hands('lamp-1', 4)], { layer: 0 }),
    task('chest', 'loft', [hands('chest-1', 20), hands('chest-2', 20)]),
  ],
  precedence: [{ before: 'lamp', after: 'floor', hard: false, cost: 7, reason: 'High first' }],
  policy: {
    spread: 'early',
    grouping: 'room',
    hardestFirst: true,
    openRooms: 0,
    reserve: [],
    sessionCap: 300,
  },
};

function placedIn(model: Model, line: string): Placed {
  const [step = '', people = '', from = '', to = ''] = line.split(' ');
  return {
    step: model.steps.get(step)!,
    people: model.people.filter(({ id }) => people.split('+').includes(id)),
    start: minuteOf(`2027-03-${from}`),
    end: minuteOf(`2027-03-${to}`),
  };
}

function costs(lines: readonly string[], policy: Partial<Problem['policy']> = {}) {
  const model = modelOf({ ...problem, policy: { ...problem.policy, ...policy } });
  const entries = lines.map((line) => placedIn(model, line));
  const out = model.tasks.filter(({ steps }) => !entries.some(({ step }) => steps.includes(step)));
  return costsOf(costView(model, entries, out));
}

const part = (name: CostPart, lines: readonly string[], policy: Partial<Problem['policy']> = {}) =>
  costs(lines, policy).costs[name];

const TILES = 'tiles-1 ada 01T09:00 01T09:30';
const FLOOR = 'floor-1 ada 03T09:00 03T09:40';

describe('what a plan costs', () => {
  it('counts thirty for each date up to the last, where it is to be done early', () => {
    expect(part('late', [TILES])).toBe(0);
    expect(part('late', [TILES, FLOOR])).toBe(60);
    expect(part('late', [TILES, FLOOR], { spread: 'even' })).toBe(0);
  });

  it('counts work beyond twice the share of a date, and what weeks differ by', () => {
    // Seventy minutes over three dates that offer alike: a share is 23 1/3, twice that 46 2/3.
    const heaped = [TILES, 'floor-1 ada 01T09:30 01T10:10'];
    expect(part('uneven', heaped, { spread: 'even' })).toBe(23);
    expect(part('uneven', [TILES, FLOOR], { spread: 'even' })).toBe(0);
    expect(part('uneven', heaped)).toBe(0);
  });

  it('counts nights on which more rooms stand open than is wished for', () => {
    const open = [
      TILES,
      'shower-1 ada 03T09:00 03T09:05',
      'shower-2  03T09:05 03T09:35',
      'shower-3 ada 03T09:35 03T09:40',
    ];
    expect(part('open', open)).toBe(2 * 20);
    expect(part('open', open, { openRooms: 1 })).toBe(0);
    expect(part('open', open, { grouping: 'none' })).toBe(2 * 5);
    expect(part('open', open, { grouping: 'kind' })).toBe(0);
  });

  it('counts dates after the first on which a room, a kind or a band is worked on', () => {
    const twice = ['chest-1 ada 01T09:00 01T09:20', 'chest-2 ada 02T09:00 02T09:20', FLOOR];
    expect(part('scatter', twice)).toBe(2 * 6);
    expect(part('scatter', twice, { grouping: 'kind' })).toBe(15);
    expect(part('scatter', twice, { grouping: 'layer' })).toBe(15);
    expect(part('scatter', twice, { grouping: 'none' })).toBe(0);
  });

  it('counts each broken wish by its own cost', () => {
    expect(part('wishes', [FLOOR, 'lamp-1 ben 03T10:00 03T10:04'])).toBe(7);
    expect(part('wishes', [FLOOR, 'lamp-1 ben 03T08:00 03T08:04'])).toBe(0);
  });

  it('counts standing about, and going from room to room by floors', () => {
    const there = [TILES, 'lamp-1 ada 01T09:50 01T09:54'];
    expect(part('idle', there)).toBe(20);
    expect(part('goings', there)).toBe(4 + 2 * 2);
    expect(part('goings', there, { grouping: 'kind' })).toBe(1 + 2);
  });

  it('counts short visits, unless they do nothing but tend what waits', () => {
    const tending = [
      'shower-1 ada 01T09:00 01T09:05',
      'shower-2  01T09:05 01T09:35',
      'shower-3 ada 01T09:35 01T09:40',
    ];
    expect(part('slivers', [TILES, 'lamp-1 ada 01T09:30 01T09:34'])).toBe(6);
    expect(part('slivers', tending)).toBe(0);
  });

  it('counts twelve a session, and what it lacks to be worth beginning', () => {
    expect(part('sessions', [TILES])).toBe(12);
    expect(part('sessions', [TILES, 'lamp-1 ben 01T09:30 01T09:34'])).toBe(12 + 12 + 21);
  });

  it('counts nights over which a task lies begun, while nothing of it runs', () => {
    expect(part('apart', ['chest-1 ada 01T09:00 01T09:20', 'chest-2 ada 03T09:00 03T09:20'])).toBe(2 * 15);
    const waiting = [
      'shower-1 ada 01T09:00 01T09:05',
      'shower-2  01T09:05 03T09:35',
      'shower-3 ada 03T09:35 03T09:40',
    ];
    expect(part('apart', waiting)).toBe(0);
  });

  it('counts people after the first on a task', () => {
    expect(part('handovers', ['chest-1 ada 01T09:00 01T09:20', 'chest-2 ben 01T09:20 01T09:40'])).toBe(5);
    expect(part('handovers', ['chest-1 ada 01T09:00 01T09:20', 'chest-2 ada 01T09:20 01T09:40'])).toBe(0);
  });

  it('counts how late what is dreaded begins, and minutes that somebody dislikes', () => {
    expect(part('dread', [FLOOR])).toBe(2 * 2);
    expect(part('dread', [FLOOR], { hardestFirst: false })).toBe(0);
    expect(part('dislikes', ['floor-1 ben 03T09:00 03T09:40'])).toBe(8);
  });

  it('counts a quarter of what shares of the work differ by', () => {
    // Of seventy minutes each has thirty-five; all by one: two times thirty-five apart.
    expect(part('unfair', [TILES, FLOOR])).toBe(17);
    expect(part('unfair', [TILES, 'floor-1 ben 03T09:00 03T09:40'])).toBe(2);
  });

  it('is the sum of the parts after their factors, each rounded down', () => {
    const weights = { late: 0, sessions: 0.5, unfair: 1.5 };
    const { costs: own, cost } = costs([TILES, FLOOR], { weights });
    expect(own).toMatchObject({ late: 0, sessions: 12, unfair: 26, open: 0, scatter: 0, dread: 4 });
    expect(cost).toBe(Object.values(own).reduce((sum, value) => sum + value, 0));
  });

  it('leaves aside what lies before the first date and what is not planned', () => {
    expect(costs([]).cost).toBe(0);
    const model = modelOf({ ...problem, now: '2027-03-02T07:00' });
    const entries = [TILES, FLOOR].map((line) => placedIn(model, line));
    const { costs: own } = costsOf(costView(model, entries, []));
    expect(own).toMatchObject({ late: 30, sessions: 12 });
  });
});
