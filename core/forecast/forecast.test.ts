import { describe, expect, it } from 'vitest';
import { DOZEN_HOMES } from '../../demo/dozen-homes';
import { randomFrom } from '../basics/random';
import { CATALOGUE } from '../catalogue/catalogue';
import type { Plan } from '../plan/plan';
import type { Problem } from '../plan/problem';
import { expand } from '../problem/expand';
import { plan } from '../spread';
import { carryOut } from './carry-out';
import { courseOf } from './course';
import { forecast } from './forecast';
import { Fortune, type Habits, USUAL_HABITS } from './fortune';

const HASH = '0'.repeat(64);
const NO_MISHAPS: Habits = { missed: 0, secondRuns: 0, wetDays: Array(12).fill(0) };
const planned = (problem: Problem): Plan =>
  plan(problem, { problemHash: HASH, seed: 1, stop: () => false, rounds: 2 });

type Given = {
  readonly tasks: readonly object[];
  readonly evenings?: number;
  readonly minutes?: number;
  readonly more?: object;
};

/** One person with an evening a day from 18:00 on, Monday 1 March 2027 first. */
function problemOf({ tasks, evenings = 5, minutes = 120, more }: Given): Problem {
  const date = (i: number) => `2027-03-${String(i + 1).padStart(2, '0')}`;
  const until = `${String(18 + Math.floor(minutes / 60)).padStart(2, '0')}:${String(minutes % 60).padStart(2, '0')}`;
  return {
    format: 'early-thaw/problem',
    version: 2,
    timezone: 'Europe/Berlin',
    start: date(0),
    finish: date(evenings - 1),
    people: [
      {
        id: 'ada',
        windows: Array.from({ length: evenings }, (_, i) => ({
          start: `${date(i)}T18:00`,
          end: `${date(i)}T${until}`,
        })),
        dailyCap: 600,
        cannot: [],
        dislikes: {},
        breakAfter: 600,
        breakLength: 0,
      },
    ],
    machines: [{ id: 'washer' }],
    rooms: [{ id: 'bath' }],
    tasks: tasks as Problem['tasks'],
    precedence: [],
    policy: {
      spread: 'early',
      grouping: 'none',
      hardestFirst: false,
      openRooms: 5,
      reserve: [],
      sessionCap: 600,
    },
    ...more,
  };
}

const task = (id: string, minutes: number, more: object = {}, range: object = {}) => ({
  id,
  title: id,
  room: 'bath',
  kind: 'wash',
  layer: 3,
  priority: 'should',
  hardness: 1,
  steps: [{ id: `${id}-1`, mode: 'hands', minutes, ...range }],
  ...more,
});

const chancesOf = (problem: Problem, habits: Habits, runs = 2000) =>
  forecast(problem, planned(problem), { runs, seed: 5, habits }).dates.map(({ chance }) => chance);

