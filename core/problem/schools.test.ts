import { describe, expect, it } from 'vitest';
import { juniperRow } from '../../demo/juniper-row';
import { dayOf, minuteOf } from '../basics/local-time';
import { CATALOGUE } from '../catalogue/catalogue';
import type { Clean } from '../clean/clean';
import { type Home, roomsOf } from '../home/room';
import type { Household } from '../household/household';
import type { Plan } from '../plan/plan';
import type { Problem, ProblemTask } from '../plan/problem';
import { checkPlan, plan } from '../spread';
import { expand } from './expand';
import { spreadAndWeights } from './what-matters';

const HASH = '0'.repeat(64);
/** Nothing is done yet, and nothing else than what is asked for pulls at the order. */
const demo: Household = { ...juniperRow('2027-03-01'), ticks: [] };
const usual: Clean = { ...demo.clean, spread: 'even', firstJob: 'any', grouping: 'none' };

function planWith(
  change: Partial<Clean>,
  home: Home = demo.home,
  { seed = 1, rounds = 150 } = {},
): { problem: Problem; made: Plan } {
  const problem = expand({ ...demo, home, clean: { ...usual, ...change } }, CATALOGUE);
  const made = plan(problem, { problemHash: HASH, seed, rounds, stop: () => false });
  expect(checkPlan(problem, made, HASH)).toEqual([]);
  return { problem, made };
}

const groupings = Object.fromEntries(
  (['room', 'kind', 'layer', 'none'] as const).map((grouping) => [grouping, planWith({ grouping })]),
) as Record<Clean['grouping'], ReturnType<typeof planWith>>;

/** Dates on which the work of one group begins, summed up over the groups: the fewer, the closer it lies together. */
function datesBy({ problem, made }: ReturnType<typeof planWith>, of: (task: ProblemTask) => string): number {
  const tasks = new Map(problem.tasks.flatMap((task) => task.steps.map((step) => [step.id, task] as const)));
  const seen = new Set(
    made.entries
      .filter((entry) => entry.people.length > 0)
      .map((entry) => `${of(tasks.get(entry.step) as ProblemTask)} ${entry.start.slice(0, 10)}`),
  );
  return seen.size;
}

/** The mean date of the work of some tasks, in days. */
function meanDay(
  { problem, made }: ReturnType<typeof planWith>,
  which: (task: ProblemTask) => boolean,
): number {
  const steps = new Set(problem.tasks.filter(which).flatMap((task) => task.steps.map((step) => step.id)));
  const days = made.entries
    .filter((entry) => steps.has(entry.step))
    .map((entry) => dayOf(entry.start.slice(0, 10)));
  return days.reduce((sum, day) => sum + day, 0) / days.length;
}

describe('the schools of grouping', () => {
  it('by rooms leaves fewest rooms open at night', () => {
    const nights = (name: Clean['grouping']) => groupings[name].made.metrics.openRoomNights;
    expect(nights('room')).toBeLessThan(nights('kind'));
    expect(nights('room')).toBeLessThan(nights('layer'));
  });

  it('by kind does the same job on fewer dates', () => {
    const dates = (name: Clean['grouping']) => datesBy(groupings[name], (task) => task.kind);
    expect(dates('kind')).toBeLessThan(dates('room') * 0.7);
    expect(dates('kind')).toBeLessThan(dates('layer'));
  });

  it('by layers does each band of a room’s height on fewer dates', () => {
    const band = ({ layer }: ProblemTask) => (layer <= 1 ? 'high' : layer <= 7 ? 'middle' : 'floor');
    const dates = (name: Clean['grouping']) => datesBy(groupings[name], band);
    // Not less than by kind: most kinds of work are at one height.
    expect(dates('layer')).toBeLessThan(dates('room'));
    expect(dates('layer')).toBeLessThan(dates('none'));
  });
});

