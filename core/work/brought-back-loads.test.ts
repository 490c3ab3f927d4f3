import { describe, expect, it } from 'vitest';
import { DOZEN_HOMES, homeNamed } from '../../demo/dozen-homes';
import { CATALOGUE } from '../catalogue/catalogue';
import { newFixture } from '../furnish/fixture';
import type { Room } from '../home/room';
import { fitsTogether, USUAL_MACHINE_KG } from '../laundry/loads';
import { expand } from '../problem/expand';
import { plan } from '../spread/plan';
import { BROUGHT_BACK, SHARED_WASH } from './brought-back-loads';
import { washedBy } from './load';
import { listTasks, tasksOf } from './tasks';
import { unrounded } from './testing/unrounded';
import { workOf } from './work';

type House = (typeof DOZEN_HOMES)[number];
const tasksIn = (house: House) => tasksOf(workOf(house, CATALOGUE));
const loadsIn = (house: House) => tasksIn(house).filter(({ method }) => method.id === SHARED_WASH);
const fromOf = (house: House) => loadsIn(house).map(({ from }) => from!.map(({ room }) => room.name).join());

const large = homeNamed('twenty-two rooms');

/** With something more at the first stop of each room that is meant. */
function withMore(
  house: House,
  kind: Parameters<typeof newFixture>[1],
  where: (room: Room) => boolean,
): House {
  const more = (room: Room): Room => ({
    ...room,
    stops: room.stops.map((stop, i) =>
      i === 0
        ? { ...stop, fixtures: [...stop.fixtures, newFixture(`${room.id}-extra-${kind}`, kind)] }
        : stop,
    ),
  });
  const floors = house.home.floors.map((floor) => ({
    ...floor,
    rooms: floor.rooms.map((room) => (where(room) ? more(room) : room)),
  }));
  return { ...house, home: { ...house.home, floors } };
}

const withWasher = (house: House, kg: number): House => ({
  ...house,
  machines: house.machines.map((machine) => (machine.kind === 'washer' ? { ...machine, kg } : machine)),
});