describe('a forecast', () => {
  it('is sure of what has no range and no mishaps', () => {
    const problem = problemOf({ tasks: [task('basin', 60)], evenings: 2 });
    expect(forecast(problem, planned(problem), { runs: 50, habits: NO_MISHAPS })).toMatchObject({
      runs: 50,
      seed: 1,
      dates: [
        { date: '2027-03-01', chance: 1 },
        { date: '2027-03-02', chance: 1 },
      ],
      p50: '2027-03-01',
      p80: '2027-03-01',
      unfinished: 0,
    });
  });

  it('moves a missed evening to the next: with one in five missed, four in five, then 24 in 25', () => {
    const chances = chancesOf(problemOf({ tasks: [task('basin', 60)], evenings: 3 }), {
      ...NO_MISHAPS,
      missed: 0.2,
    });
    expect(chances[0]).toBeCloseTo(0.8, 1);
    expect(Math.abs((chances[1] as number) - 0.96)).toBeLessThan(0.02);
    expect(Math.abs((chances[2] as number) - 0.992)).toBeLessThan(0.01);
  });

  it('takes the range of a step as the one into which four in five fall', () => {
    // 100 to 130 above: one stays ten minutes beyond an evening of 105, 15 minutes of 30, of which 90 % are below: z = 0.64.
    const range = { low: 80, high: 130 };
    const chances = chancesOf(
      problemOf({ tasks: [task('oven', 100, {}, range)], minutes: 105, evenings: 2 }),
      NO_MISHAPS,
    );
    expect(Math.abs((chances[0] as number) - 0.739)).toBeLessThan(0.03);
    expect(chances[1]).toBe(1);
  });

  it('waits for a dry date as long as the month has wet ones', () => {
    const outside = task('sill', 20, { needs: ['dry'], earliest: '2027-03-08T00:00' });
    const problem = problemOf({ tasks: [outside], evenings: 14 });
    expect(chancesOf(problem, NO_MISHAPS, 50)[7]).toBe(1);
    expect(chancesOf(problem, { ...NO_MISHAPS, wetDays: Array(12).fill(31) }, 50).at(-1)).toBe(0);
    const some = chancesOf(problem, { ...NO_MISHAPS, wetDays: Array(12).fill(15.2) });
    expect(Math.abs((some[7] as number) - 0.5)).toBeLessThan(0.05);
  });

  it('has a load run again as often as loads come out dirty', () => {
    const steps = [
      { id: 'in', mode: 'hands', minutes: 5 },
      { id: 'runs', mode: 'wait', minutes: 60, machine: 'washer' },
      { id: 'out', mode: 'hands', minutes: 5 },
    ];
    const problem = problemOf({ tasks: [task('curtain', 5, { steps })], evenings: 2, minutes: 100 });
    const [first, second] = chancesOf(problem, { ...NO_MISHAPS, secondRuns: 0.3 });
    expect(Math.abs((first as number) - 0.7)).toBeLessThan(0.03);
    expect(second).toBe(1);
  });

  it('keeps what must come before, also where it slips', () => {
    const problem = problemOf({
      tasks: [task('ceiling', 60), task('floor', 60)],
      evenings: 4,
      minutes: 60,
      more: { precedence: [{ before: 'ceiling', after: 'floor', hard: true, reason: 'dust falls' }] },
    });
    // Two evenings are needed: by the second only where neither was missed.
    const chances = chancesOf(problem, { ...NO_MISHAPS, missed: 0.3 });
    expect(chances[0]).toBe(0);
    expect(Math.abs((chances[1] as number) - 0.49)).toBeLessThan(0.04);
  });

  it('works on reserve days only on what is late', () => {
    const policy = { ...problemOf({ tasks: [] }).policy, reserve: ['2027-03-02'] };
    const problem = problemOf({ tasks: [task('basin', 60)], evenings: 2, more: { policy } });
    const chances = chancesOf(problem, { ...NO_MISHAPS, missed: 0.5 });
    expect(Math.abs((chances[1] as number) - 0.75)).toBeLessThan(0.04);
  });

  it('lets nobody do other work in a stretch that is given away', () => {
    const focus = [
      { id: 'sills', from: '2027-03-02T18:00', to: '2027-03-02T20:00', tasks: ['sill'], binds: 'both' },
    ];
    const tasks = [task('basin', 60), task('sill', 60)];
    const problem = problemOf({ tasks, evenings: 3, minutes: 60, more: { focus } });
    // The basin can be on the first or the third, and the sill on the second alone.
    const chances = chancesOf(problem, { ...NO_MISHAPS, missed: 0.2 });
    expect(chances[0]).toBe(0);
    expect(Math.abs((chances[1] as number) - 0.64)).toBeLessThan(0.04);
    expect(Math.abs((chances[2] as number) - 0.768)).toBeLessThan(0.04);
  });

  it('keeps quiet hours, rooms in use, and those out who have to be', () => {
    const daily = [{ from: '18:00', to: '19:00' }];
    const noisy = task('floor', 50, {
      steps: [{ id: 'floor-1', mode: 'hands', minutes: 50, tags: ['noise'] }],
    });
    const wet = task('tiles', 50, {
      steps: [
        { id: 'tiles-1', mode: 'hands', minutes: 5 },
        { id: 'tiles-2', mode: 'wait', minutes: 20, closesRoom: true },
      ],
    });
    const endOf = (problem: Problem, dated: Plan) =>
      carryOut(courseOf(problem, dated), new Fortune(courseOf(problem, dated), NO_MISHAPS, randomFrom(1)))
        .end;
    const eighteen = Date.UTC(2027, 2, 1, 18) / 60_000;
    for (const [one, more, end] of [
      [noisy, { quiet: daily }, 60 + 50],
      [wet, { rooms: [{ id: 'bath', inUse: daily }] }, 60 + 20],
      [noisy, {}, 50],
    ] as const) {
      const free = problemOf({ tasks: [one] });
      // As if it had been planned for the first minute: what is late or slips has to keep to it all the same.
      expect(endOf({ ...free, ...more } as Problem, planned(free))).toBe(eighteen + end);
    }
  });

  it('keeps a child out of the room where the oven is hot', () => {
    const oven = task('oven', 20, {
      steps: [
        { id: 'oven-1', mode: 'hands', minutes: 5 },
        { id: 'oven-2', mode: 'wait', minutes: 60, keepsOut: ['ben'] },
      ],
      person: 'ada',
    });
    const shelf = task('shelf', 20, { person: 'ben' });
    const free = problemOf({ tasks: [oven, shelf] });
    const [ada] = free.people;
    if (!ada) throw new Error('There is nobody.');
    const windows = [{ start: '2027-03-01T18:10', end: '2027-03-01T20:00' }];
    const problem = { ...free, people: [ada, { ...ada, id: 'ben', windows }] };
    const at = (clock: string) => `2027-03-01T${clock}`;
    const dated: Plan = {
      ...planned(problem),
      unplaced: [],
      entries: [
        {
          step: 'oven-1',
          people: ['ada'],
          start: at('18:00'),
          end: at('18:05'),
        },
        { step: 'oven-2', people: [], start: at('18:05'), end: at('19:05') },
        {
          step: 'shelf-1',
          people: ['ben'],
          start: at('18:10'),
          end: at('18:30'),
        },
      ],
    };
    const course = courseOf(problem, dated);
    const { end } = carryOut(course, new Fortune(course, NO_MISHAPS, randomFrom(1)));
    expect(end).toBe(Date.UTC(2027, 2, 1, 19, 25) / 60_000);
  });

  it('begins where the clean has come to', () => {
    const problem = problemOf({
      tasks: [task('basin', 60), task('bath', 60)],
      more: { now: '2027-03-02T12:00', done: [{ step: 'basin-1', end: '2027-03-01T19:00' }] },
    });
    const told = forecast(problem, planned(problem), { runs: 20, habits: NO_MISHAPS });
    expect(told.dates[0]).toEqual({ date: '2027-03-02', chance: 1 });
    expect(told.fan[0]?.middle).toBe(0);
  });

  it('never ends a clean in which a must has no place', () => {
    const problem = problemOf({ tasks: [task('basin', 60), task('floor', 500, { priority: 'must' })] });
    expect(forecast(problem, planned(problem), { runs: 20 })).toMatchObject({ p50: null, unfinished: 1 });
    const ofTheRest = { runs: 20, habits: NO_MISHAPS, ofWhatHasAPlace: true };
    expect(forecast(problem, planned(problem), ofTheRest)).toMatchObject({
      p50: '2027-03-01',
      unfinished: 0,
    });
  });

  it('tells of a clean of nothing that it is over', () => {
    const problem = problemOf({ tasks: [] });
    expect(forecast(problem, planned(problem), { runs: 20 })).toMatchObject({
      p80: '2027-03-01',
      unfinished: 0,
    });
  });
});

