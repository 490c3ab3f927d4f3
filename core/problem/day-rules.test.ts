import { describe, expect, it } from 'vitest';
import { DOZEN_HOMES, homeNamed } from '../../demo/dozen-homes';
import { minuteOf } from '../basics/local-time';
import { CATALOGUE } from '../catalogue/catalogue';
import { roomsOf } from '../home/room';
import type { ProblemPerson, ProblemStep } from '../plan/problem';
import { plan } from '../spread';
import { tasksOf } from '../work/tasks';
import { workOf } from '../work/work';
import { breaksOf, cutForSprints, sessionCapOf } from './blocks';
import { expand } from './expand';
import { roomFor } from './room-of';
import { keptToADay, longestDay } from './same-day';
import { spreadAndWeights } from './what-matters';

const person = (dailyCap: number, ...windows: [string, string][]): ProblemPerson => ({
  id: 'ada',
  windows: windows.map(([start, end]) => ({ start, end })),
  dailyCap,
  cannot: [],
  dislikes: {},
  breakAfter: 60,
  breakLength: 10,
});
const hands = (minutes: number): ProblemStep => ({ id: `hands-${minutes}`, mode: 'hands', minutes });
const wait = (minutes: number): ProblemStep => ({ id: `wait-${minutes}`, mode: 'wait', minutes });

describe('the longest day', () => {
  it('is what the one works at most, and how far the hours of all reach on a date', () => {
    const ada = person(
      240,
      ['2027-03-01T08:00', '2027-03-01T10:00'],
      ['2027-03-02T18:00', '2027-03-02T19:00'],
    );
    const ben = person(60, ['2027-03-01T15:00', '2027-03-01T18:30']);
    expect(longestDay([ada, ben], 300)).toEqual({ hands: 120, span: 630 });
    expect(longestDay([ada, ben], 45)).toEqual({ hands: 45, span: 630 });
  });

  it('is none where nobody has hours', () => {
    expect(longestDay([person(240)], 300)).toEqual({ hands: 0, span: 0 });
  });
});

describe('what comes back on the day on which it was taken out', () => {
  const household = DOZEN_HOMES.find(({ name }) => name === 'two-hour windows')!;
  const tasks = tasksOf(workOf(household, CATALOGUE));
  const taskOf = (method: string) => tasks.find((task) => task.method.id === method)!;
  const kept = (method: string, steps: ProblemStep[]) =>
    keptToADay(taskOf(method), steps, { hands: 120, span: 240 });
  const emptied = tasks.find(({ method }) => method.kind === 'belongings' && !method.sameDay)!.method.id;

  it('is what was emptied, as long as one day is long enough for it', () => {
    expect(kept(emptied, [hands(40), hands(60)])).toEqual({ sameDay: true });
    expect(kept(emptied, [hands(40), hands(90)])).toEqual({});
    expect(kept(emptied, [hands(40), wait(210), hands(60)])).toEqual({});
    expect(kept(emptied, [hands(20), wait(100), hands(60)])).toEqual({ sameDay: true });
    expect(kept(emptied, [hands(40)])).toEqual({});
  });

  it('is no work at which nothing was taken out', () => {
    expect(kept('door-wash', [hands(10), hands(10)])).toEqual({});
  });

  it('is the bed, by nine in the evening', () => {
    expect(kept('bed-linen', [hands(5), wait(300), hands(10)])).toEqual({ by: '21:00' });
  });

  it('is the duvet too, where a day is long enough for it; else one sleeps under another', () => {
    expect(kept('duvet-wash', [hands(5), wait(200), hands(10)])).toEqual({ by: '21:00' });
    expect(kept('duvet-wash', [hands(5), wait(600), hands(10)])).toEqual({});
  });

  it('has chilled food out for half an hour at most, a piece of work that nothing interrupts, in any home', () => {
    for (const { steps } of coldIn('fridge-clean')) {
      const pieces = steps.filter((step) => /\/(upper|lower)$/.test(step.id));
      expect(pieces).toHaveLength(2);
      for (const piece of pieces) {
        expect(piece.minutes, piece.id).toBeLessThanOrEqual(30);
        expect(piece).not.toHaveProperty('split');
      }
    }
  });

  it('has frozen food in the cool box for an hour at most, in one go, in any home', () => {
    for (const { id, steps, sameDay } of coldIn('freezer-defrost')) {
      expect(sameDay).toBe(true);
      expect(steps.map(({ mode }) => mode)).toEqual(['hands', 'wait', 'hands']);
      const out = steps.reduce((sum, step) => sum + (step.mode === 'wait' ? step.atMost! : step.minutes), 0);
      expect(out, id).toBeLessThanOrEqual(60);
    }
  });
});

