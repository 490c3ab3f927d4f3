import { describe, expect, it } from 'vitest';
import { DOZEN_HOMES, homeNamed } from '../../demo/dozen-homes';
import { juniperRow } from '../../demo/juniper-row';
import { CATALOGUE } from '../catalogue/catalogue';
import { type Focus, focusSchema } from '../clean/focus';
import { UNSTEERED } from '../clean/steering';
import { problemFaults } from '../plan/problem-faults';
import { plan } from '../spread/plan';
import { replan } from '../spread/replan';
import { tasksOf } from '../work/tasks';
import { workOf } from '../work/work';
import { expand } from './expand';

const NOW = '2027-03-02T12:00';
const home = homeNamed('children of 6 and 11');
const tasks = tasksOf(workOf(home, CATALOGUE));
const focus = (says: Partial<Focus>): Focus => ({
  id: 'own',
  days: { date: '2027-03-09' },
  binds: 'work',
  ...says,
});
const household = (...focuses: Focus[]) => ({ ...home, steering: { ...UNSTEERED, focus: focuses } });
const problemWith = (...focuses: Focus[]) => expand(household(...focuses), CATALOGUE, NOW);
const bedroom = home.home.floors.flatMap(({ rooms }) => rooms).find(({ name }) => name === 'Bedroom')!;

describe('work that is given its time', () => {
  it('is a stretch of one date, by its hours or the whole of it', () => {
    expect(problemWith(focus({ rooms: [bedroom.id] })).focus).toEqual([
      {
        id: 'own 2027-03-09',
        from: '2027-03-09T00:00',
        to: '2027-03-10T00:00',
        rooms: [bedroom.id],
        binds: 'work',
      },
    ]);
    const [sills] = problemWith(
      focus({ fixtures: ['sill'], hours: { from: '16:00', to: '17:00' }, people: ['noor'] }),
    ).focus!;
    expect(sills).toMatchObject({ from: '2027-03-09T16:00', to: '2027-03-09T17:00', people: ['noor'] });
    const all = tasks.filter(({ fixture }) => fixture.kind === 'sill').map(({ id }) => id);
    expect(all.length).toBeGreaterThan(1);
    expect(sills!.tasks!.toSorted()).toEqual(all.toSorted());
  });

  it('is a stretch of each day of the week within the clean, or of each date from one to another', () => {
    const tuesdays = problemWith(focus({ kinds: ['windows'], days: { weekday: 2 } })).focus!;
    expect(tuesdays.length).toBeGreaterThan(1);
    for (const { from } of tuesdays) expect(new Date(from).getDay()).toBe(2);
    const three = problemWith(focus({ days: { from: '2027-03-03', to: '2027-03-05' }, binds: 'time' }))
      .focus!;
    expect(three.map(({ from }) => from.slice(0, 10))).toEqual(['2027-03-03', '2027-03-04', '2027-03-05']);
  });

  it('is about every room of a floor', () => {
    const [floor] = home.home.floors;
    const [whole] = problemWith(focus({ floors: [floor!.id] })).focus!;
    const rooms = new Set(tasks.filter((task) => task.floor.id === floor!.id).map(({ room }) => room.id));
    expect(new Set(whole!.rooms)).toEqual(rooms);
  });

  it('is left aside where it is over, outside the clean, or about what is gone', () => {
    const gone: readonly Partial<Focus>[] = [
      { days: { date: '2027-03-01' } },
      { days: { date: '2027-03-02' }, hours: { from: '08:00', to: '12:00' } },
      { days: { date: '2031-01-01' } },
      { rooms: ['gone'] },
      { people: ['gone'] },
      { tasks: ['gone:gone'] as never },
    ];
    for (const one of gone) expect(problemWith(focus(one)).focus, JSON.stringify(one)).toBeUndefined();
  });

  it('names only what the problem knows, in every home', () => {
    for (const house of DOZEN_HOMES) {
      const rooms = house.home.floors.flatMap((floor) => floor.rooms.map(({ id }) => id));
      const steering = {
        ...UNSTEERED,
        focus: [
          focus({ id: 'a', rooms: [rooms[0]!, 'gone'], days: { weekday: 6 } }),
          focus({ id: 'b', fixtures: ['sill', 'door'], days: { weekday: 3 }, binds: 'both' }),
        ],
      };
      const problem = expand({ ...house, steering }, CATALOGUE, NOW);
      expect(problemFaults(problem), house.name).toEqual([]);
    }
  });

  it('holds in the plan: the work lies then and nowhere else, and nothing else then', () => {
    const then = focus({ fixtures: ['sill'], days: { date: '2027-03-06' } });
    const only = focus({ id: 'room', rooms: [bedroom.id], days: { date: '2027-03-07' }, binds: 'time' });
    const problem = problemWith(then, only);
    const made = plan(problem, { problemHash: 'x', seed: 1, rounds: 40, stop: () => false });
    const sills = new Set(problem.focus!.find(({ id }) => id.startsWith('own'))!.tasks);
    const byTask = (step: string) => problem.tasks.find(({ steps }) => steps.some(({ id }) => id === step))!;
    const worked = made.entries.filter(({ people }) => people.length > 0);
    const ofSills = worked.filter(({ step }) => sills.has(byTask(step).id));
    expect(ofSills.length).toBeGreaterThan(0);
    for (const { start } of ofSills) expect(start.slice(0, 10)).toBe('2027-03-06');
    for (const { step } of worked.filter(({ start }) => start.startsWith('2027-03-07')))
      expect(byTask(step).room).toBe(bedroom.id);
  });
});

describe('an hour for all sills', () => {
  const demo = juniperRow('2027-03-01');
  const at = '2027-03-01T18:40';
  const sills = focus({
    fixtures: ['sill'],
    days: { date: '2027-03-09' },
    hours: { from: '19:00', to: '20:00' },
  });
  const asked = expand({ ...demo, steering: { ...UNSTEERED, focus: [sills] } }, CATALOGUE, at);
  const options = { problemHash: 'x', seed: 1, rounds: 10, stop: () => false };
  const startsIn = (made: ReturnType<typeof plan>) =>
    asked.focus![0]!.tasks!.map(
      (task) => made.entries.find(({ step }) => step.startsWith(`${task}/`))?.start ?? 'nowhere',
    );

  it('has the windows and ceilings of every room behind it, and all sills within it', () => {
    const starts = startsIn(plan(asked, options));
    expect(starts.length).toBeGreaterThan(5);
    for (const start of starts) expect(start).toMatch(/^2027-03-09T19:/);
  });

  it('is made way for in a plan that is there already', () => {
    const before = plan(expand(demo, CATALOGUE, at), options);
    for (const start of startsIn(replan(asked, before, 'x'))) expect(start).toMatch(/^2027-03-09T19:/);
  });
});

describe('what is said of a time', () => {
  it.each([
    [{ days: { from: '2027-03-05', to: '2027-03-03' } }],
    [{ days: { weekday: 8 } }],
    [{ hours: { from: '17:00', to: '16:00' } }],
    [{ rooms: [] }],
    [{ kinds: ['flying'] }],
  ])('is not read where it makes no sense: %o', (says) => {
    expect(focusSchema.safeParse({ ...focus({}), ...says }).success).toBe(false);
  });
});