describe('the dozen homes', () => {
  const homes = DOZEN_HOMES.map((home) => {
    const problem = expand(home, CATALOGUE);
    return [home.name, problem, planned(problem)] as const;
  });

  it.each(homes)('%s: the chance never falls, and the same seed tells the same', (_name, problem, made) => {
    const told = forecast(problem, made, { runs: 40, seed: 3 });
    expect(forecast(problem, made, { runs: 40, seed: 3 })).toEqual(told);
    const chances = told.dates.map(({ chance }) => chance);
    expect(chances).toEqual(chances.toSorted((a, b) => a - b));
    expect(told.unfinished).toBeCloseTo(1 - (chances.at(-1) ?? 0));
    for (const { low, middle, high } of told.fan) expect(low <= middle && middle <= high).toBe(true);
  });

  it.each(homes)('%s: without mishaps it ends on the date of its plan', (_name, problem, made) => {
    const exact = {
      ...problem,
      tasks: problem.tasks.map((one) => ({
        ...one,
        steps: one.steps.map(({ low: _low, high: _high, ...step }) => step),
      })),
    } as Problem;
    const course = courseOf(exact, made);
    const dry = { ...course, days: course.days.map((day) => ({ ...day, dry: true })) };
    const { end } = carryOut(dry, new Fortune(dry, NO_MISHAPS, randomFrom(1)));
    const last = made.metrics.finish;
    if (last === null) return expect(course.tasks).toEqual([]);
    expect(new Date((end ?? 0) * 60_000).toISOString().slice(0, 10)).toBe(last.slice(0, 10));
  });
});

describe('draws of a step', () => {
  it('fall below the range once in ten, and above it once in ten', () => {
    const problem = problemOf({ tasks: [task('oven', 100, {}, { low: 80, high: 130 })] });
    const course = courseOf(problem, planned(problem));
    const random = randomFrom(11);
    const step = course.tasks[0]?.steps[0];
    if (!step) throw new Error('There is no step.');
    const drawn = Array.from({ length: 4000 }, () =>
      new Fortune(course, USUAL_HABITS, random).minutesOf(step, 0, 0),
    );
    const share = (holds: (minutes: number) => boolean) => drawn.filter(holds).length / drawn.length;
    expect(Math.abs(share((minutes) => minutes < 80) - 0.1)).toBeLessThan(0.02);
    expect(Math.abs(share((minutes) => minutes > 130) - 0.1)).toBeLessThan(0.02);
  });
});
