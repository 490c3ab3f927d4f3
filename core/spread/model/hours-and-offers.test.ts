import { describe, expect, it } from 'vitest';
import { formatMinute } from '../../basics/local-time';
import type { Problem, ProblemFocus, ProblemPerson } from '../../plan/problem';
import { FreeHours, windowFrom, windowStart } from './free-hours';
import { type Model, modelOf } from './model';
import { offersOf } from './offers';

const person = (id: string, dailyCap: number, ...windows: [string, string][]): ProblemPerson => ({
  id,
  windows: windows.map(([start, end]) => ({ start: `2027-03-${start}`, end: `2027-03-${end}` })),
  dailyCap,
  cannot: [],
  dislikes: {},
  breakAfter: 60,
  breakLength: 10,
});
const task = (id: string, room: string, kind: string): Problem['tasks'][number] => ({
  id,
  title: id,
  room,
  kind,
  layer: 0,
  priority: 'should',
  hardness: 1,
  steps: [{ id: `${id}-step`, mode: 'hands', minutes: 30 }],
});

function modelWith(people: ProblemPerson[], more: Partial<Problem> = {}, reserve: string[] = []): Model {
  return modelOf({
    format: 'early-thaw/problem',
    version: 2,
    timezone: 'Europe/Berlin',
    start: '2027-03-01',
    finish: '2027-03-03',
    people,
    machines: [],
    rooms: [{ id: 'bath' }, { id: 'hall' }],
    tasks: [task('tiles', 'bath', 'walls'), task('coats', 'hall', 'belongings')],
    precedence: [],
    policy: { spread: 'even', grouping: 'none', hardestFirst: false, openRooms: 0, reserve, sessionCap: 240 },
    ...more,
  });
}

/** `01T18:00 to 20:00` for each stretch. */
const told = (spans: readonly { start: number; end: number }[]) =>
  spans.map(({ start, end }) => `${formatMinute(start).slice(8)} to ${formatMinute(end).slice(11)}`);

describe('what people offer', () => {
  it('is their time by date, at most the cap of each, and none on a reserve day', () => {
    const model = modelWith(
      [
        person('ada', 90, ['01T18:00', '01T20:00'], ['02T18:00', '02T19:00'], ['03T18:00', '03T20:00']),
        person('ben', 500, ['01T10:00', '01T11:00'], ['01T12:00', '01T12:30']),
      ],
      {},
      ['2027-03-03'],
    );
    expect(offersOf(model)).toEqual({
      ofPerson: [150, 90],
      ofPersonOn: [
        [90, 60, 0],
        [90, 0, 0],
      ],
      ofDate: [180, 60, 0],
      all: 240,
    });
  });

  it('begins now, and a window over midnight counts on both of its dates', () => {
    const model = modelWith([person('ada', 500, ['01T18:00', '02T01:00'])], { now: '2027-03-01T22:30' });
    expect(offersOf(model)).toMatchObject({ ofDate: [90, 60, 0], all: 150 });
  });

  it('is nothing where nobody has hours', () => {
    expect(offersOf(modelWith([person('ada', 500)]))).toMatchObject({ ofDate: [0, 0, 0], all: 0 });
  });
});

describe('free hours', () => {
  const evenings: [string, string][] = [
    ['01T18:00', '01T20:00'],
    ['02T18:00', '02T20:00'],
  ];
  const focus = (more: Partial<ProblemFocus>): ProblemFocus => ({
    id: 'focus',
    from: '2027-03-01T18:30',
    to: '2027-03-01T19:00',
    rooms: ['bath'],
    binds: 'time',
    ...more,
  });
  const hoursWith = (...focuses: ProblemFocus[]) => {
    const model = modelWith([person('ada', 500, ...evenings), person('ben', 500, ...evenings)], {
      focus: focuses,
    });
    const free = new FreeHours(model);
    const [ada, ben] = model.people;
    const [tiles, coats] = model.tasks;
    return {
      tiles: told(free.for(ada!, tiles!)),
      coats: told(free.for(ada!, coats!)),
      bensCoats: told(free.for(ben!, coats!)),
      bensTiles: told(free.for(ben!, tiles!)),
    };
  };
  const all = ['01T18:00 to 20:00', '02T18:00 to 20:00'];

  it('are all that somebody has while nothing is given to certain work', () => {
    expect(hoursWith()).toEqual({ tiles: all, coats: all, bensCoats: all, bensTiles: all });
  });

  it('are kept for the work they are given to, and let it lie elsewhere too', () => {
    const rest = ['01T18:00 to 18:30', '01T19:00 to 20:00', '02T18:00 to 20:00'];
    expect(hoursWith(focus({}))).toEqual({ tiles: all, coats: rest, bensCoats: rest, bensTiles: all });
  });

  it('hold the work that is given to them, and let other work lie in them too', () => {
    const there = ['01T18:30 to 19:00'];
    expect(hoursWith(focus({ binds: 'work' }))).toEqual({
      tiles: there,
      coats: all,
      bensCoats: all,
      bensTiles: there,
    });
  });

  it('are of those who are named: nobody else does the work, and nobody else’s time is given away', () => {
    expect(hoursWith(focus({ binds: 'both', people: ['ada'] }))).toEqual({
      tiles: ['01T18:30 to 19:00'],
      coats: ['01T18:00 to 18:30', '01T19:00 to 20:00', '02T18:00 to 20:00'],
      bensCoats: all,
      bensTiles: [],
    });
  });

  it('count once where two stretches for the same work overlap', () => {
    const later = { from: '2027-03-01T18:45', to: '2027-03-01T19:30' };
    expect(
      hoursWith(focus({ binds: 'work' }), focus({ id: 'second', binds: 'work', ...later })).tiles,
    ).toEqual(['01T18:30 to 19:00', '01T19:00 to 19:30']);
  });

  it('are cut at midnight and at both ends of the plan', () => {
    const model = modelWith([person('ada', 500, ['01T22:00', '02T02:00'], ['03T20:00', '04T02:00'])]);
    expect(told(new FreeHours(model).of(model.people[0]!))).toEqual([
      '01T22:00 to 23:59',
      '02T00:00 to 02:00',
      '03T20:00 to 23:59',
    ]);
  });
});

describe('the first start in windows', () => {
  const windows = [
    { start: 10, end: 20 },
    { start: 30, end: 60 },
  ];

  it('is the soonest at which all of it fits', () => {
    expect(windowStart(windows, 10, 0)).toBe(10);
    expect(windowStart(windows, 5, 16)).toBe(30);
    expect(windowStart(windows, 11, 0)).toBe(30);
    expect(windowStart(windows, 20, 41)).toBe(Number.POSITIVE_INFINITY);
    expect(windowStart([], 1, 0)).toBe(Number.POSITIVE_INFINITY);
  });

  it('looks at the first window that is not over', () => {
    expect([0, 19, 20, 59, 60].map((at) => windowFrom(windows, at)?.start)).toEqual([
      10,
      10,
      30,
      30,
      undefined,
    ]);
  });
});
