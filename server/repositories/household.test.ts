import type { Knex } from 'knex';
import { afterAll, beforeAll, beforeEach, describe, expect, it } from 'vitest';
import { fixturesOf, type Room, roomsOf } from '../../core/home/room';
import { newFixture, starterStops } from '../../core/home/starters';
import { juniperRowUnderWay } from '../../demo/juniper-row';
import type { HouseholdScope } from '../db/scope';
import { newHousehold, testDatabase } from '../testing/households';
import { addPlan, loadClean, loadPlans, loadTicks, putClean, tick, untick } from './clean';
import {
  insertFloor,
  insertRoom,
  insertStop,
  loadHome,
  putFixture,
  removeFixture,
  removeRoom,
  updateRoom,
} from './home';
import { insertHousehold, loadHousehold } from './household';
import { loadPeople, putMember, removeMember } from './people';

const { household: JUNIPER, first: FIRST_PLAN } = juniperRowUnderWay('2027-03-01');

let db: Knex;
beforeAll(async () => {
  db = await testDatabase();
});
afterAll(() => db.destroy());

function bedroom(id: string): Room {
  const room = { id, name: 'Bedroom', kind: 'bedroom' as const, lengthM: 4, widthM: 3, heightM: 2.5 };
  return { ...room, stops: starterStops(room) };
}

describe('a household in the database', () => {
  it('comes back as it was written', async () => {
    const scope = await newHousehold(db, JUNIPER.name);
    await insertHousehold(scope, JUNIPER);
    const loaded = await loadHousehold(scope);
    const inOrder = (ticks: typeof JUNIPER.ticks) => [...ticks].sort((a, b) => a.step.localeCompare(b.step));
    expect({ ...loaded, ticks: inOrder(loaded.ticks) }).toEqual({
      ...JUNIPER,
      ticks: inOrder(JUNIPER.ticks),
    });
  });

  it('is written whole or not at all', async () => {
    const scope = await newHousehold(db);
    const [first] = JUNIPER.people;
    await expect(insertHousehold(scope, { ...JUNIPER, people: [first!, first!] })).rejects.toThrow();
    expect(await loadHome(scope)).toEqual({ floors: [] });
  });

  it('keeps rooms, stops and fixtures in walking order', async () => {
    const scope = await newHousehold(db);
    await insertFloor(scope, { id: 'ground', name: 'Ground floor' });
    await insertRoom(scope, 'ground', bedroom('b'));
    await insertStop(scope, 'b', { id: 'chair', name: 'Chair' });
    await putFixture(scope, 'chair', {
      ...newFixture('chair-1', 'upholstery'),
      count: 2,
      size: { widthM: 0.7 },
    });
    const [room] = roomsOf(await loadHome(scope));
    expect(room?.stops.map((stop) => stop.name)).toEqual([
      'The room itself',
      'Door',
      'Wardrobe',
      'Window',
      'Bed',
      'Chest of drawers',
      'Lamp',
      'Chair',
    ]);
    expect(room?.stops.at(-1)?.fixtures).toEqual([
      { ...newFixture('chair-1', 'upholstery'), count: 2, size: { widthM: 0.7 } },
    ]);
  });

  it('writes a fixture anew in its place, and lets it go', async () => {
    const scope = await newHousehold(db);
    await insertFloor(scope, { id: 'ground', name: 'Ground floor' });
    await insertRoom(scope, 'ground', bedroom('b'));
    const before = fixturesOf(roomsOf(await loadHome(scope))[0]!).map((fixture) => fixture.id);
    const bed = fixturesOf(bedroom('b')).find((fixture) => fixture.kind === 'bed')!;
    await putFixture(scope, 'b-4', { ...bed, soil: 'heavy', surface: 'metal' });
    const room = roomsOf(await loadHome(scope))[0]!;
    expect(fixturesOf(room).map((fixture) => fixture.id)).toEqual(before);
    expect(fixturesOf(room).find((fixture) => fixture.id === bed.id)).toEqual({
      ...bed,
      soil: 'heavy',
      surface: 'metal',
    });
    expect(await removeFixture(scope, bed.id)).toBe(true);
    expect(await removeFixture(scope, bed.id)).toBe(false);
  });

  it('adds nothing twice when a request is repeated', async () => {
    const scope = await newHousehold(db);
    for (let i = 0; i < 2; i++) {
      await insertFloor(scope, { id: 'ground', name: 'Ground floor' });
      await insertRoom(scope, 'ground', bedroom('b'));
      await insertStop(scope, 'b', { id: 'chair', name: 'Chair' });
      await putFixture(scope, 'chair', newFixture('chair-1', 'upholstery'));
      await putMember(scope, { ...JUNIPER.people[0]! });
    }
    const home = await loadHome(scope);
    expect(home.floors).toHaveLength(1);
    expect(roomsOf(home)).toHaveLength(1);
    expect(fixturesOf(roomsOf(home)[0]!)).toHaveLength(fixturesOf(bedroom('b')).length + 1);
    expect(await loadPeople(scope)).toEqual([JUNIPER.people[0]]);
  });

  it('ticks a step once, with the time of the first tick, and takes it back', async () => {
    const scope = await newHousehold(db);
    await putClean(scope, JUNIPER.clean);
    await Promise.all(
      ['2027-03-01T18:00', '2027-03-01T18:00', '2027-03-01T18:00'].map((at) =>
        tick(scope, 'house-swap', { step: 'a:b/c', at }),
      ),
    );
    await tick(scope, 'house-swap', { step: 'a:b/c', at: '2027-03-01T19:00' });
    expect(await loadTicks(scope, 'house-swap')).toEqual([{ step: 'a:b/c', at: '2027-03-01T18:00' }]);
    await untick(scope, 'house-swap', ['a:b/c']);
    expect(await loadTicks(scope, 'house-swap')).toEqual([]);
  });

  it('keeps every plan as a version, the first and the latest at hand', async () => {
    const scope = await newHousehold(db);
    await putClean(scope, JUNIPER.clean);
    expect(await loadPlans(scope, 'house-swap')).toBeUndefined();
    for (const id of ['one', 'two', 'three'])
      await addPlan(scope, 'house-swap', { id, basis: id, madeAt: '2027-03-01T08:00', plan: FIRST_PLAN });
    const plans = await loadPlans(scope, 'house-swap');
    expect([plans?.first.version, plans?.first.basis, plans?.latest.version, plans?.latest.basis]).toEqual([
      1,
      'one',
      3,
      'three',
    ]);
    expect(plans?.latest.plan).toEqual(FIRST_PLAN);
  });
});