describe('the first job', () => {
  const firstTask = ({ problem, made }: ReturnType<typeof planWith>) => {
    const [first] = made.entries
      .filter((entry) => entry.people.length > 0)
      .sort((a, b) => minuteOf(a.start) - minuteOf(b.start));
    return problem.tasks.find((task) => task.steps.some((step) => step.id === first?.step)) as ProblemTask;
  };
  const grouping = 'room';

  it('is behind once something is done: no wish for it is left', () => {
    const wishes = (ticks: typeof demo.ticks) =>
      expand({ ...demo, ticks, clean: { ...demo.clean, firstJob: 'easy' } }, CATALOGUE).precedence.length;
    const usual = expand({ ...demo, ticks: [], clean: { ...demo.clean, firstJob: 'any' } }, CATALOGUE);
    expect(wishes([])).toBeGreaterThan(usual.precedence.length);
    const done = [{ step: usual.tasks[0]!.steps[0]!.id, at: '2027-03-01T09:00' }];
    expect(wishes(done)).toBe(usual.precedence.length);
  });

  it('is in the room that is dreaded most', () => {
    const made = planWith({ firstJob: 'dreaded', grouping });
    const most = Math.max(...made.problem.tasks.map((task) => task.hardness));
    const rooms = new Set(
      made.problem.tasks.filter((task) => task.hardness === most).map((task) => task.room),
    );
    expect(rooms).toContain(firstTask(made).room);
  });

  it('is an easy one: short, and nobody minds it', () => {
    const task = firstTask(planWith({ firstJob: 'easy', grouping }));
    expect(task.hardness).toBeLessThanOrEqual(2);
    expect(task.steps.reduce((sum, step) => sum + step.minutes, 0)).toBeLessThanOrEqual(20);
  });

  it('is on the way in, and the way in is done early', () => {
    // Walked the other way round, the way in would come last.
    const floors = demo.home.floors.map((floor) => ({ ...floor, rooms: floor.rooms.toReversed() })).reverse();
    const home = { ...demo.home, floors };
    const made = planWith({ firstJob: 'way-in', grouping }, home);
    const kinds = new Map(roomsOf(demo.home).map((room) => [room.id, room.kind]));
    const isWayIn = ({ room }: ProblemTask) => ['porch', 'garage', 'hall'].includes(kinds.get(room) ?? '');
    expect(isWayIn(firstTask(made))).toBe(true);
    const usually = planWith({ firstJob: 'any', grouping }, home);
    expect(meanDay(made, isWayIn)).toBeLessThan(meanDay(usually, isWayIn));
  });
});

describe('what counts for more than usual', () => {
  const weights = (grouping: Clean['grouping'], matters: Clean['matters'] = 'usual') =>
    spreadAndWeights({ spread: 'even', grouping, matters }).weights;

  it('is what the work goes by, and what matters most, one times the other', () => {
    expect(weights('none')).toBeUndefined();
    expect(weights('kind')).toEqual({ scatter: 6, slivers: 4 });
    expect(weights('room', 'few-sessions')).toEqual({ open: 3, sessions: 6 });
    expect(weights('room', 'tidy')).toEqual({ open: 9, apart: 3 });
  });
});

describe('rooms that may stand open of a night', () => {
  const openRooms = (clean: Partial<Clean>) => {
    const { openRooms: _own, ...usual } = demo.clean;
    return expand({ ...demo, clean: { ...usual, ...clean } }, CATALOGUE, '2027-03-01T07:00').policy.openRooms;
  };

  it('are one at a time where one room is finished before the next', () => {
    expect(openRooms({ grouping: 'room' })).toBe(1);
    expect(openRooms({ grouping: 'none' })).toBe(4);
  });

  it('are as many as the household says', () => {
    expect(openRooms({ grouping: 'room', openRooms: 3 })).toBe(3);
  });
});