describe('what stands apart meanwhile', () => {
  /** What hangs until somebody comes by, dries by itself with nothing missing, or has been closed again. */
  const MAY_STAY = [
    'vacuum-filter',
    'duvet-wash',
    'bed-linen-wash',
    'bed-linen',
    'cushion-covers-wash',
    'throws-wash',
    'dishwasher-clean',
  ];

  it('is seen to on the same day or within its time, in any home: no bird sleeps in the travel box', () => {
    const left = DOZEN_HOMES.filter(({ clean }) => clean).flatMap((home) =>
      expand(home, CATALOGUE, '2027-03-01T06:00').tasks.flatMap(({ id, steps, sameDay }) =>
        steps
          .slice(0, -1)
          .filter((step) => step.mode === 'wait' && step.atMost === undefined && !sameDay)
          .filter(() => !MAY_STAY.includes(id.split(':')[1] ?? ''))
          .map((step) => `${home.name}: ${step.id}`),
      ),
    );
    expect(left).toEqual([]);
    const cages = DOZEN_HOMES.flatMap((home) =>
      home.clean ? expand(home, CATALOGUE, '2027-03-01T06:00').tasks : [],
    ).filter(({ id }) => id.endsWith(':cage-clean'));
    expect(cages.length).toBeGreaterThan(0);
    expect(cages.every(({ sameDay }) => sameDay)).toBe(true);
  });
});

describe('an oven that cleans itself', () => {
  const home = homeNamed('two-hour windows');
  const oven = (atHome?: 'evenings') => {
    const people = home.people.map((member) => ({ ...member, ...(atHome && { atHome }) }));
    const floors = home.home.floors.flatMap(({ rooms }) => rooms).flatMap(({ stops }) => stops);
    const fixture = floors.flatMap(({ fixtures }) => fixtures).find(({ kind }) => kind === 'oven')!;
    const marks = [{ on: 'task' as const, target: `${fixture.id}:oven-self-clean`, in: true }];
    const machines = [...home.machines, { id: 'oven', kind: 'oven' as const }];
    return expand({ ...home, people, machines, marks }, CATALOGUE, home.now);
  };

  it('waits for somebody who is at home long enough: an evening of two hours is too short, being at home is not', () => {
    const run = (problem: ReturnType<typeof oven>) =>
      problem.tasks.flatMap(({ steps }) => steps).find((step) => step.mode === 'wait' && step.attended)!;
    const longest = ({ attendance = [] }: ReturnType<typeof oven>) =>
      Math.max(...attendance.map(({ start, end }) => minuteOf(end) - minuteOf(start)));
    expect(run(oven()).minutes).toBeGreaterThan(longest(oven()));
    expect(run(oven('evenings')).minutes).toBeLessThanOrEqual(longest(oven('evenings')));
  });
});

/** The tasks of a method in all of the dozen homes, and in a home where everything is as bad and as full as can be. */
function coldIn(method: string) {
  const worst = homeNamed('two-hour windows');
  const home = {
    ...worst.home,
    floors: worst.home.floors.map((floor) => ({
      ...floor,
      rooms: floor.rooms.map((room) => ({
        ...room,
        stops: room.stops.map((stop) => ({
          ...stop,
          fixtures: stop.fixtures.map((one) => ({
            ...one,
            soil: 'years' as const,
            fullness: 'crammed' as const,
          })),
        })),
      })),
    })),
  };
  const found = [...DOZEN_HOMES, { ...worst, home }].flatMap(
    (household) => expand(household, CATALOGUE, household.now).tasks,
  );
  const cold = found.filter(({ id }) => id.endsWith(`:${method}`));
  expect(cold.length).toBeGreaterThan(3);
  return cold;
}

describe('stretches of work', () => {
  const member = homeNamed('no machines').people[0]!;

  it('are cut as the household wants it, and never longer than somebody lasts', () => {
    expect(breaksOf(member, { kind: 'fixed' })).toEqual({ breakAfter: 60, breakLength: 10 });
    expect(breaksOf(member, { kind: 'sprints', minutes: 25, rest: 5 })).toEqual({
      breakAfter: 25,
      breakLength: 5,
    });
    expect(breaksOf({ ...member, breakAfter: 20 }, { kind: 'sprints', minutes: 25, rest: 5 })).toEqual({
      breakAfter: 20,
      breakLength: 5,
    });
  });

  it('end with the day alone where work goes on until it is done', () => {
    expect(sessionCapOf(120, { kind: 'until-done' })).toBe(1440);
    expect(sessionCapOf(120, { kind: 'fixed' })).toBe(120);
  });

  it('let a step go on after the rest that is longer than a sprint', () => {
    const sprints = { kind: 'sprints', minutes: 25, rest: 5 } as const;
    expect(cutForSprints(hands(40), sprints)).toMatchObject({ split: 10 });
    expect(cutForSprints({ ...hands(40), split: 5 } as ProblemStep, sprints)).toMatchObject({ split: 5 });
    expect(cutForSprints(hands(25), sprints)).toEqual(hands(25));
    expect(cutForSprints(wait(40), sprints)).toEqual(wait(40));
    expect(cutForSprints(hands(40), { kind: 'fixed' })).toEqual(hands(40));
  });
});