describe('what is taken off, washed and brought back', () => {
  it('shares a drum with its like from other rooms, as many as fit', () => {
    // Covers of four cushions weigh 0.8 kg and mats 1.4; the drum takes 3.5 kg of easy-care and 7 of cotton.
    expect(fromOf(large)).toEqual([
      'Room 2,Room 5,Room 8,Room 10',
      'Room 4,Room 12,Room 20',
      'Room 16,Room 18',
    ]);
    for (const load of loadsIn(large)) {
      expect(fitsTogether(washedBy(load), USUAL_MACHINE_KG), load.id).toBe(true);
      expect(load.room.name).toBe('Room 4');
    }
    expect(loadsIn(large).map(({ method }) => method.title)).toEqual([
      'Wash a load of cushion covers',
      'Wash a load of bath mats',
      'Wash a load of cushion covers',
    ]);
  });

  it('leaves the hands of a house as many minutes as they had', () => {
    for (const house of DOZEN_HOMES) {
      const listed = listTasks(workOf(house, CATALOGUE)).filter(({ scope }) => scope.in);
      expect(unrounded(tasksIn(house)), house.name).toBeCloseTo(unrounded(listed), 6);
    }
  });

  it('is taken off and brought back in its own room, with the detergent at the load', () => {
    const mats = tasksIn(large).filter(({ method }) => method.id === 'mats-wash');
    expect(mats.map(({ room }) => room.name)).toEqual(['Room 4', 'Room 12', 'Room 20']);
    for (const task of mats) {
      expect(task.estimate.steps.map(({ step }) => step.key)).toEqual(['load', 'hang']);
      expect(task.products.doses).toEqual([]);
    }
    const [, load] = loadsIn(large);
    expect(load!.products.doses.map(({ product }) => product)).toEqual(['laundry-detergent']);
    expect(load!.estimate.steps.map(({ step }) => step.title)).toEqual([
      'Gather it all and load the machine',
      'Bath mats in the wash',
    ]);
  });

  it('is off before the load is on, and back when it is through: damp things within the hour', () => {
    const { precedence } = expand(large, CATALOGUE, '2027-03-01T08:00');
    const [, { id, from }] = loadsIn(large) as [never, ReturnType<typeof loadsIn>[number]];
    const ids = from!.map(({ fixture }) => `${fixture.id}:mats-wash`);
    const into = precedence.filter(({ after }) => after === id);
    expect(into.map(({ before }) => before)).toEqual(ids.map((task) => `${task}/load`));
    expect(into.every(({ hard, maxGap }) => hard && maxGap === 1440)).toBe(true);
    const outOf = precedence.filter(({ before }) => before === id);
    expect(outOf.map(({ after }) => after)).toEqual(ids.map((task) => `${task}/hang`));
    expect(outOf.every(({ hard, maxGap, orderOnly }) => hard && maxGap === 60 && !orderOnly)).toBe(true);
  });

  it('comes home on the day on which it was taken off, where a day is long enough', () => {
    const problem = expand(large, CATALOGUE, '2027-03-01T08:00');
    const taskOf = (end: string) => problem.tasks.filter(({ id }) => id.endsWith(end));
    expect(taskOf(':mats-wash').every(({ sameDay }) => sameDay)).toBe(true);
    // Covers are four hours on the line, besides an hour in the drum.
    expect(taskOf(':cushion-covers-wash').some(({ sameDay }) => sameDay)).toBe(false);
  });

  it('has one run a drum in the plan: all off, the machine, all back', () => {
    const problem = expand(large, CATALOGUE, '2027-03-01T08:00');
    const made = plan(problem, { problemHash: 'x', seed: 1, rounds: 0, stop: () => true });
    const at = new Map(made.entries.map((entry) => [entry.step, entry]));
    let found = 0;
    for (const load of loadsIn(large)) {
      const run = at.get(`${load.id}/wash`);
      if (!run) continue;
      for (const { fixture, methodId } of load.from!) {
        const task = problem.tasks.find(({ id }) => id === `${fixture.id}:${methodId}`)!;
        const [off, back] = task.steps.map(({ id }) => at.get(id));
        if (!off || !back) continue;
        found++;
        expect(off.end <= run.start && back.start >= run.end, task.id).toBe(true);
      }
    }
    expect(found).toBeGreaterThan(3);
  });

  it('is washed with its room where the room misses it and one room is done after the other', () => {
    const flat = withWasher(homeNamed('three who share a flat'), 12);
    expect(flat.clean.grouping).toBe('room');
    expect(fromOf(flat)).toEqual([]);
    const byKinds = { ...flat, clean: { ...flat.clean, grouping: 'kind' as const } };
    expect(fromOf(byKinds)).toEqual(['Room one,Room two']);
    const inOneDay = { ...flat, clean: { ...flat.clean, finish: flat.clean.start } };
    expect(fromOf(inOneDay)).toEqual(['Room one,Room two']);
    // Two windows of one room.
    const twoWindows = withMore(flat, 'curtains', ({ name }) => name === 'Room two');
    expect(fromOf(twoWindows)).toEqual(['Room two,Room two']);
  });

  it('is a towel too, where there is just one set: back on its rail the same day', () => {
    const two = withMore(
      withMore(homeNamed('children of 6 and 11'), 'towels', ({ kind }) => kind === 'bathroom'),
      'towels',
      ({ name }) => name === 'Bedroom',
    );
    const facts = { ...two.home.facts, singleTowels: true };
    const oneSet = {
      ...two,
      home: { ...two.home, facts },
      clean: { ...two.clean, grouping: 'kind' as const },
    };
    const [load, ...more] = loadsIn(oneSet);
    expect(more).toEqual([]);
    expect(load!.from!.map(({ room }) => room.name)).toEqual(['Bedroom', 'Bathroom']);
    const towels = tasksIn(oneSet).filter(({ method }) => method.id === 'towels-wash');
    for (const { estimate } of towels)
      expect(estimate.steps.map(({ step }) => step.key)).toEqual(['off', 'back']);
    expect(loadsIn({ ...oneSet, home: two.home })).toEqual([]);
    const keptOn = (house: House) =>
      expand(house, CATALOGUE, '2027-03-01T08:00')
        .tasks.filter(({ id }) => id.endsWith(':towels-wash'))
        .map(({ sameDay }) => sameDay ?? false);
    expect(keptOn(oneSet)).toEqual([true, true]);
    expect(keptOn({ ...oneSet, home: two.home }).some(Boolean)).toBe(false);
  });

  it('puts throws and covers into one drum, as they bear the same', () => {
    const flat = withMore(
      withMore(homeNamed('three who share a flat'), 'cushions', ({ name }) => name === 'Room one'),
      'throws',
      ({ name }) => name === 'Room two',
    );
    const ofCotton = {
      ...flat,
      home: {
        ...flat.home,
        floors: flat.home.floors.map((floor) => ({
          ...floor,
          rooms: floor.rooms.map((room) => ({
            ...room,
            stops: room.stops.map((stop) => ({
              ...stop,
              fixtures: stop.fixtures.map((fixture) =>
                fixture.kind === 'throws' ? { ...fixture, surface: 'fabric' as const } : fixture,
              ),
            })),
          })),
        })),
      },
    };
    expect(loadsIn(ofCotton).map(({ method }) => method.title)).toEqual([
      'Wash a load of cushion covers and throws',
    ]);
    // Wool is washed cold and by itself.
    expect(fromOf(flat)).toEqual([]);
  });

  it('goes on by itself where it was begun so, and into the next load where one is on already', () => {
    const mats = Object.keys(BROUGHT_BACK)[0] as string;
    const spots = loadsIn(large)[1]!.from!.map(({ fixture }) => fixture.id);
    const tick = (step: string) => ({ step, at: '2027-03-01T09:00', minutes: null, by: null });
    const ticked = (...steps: string[]): House =>
      ({ ...large, ticks: steps.map((step) => tick(step)) }) as unknown as House;
    const matsIn = (house: House) => fromOf(house).filter((rooms) => /Room (4|12|20)\b/.test(rooms));
    const alone = ticked(`${spots[1]}:${mats}/load`, `${spots[1]}:${mats}/wash`);
    expect(matsIn(alone)).toEqual(['Room 4,Room 20']);
    const on = ticked(
      `${spots[0]}:${mats}/load`,
      `${spots[1]}:${mats}/load`,
      `${spots[0]}:${SHARED_WASH}/gather`,
    );
    expect(matsIn(on)).toEqual(['Room 4,Room 12']);
  });
});