describe('what matters most', () => {
  /** So many rounds as a household waits for. */
  const of = (matters: Clean['matters']) =>
    planWith({ matters, grouping: 'room', openRooms: 1 }, demo.home, { rounds: 300 });
  const usually = of('usual');

  it('tidy every night leaves fewer rooms open, where the work does not go by rooms anyway', () => {
    const aim = { grouping: 'none', openRooms: 1 } as const;
    const nights = (matters: Clean['matters']) =>
      [1, 2]
        .map((seed) => planWith({ ...aim, matters }, demo.home, { seed, rounds: 150 }).made)
        .reduce((sum, { metrics }) => sum + metrics.openRoomNights, 0);
    expect(nights('tidy')).toBeLessThan(nights('usual'));
  });

  it('few sessions makes fewer of them', () => {
    expect(of('few-sessions').made.sessions.length).toBeLessThan(usually.made.sessions.length);
  });

  it('done early is done earlier, even where the work is spread evenly otherwise', () => {
    const finish = ({ made }: ReturnType<typeof planWith>) => dayOf(made.metrics.finish!.slice(0, 10));
    expect(finish(of('early'))).toBeLessThan(finish(usually));
  });
});

describe('a stretch of work', () => {
  /** The longest work of one person without a gap of `rest` minutes. */
  function longestRun({ entries }: Plan, person: string, rest: number): number {
    const own = entries
      .filter((entry) => entry.people.includes(person))
      .map((entry) => ({ start: minuteOf(entry.start), end: minuteOf(entry.end) }))
      .sort((a, b) => a.start - b.start);
    let [run, longest] = [0, 0];
    own.forEach(({ start, end }, i) => {
      const last = own[i - 1];
      run = last && start - last.end < rest ? run + end - start : end - start;
      longest = Math.max(longest, run);
    });
    return longest;
  }

  it('in sprints has a rest after each', () => {
    const { made } = planWith({ block: { kind: 'sprints', minutes: 25, rest: 5 } });
    expect(made.sessions.length).toBeGreaterThan(0);
    for (const person of demo.people) expect(longestRun(made, person.id, 5)).toBeLessThanOrEqual(25);
    expect(made.unplaced.filter((item) => item.reason === 'too-long')).toEqual([]);
  });

  it('in fixed blocks is never longer than the household wants', () => {
    const { made } = planWith({ block: { kind: 'fixed' }, sessionCap: 60 });
    const lengths = made.sessions.map(({ start, end }) => minuteOf(end) - minuteOf(start));
    expect(Math.max(...lengths)).toBeLessThanOrEqual(60);
  });

  it('until it is done goes on past the usual length', () => {
    const { made } = planWith({ block: { kind: 'until-done' }, sessionCap: 60 });
    const lengths = made.sessions.map(({ start, end }) => minuteOf(end) - minuteOf(start));
    expect(Math.max(...lengths)).toBeGreaterThan(60);
  });
});

describe('reserve days and the weather', () => {
  it('are free of work, and outdoors waits for a dry date', () => {
    const reserve = ['2027-03-06', '2027-03-13'];
    const { made } = planWith({ reserve });
    expect(made.sessions.filter((session) => reserve.includes(session.date))).toEqual([]);
    const household = {
      ...demo,
      clean: usual,
      forecastSeed: 5,
      weather: [{ date: '2027-03-06', dry: false }],
    };
    const problem = expand(household, CATALOGUE);
    expect(problem.days?.length).toBe(dayOf(usual.finish) - dayOf(usual.start) + 1);
    expect(problem.days?.find((day) => day.date === '2027-03-06')?.dry).toBe(false);
    const again = plan(problem, { problemHash: HASH, seed: 1, rounds: 0, stop: () => false });
    expect(checkPlan(problem, again, HASH)).toEqual([]);
    const wet = new Set(problem.days?.filter((day) => !day.dry).map((day) => day.date));
    expect(wet.size).toBeGreaterThan(1);
  });
});