describe('what counts for more than usual', () => {
  const weighed = (says: object) =>
    spreadAndWeights({ spread: 'even', matters: 'usual', grouping: 'none', ...says } as never);

  it('is nothing where nobody says so', () => {
    expect(weighed({})).toEqual({ spread: 'even' });
  });

  it('is what the work goes by, times what the household cares about', () => {
    expect(weighed({ grouping: 'room' }).weights).toEqual({ open: 3 });
    expect(weighed({ grouping: 'room', matters: 'tidy' }).weights).toEqual({ open: 9, apart: 3 });
    expect(weighed({ grouping: 'kind', matters: 'few-sessions' }).weights).toEqual({
      sessions: 6,
      scatter: 6,
      slivers: 4,
    });
  });

  it('is never more than the format allows', () => {
    for (const grouping of ['room', 'kind', 'layer', 'none'])
      for (const matters of ['usual', 'tidy', 'early', 'few-sessions'])
        for (const weight of Object.values(weighed({ grouping, matters }).weights ?? {}))
          expect(weight).toBeLessThanOrEqual(10);
  });

  it('spreads early where early is what counts', () => {
    expect(weighed({ matters: 'early' }).spread).toBe('early');
  });
});

describe('a room for the planner', () => {
  it('is not shut where one sleeps at night or cooks at meals, in any home', () => {
    for (const { home } of DOZEN_HOMES)
      for (const room of roomsOf(home)) {
        const { inUse, id } = roomFor(room, home.floors);
        expect(id).toBe(room.id);
        const times = inUse?.map(({ from }) => from);
        if (room.kind === 'bedroom' || room.kind === 'child') expect(times).toEqual(['21:00']);
        else if (room.kind === 'kitchen') expect(times).toEqual(['06:30', '12:00', '18:00']);
        else expect(inUse).toBeUndefined();
      }
  });

  it('holds one at a time where it is small, and knows its floor', () => {
    const { home } = DOZEN_HOMES.find(({ name }) => name === 'children of 6 and 11')!;
    const upstairs = home.floors.at(-1)!;
    const room = upstairs.rooms[0]!;
    expect(roomFor(room, home.floors).floor).toBe(home.floors.length - 1);
    expect(roomFor({ ...room, lengthM: 2, widthM: 2.4 }, home.floors).maxPeople).toBe(1);
    expect(roomFor({ ...room, lengthM: 2, widthM: 2.5 }, home.floors).maxPeople).toBe(2);
  });
});

describe('quiet times', () => {
  const home = homeNamed('moving out on a weekend');
  const withQuiet = (quiet: { from: string; to: string }[]) => ({
    ...home,
    home: { ...home.home, facts: { ...home.home.facts, quiet } },
  });

  it('have nothing in them that makes noise, while other work goes on', () => {
    const problem = expand(withQuiet([{ from: '13:00', to: '15:00' }]), CATALOGUE, home.now);
    expect(problem.quiet).toEqual([{ from: '13:00', to: '15:00' }]);
    const made = plan(problem, { problemHash: '0'.repeat(64), seed: 1, rounds: 20, stop: () => false });
    const loud = new Set(
      problem.tasks
        .flatMap(({ steps }) => steps)
        .flatMap((step) => (step.mode === 'hands' && step.tags?.includes('noise') ? [step.id] : [])),
    );
    const atNap = made.entries.filter(
      ({ start, end }) => start.slice(11) < '15:00' && end.slice(11) > '13:00',
    );
    expect(atNap.filter(({ step }) => loud.has(step))).toEqual([]);
    expect(atNap.some(({ people }) => people.length > 0)).toBe(true);
    expect(made.entries.some(({ step }) => loud.has(step))).toBe(true);
  });

  it('are none where nobody says so', () => {
    expect(expand(home, CATALOGUE, home.now)).not.toHaveProperty('quiet');
    expect(expand(withQuiet([]), CATALOGUE, home.now)).not.toHaveProperty('quiet');
  });
});
