import { describe, expect, it } from 'vitest';
import { DOZEN_HOMES, homeNamed } from '../../demo/dozen-homes';
import { juniperRow } from '../../demo/juniper-row';
import { CATALOGUE } from '../catalogue/catalogue';
import { newFixture } from '../furnish/fixture';
import type { Room } from '../home/room';
import { fitsTogether, USUAL_MACHINE_KG } from '../laundry/loads';
import { expand } from '../problem/expand';
import { washedBy } from './load';
import { listTasks, tasksOf } from './tasks';
import { unrounded } from './testing/unrounded';
import { workOf } from './work';

const demo = juniperRow('2027-03-01');
type House = Parameters<typeof workOf>[0];
const washes = (house: House) =>
  tasksOf(workOf(house, CATALOGUE)).filter(({ method }) => method.id === 'bed-linen-wash');
const kgOf = (task: ReturnType<typeof washes>[number]) => washedBy(task).reduce((sum, { kg }) => sum + kg, 0);

describe('the linen of a house', () => {
  it('is washed in loads, in the room of the machine, each with all that its drum takes', () => {
    // Two doubles of 2.1 kg and two singles of 1.35 come to 6.9; the demo has one double and three singles: 6.15.
    const [load, ...more] = washes(demo);
    expect(more).toEqual([]);
    expect(load!.from).toHaveLength(4);
    expect(load!.room.name).toBe('Cellar');
    expect(kgOf(load!)).toBeCloseTo(6.15, 2);
  });

  it('takes a second drum where one is full, and no more than it must', () => {
    for (const home of DOZEN_HOMES) {
      const loads = washes(home);
      for (const load of loads) expect(kgOf(load), home.name).toBeLessThanOrEqual(USUAL_MACHINE_KG + 0.01);
      const weight = loads.reduce((sum, load) => sum + kgOf(load), 0);
      expect(loads.length, home.name).toBeLessThanOrEqual(Math.ceil(weight / (USUAL_MACHINE_KG - 2.1)));
    }
    expect(washes(homeNamed('twenty-two rooms')).length).toBeGreaterThan(1);
  });

  it('takes as many drums as the machine of the house asks for', () => {
    const machines = (kg: number) =>
      demo.machines.map((machine) => (machine.kind === 'washer' ? { ...machine, kg } : machine));
    expect(washes({ ...demo, machines: machines(5) })).toHaveLength(2);
    // Nothing but a single bed at a time goes into two kilograms.
    expect(washes({ ...demo, machines: machines(2) })).toHaveLength(4);
  });

  it('takes the hands of every bed, and the machine once', () => {
    const work = workOf(demo, CATALOGUE);
    const listed = listTasks(work).filter(({ scope }) => scope.in);
    expect(unrounded(tasksOf(work))).toBeCloseTo(unrounded(listed), 6);
    const beds = listed.filter(({ method }) => method.id === 'bed-linen-wash');
    const [load] = washes(demo);
    const minutes = (key: string) => load!.estimate.steps.find(({ step }) => step.key === key)!.minutes;
    expect(minutes('fold')).toBeCloseTo(
      beds.reduce((sum, { estimate }) => sum + estimate.steps.at(-1)!.minutes, 0),
      6,
    );
    expect(minutes('wash')).toBe(beds[0]!.estimate.steps.find(({ step }) => step.key === 'wash')!.minutes);
  });

  it('comes after every bed that it is from was stripped', () => {
    const { precedence } = expand(demo, CATALOGUE, '2027-03-01T08:00');
    const [load] = washes(demo);
    const before = precedence.filter(({ after, hard }) => hard && after.startsWith(load!.id));
    expect(before.map((one) => one.before).toSorted()).toEqual(
      load!.from!.map(({ fixture }) => `${fixture.id}:bed-linen/strip`).toSorted(),
    );
  });

  it('takes towels along where they fit, and mops with the cloths: one run, as long as the longest', () => {
    const { home, machines } = homeNamed('children of 6 and 11');
    const towels = (room: Room): Room => ({
      ...room,
      stops: room.stops.map((stop, i) =>
        i === 0 ? { ...stop, fixtures: [...stop.fixtures, newFixture(`${room.id}-towels`, 'towels')] } : stop,
      ),
    });
    const floors = home.floors.map((floor) => ({
      ...floor,
      rooms: floor.rooms.map((room) => (room.kind === 'bathroom' ? towels(room) : room)),
    }));
    const house = { ...homeNamed('children of 6 and 11'), machines, home: { ...home, floors } };
    const listed = tasksOf(workOf({ ...house, clean: undefined }, CATALOGUE));
    const mixed = listed.filter(({ from }) => new Set(from?.map(({ methodId }) => methodId)).size > 1);
    for (const load of mixed) {
      expect(fitsTogether(washedBy(load), USUAL_MACHINE_KG), load.id).toBe(true);
      expect(load.from!.length).toBeGreaterThan(1);
    }
    expect(mixed.map(({ method }) => method.title)).toContain('Wash the bed linen; wash the towels');
    const wash = mixed[0]!.estimate.steps.find(({ step }) => step.key === 'wash');
    expect(wash?.minutes).toBe(110);
  });

  it('leaves out of a load the bed that is left out', () => {
    const [load] = washes(demo);
    const bed = load!.from![1]!.fixture.id;
    const marks = [...demo.marks, { on: 'task' as const, target: `${bed}:bed-linen-wash`, in: false }];
    expect(washes({ ...demo, marks })[0]!.from!.map(({ fixture }) => fixture.id)).toEqual(
      load!.from!.map(({ fixture }) => fixture.id).filter((id) => id !== bed),
    );
  });

  it('is its bed’s own where there is just one, and where there is one set of bedding', () => {
    expect(washes(homeNamed('one person in one day')).map(({ from }) => from)).toEqual([undefined]);
    expect(washes(homeNamed('birds and an asthmatic'))).toEqual([]);
  });
});