describe('two households with the same ids', () => {
  let mine: HouseholdScope;
  let theirs: HouseholdScope;
  const snapshot = () => loadHousehold(mine);

  beforeEach(async () => {
    mine = await newHousehold(db);
    theirs = await newHousehold(db);
    await insertHousehold(mine, JUNIPER);
    await insertFloor(theirs, { id: 'elsewhere', name: 'Elsewhere' });
    await putClean(theirs, { ...JUNIPER.clean, name: 'Theirs' });
  });

  // Each thing that one household can do, aimed at the ids of another.
  const attempts: [string, (scope: HouseholdScope) => Promise<unknown>][] = [
    [
      'rename a room',
      (scope) => updateRoom(scope, { id: 'kitchen', name: 'Mine now', lengthM: 1, widthM: 1, heightM: 1 }),
    ],
    ['remove a room', (scope) => removeRoom(scope, 'kitchen')],
    ['remove a fixture', (scope) => removeFixture(scope, 'kitchen-1-door')],
    [
      'put a fixture at a stop',
      (scope) => putFixture(scope, 'kitchen-1', newFixture('intruder', 'door')).catch(() => 'refused'),
    ],
    [
      'add a stop to a room',
      (scope) => insertStop(scope, 'kitchen', { id: 'intruder', name: 'Intruder' }).catch(() => 'refused'),
    ],
    [
      'add a room to a floor',
      (scope) => insertRoom(scope, 'ground', bedroom('intruder')).catch(() => 'refused'),
    ],
    ['change a person', (scope) => putMember(scope, { ...JUNIPER.people[0]!, name: 'Nobody' })],
    ['remove a person', (scope) => removeMember(scope, 'ines')],
    ['change the clean', (scope) => putClean(scope, { ...JUNIPER.clean, name: 'Spoilt' })],
    [
      'tick a step',
      (scope) => tick(scope, 'house-swap', { step: 'hall-1-door:door-wash/wash', at: '2027-03-01T18:00' }),
    ],
    [
      'take back ticks',
      (scope) =>
        untick(
          scope,
          'house-swap',
          JUNIPER.ticks.map((item) => item.step),
        ),
    ],
    [
      'add a plan',
      (scope) =>
        addPlan(scope, 'house-swap', { id: 'p', basis: 'x', madeAt: '2027-03-01T08:00', plan: FIRST_PLAN }),
    ],
  ];

  it.each(attempts)('cannot %s of each other', async (_name, attempt) => {
    const before = await snapshot();
    await attempt(theirs);
    expect(await snapshot()).toEqual(before);
    expect(await loadPlans(mine, 'house-swap')).toBeUndefined();
  });

  it('see only their own', async () => {
    expect((await loadHome(theirs)).floors.map((floor) => floor.name)).toEqual(['Elsewhere']);
    expect(await loadPeople(theirs)).toEqual([]);
    expect((await loadClean(theirs))?.name).toBe('Theirs');
    expect(await loadTicks(theirs, 'house-swap')).toEqual([]);
  });
});
