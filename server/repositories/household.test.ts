import type { Knex } from 'knex';
import { afterAll, beforeAll, beforeEach, describe, expect, it } from 'vitest';
import type { OrderRule } from '../../core/clean/rule';
import { parseHouseholdFile } from '../../core/formats/read-household';
import { newFixture } from '../../core/furnish/fixture';
import { fixturesOf, roomsOf } from '../../core/home/room';
import type { HouseholdChange } from '../../core/household/change';
import type { HouseholdFile } from '../../core/household/household';
import { juniperRowUnderWay } from '../../demo/juniper-row';
import { changeHousehold } from '../commands/change';
import { redo as redoCommand, undo as undoCommand } from '../commands/journal';
import { takeInHousehold } from '../commands/replace';
import { setOutOn } from '../commands/set-out';
import type { HouseholdScope } from '../db/scope';
import { newHousehold, testDatabase } from '../testing/households';
import { addPlan, insertTicks, loadClean, loadPlans, loadTicks, untick } from './clean';
import { loadEditable } from './editable';
import { loadEditWords } from './edits';
import { hasReplaced, householdFile, insertHousehold, loadHousehold, loadReplaced } from './household';
import { loadPeople } from './people';

const { household: JUNIPER, first: FIRST_PLAN } = juniperRowUnderWay('2027-03-01');

let db: Knex;
beforeAll(async () => {
  db = await testDatabase();
});
afterAll(() => db.destroy());

let turn = 0;

/** Makes a change by hand, as a person would: each under an id of its own. */
async function change(scope: HouseholdScope, wanted: HouseholdChange, id = `edit-${turn++}`) {
  return (await changeHousehold(scope, id, wanted, () => wanted.do)).answer;
}

const undo = async (scope: HouseholdScope) =>
  (await undoCommand(scope, `undo-${turn++}`)).answer ?? undefined;
const redo = async (scope: HouseholdScope) =>
  (await redoCommand(scope, `redo-${turn++}`)).answer ?? undefined;
const replaceHousehold = (scope: HouseholdScope, file: HouseholdFile) =>
  takeInHousehold(scope, `in-${turn++}`, file);

const BEDROOM = { id: 'b', name: 'Bedroom', kind: 'bedroom', lengthM: 4, widthM: 3, heightM: 2.5 } as const;
const CHAIR = { ...newFixture('chair-1', 'upholstery'), count: 2, size: { widthM: 0.7 } };

/** A floor with a bedroom and a chair in it. */
const STEPS: readonly HouseholdChange[] = [
  { do: 'add-floor', id: 'ground', name: 'Ground floor' },
  { do: 'add-room', floorId: 'ground', room: BEDROOM },
  { do: 'add-stop', roomId: 'b', id: 'chair', name: 'Chair' },
  { do: 'put-fixture', stopId: 'chair', fixture: CHAIR },
];

const OWN_RULE: OrderRule = {
  id: 'own-doors',
  name: 'doors before mirrors',
  before: { methods: ['door-wash'] },
  after: { methods: ['mirror-clean'] },
  within: 'room',
  hard: false,
  orderOnly: true,
  reason: 'Ours.',
};

describe('a household in the database', () => {
  it('comes back as it was written', async () => {
    const scope = await newHousehold(db, JUNIPER.name);
    await insertHousehold(scope, JUNIPER);
    const loaded = await householdFile(scope);
    const inOrder = (ticks: typeof JUNIPER.ticks) => [...ticks].sort((a, b) => a.step.localeCompare(b.step));
    const byId = (record: typeof JUNIPER.record) => record.toSorted((a, b) => (a.id < b.id ? -1 : 1));
    expect({ ...loaded, ticks: inOrder(loaded.ticks), record: byId(loaded.record) }).toEqual({
      ...JUNIPER,
      ticks: inOrder(JUNIPER.ticks),
      record: byId(JUNIPER.record),
    });
  });

  it('is written whole or not at all', async () => {
    const scope = await newHousehold(db);
    const [first] = JUNIPER.ticks;
    await expect(insertHousehold(scope, { ...JUNIPER, ticks: [first!, first!] })).rejects.toThrow();
    expect((await loadEditable(scope)).home.floors).toEqual([]);
  });

  it('keeps rooms, stops and fixtures in walking order, with all that is said of them', async () => {
    const scope = await newHousehold(db);
    for (const step of STEPS) await change(scope, step);
    await change(scope, {
      do: 'put-fixture',
      stopId: 'chair',
      fixture: { ...CHAIR, lastDone: '2026-10-01', mend: 'Wobbles', soil: 'years' },
    });
    await change(scope, { do: 'change-room', id: 'b', facts: { ventilation: 'none', opensTo: ['b'] } });
    const [room] = roomsOf((await loadEditable(scope)).home);
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
    expect(room).toMatchObject({ ventilation: 'none', opensTo: ['b'] });
    expect(room?.stops.at(-1)?.fixtures).toEqual([
      { ...CHAIR, lastDone: '2026-10-01', mend: 'Wobbles', soil: 'years' },
    ]);
  });

  it('makes a change once, however often it is sent', async () => {
    const scope = await newHousehold(db);
    for (const step of STEPS) await Promise.all([1, 2, 3].map(() => change(scope, step, `once-${step.do}`)));
    await change(scope, { do: 'put-member', member: JUNIPER.people[0]! });
    await change(scope, { do: 'put-member', member: JUNIPER.people[0]! });
    const { home } = await loadEditable(scope);
    expect([home.floors.length, roomsOf(home).length]).toEqual([1, 1]);
    expect(fixturesOf(roomsOf(home)[0]!).filter((fixture) => fixture.kind === 'upholstery')).toEqual([CHAIR]);
    expect(await loadPeople(scope)).toEqual([JUNIPER.people[0]]);
    // The person the second time is no change.
    expect((await scope.rows('edits').select('id')).length).toBe(STEPS.length + 1);
  });

  it('refuses a change of what is not there, and changes nothing', async () => {
    const scope = await newHousehold(db);
    expect(await change(scope, { do: 'rename-stop', id: 'nowhere', name: 'X' })).toEqual({
      ok: false,
      why: 'gone',
    });
    expect(await loadEditWords(scope)).toEqual({});
  });

  it('takes changes back one by one and makes them again, to the state that was', async () => {
    const scope = await newHousehold(db);
    await insertHousehold(scope, JUNIPER);
    const states = [await loadEditable(scope)];
    const wanted: readonly HouseholdChange[] = [
      { do: 'drop-room', id: 'kitchen' },
      { do: 'drop-floor', id: 'second' },
      { do: 'move-fixture', id: 'hall-3-mirror', stopId: 'sitting-2', height: 'low' },
      { do: 'copy-room', id: 'bathroom', as: 'twin', name: 'Twin' },
      { do: 'mark', marks: [{ on: 'room', target: 'loft', in: false, reason: 'not-worth-it' }] },
      { do: 'switch-method', id: 'walls-spot', off: true },
      { do: 'home-facts', facts: { ...JUNIPER.home.facts, pets: true } },
      { do: 'units', units: 'us' },
      { do: 'switch-rule', id: 'vacuum-before-mop', off: true },
      { do: 'put-rule', rule: OWN_RULE },
      {
        do: 'put-stock',
        stock: { product: 'vinegar', amount: 500, unit: 'ml', counted: '2027-03-01T08:00' },
      },
      { do: 'vessels', bucketMl: 8000, bottleMl: 750 },
      { do: 'put-call', call: { id: 'sweep', what: 'Have the flue swept', why: '', note: '', done: false } },
    ];
    for (const step of wanted) {
      expect(await change(scope, step)).toEqual({ ok: true });
      states.push(await loadEditable(scope));
    }
    for (let i = wanted.length; i > 0; i--) {
      expect(await undo(scope)).toBe(wanted[i - 1]?.do);
      expect(await loadEditable(scope)).toEqual(states[i - 1]);
    }
    expect(await undo(scope)).toBeUndefined();
    for (let i = 1; i <= wanted.length; i++) {
      expect(await redo(scope)).toBe(wanted[i - 1]?.do);
      expect(await loadEditable(scope)).toEqual(states[i]);
    }
    expect(await redo(scope)).toBeUndefined();
  });

  it('forgets what was taken back once something else is changed', async () => {
    const scope = await newHousehold(db);
    await change(scope, STEPS[0]!);
    await change(scope, { do: 'add-floor', id: 'first', name: 'First floor' });
    await undo(scope);
    expect(await loadEditWords(scope)).toEqual({ undo: 'add-floor', redo: 'add-floor' });
    await change(scope, { do: 'rename-floor', id: 'ground', name: 'Below' });
    expect(await loadEditWords(scope)).toEqual({ undo: 'rename-floor' });
  });

  it('leaves as a file and comes back from it with nothing lost, and the one it replaced can be brought back', async () => {
    const scope = await newHousehold(db);
    await insertHousehold(scope, {
      ...JUNIPER,
      plans: [{ version: 1, basis: 'x', madeAt: '2027-02-24T08:00', plan: FIRST_PLAN }],
    });
    await change(scope, { do: 'mark', marks: [{ on: 'kind', target: 'floors', dreaded: true }] });
    const file = await householdFile(scope);
    const other = await newHousehold(db);
    await change(other, STEPS[0]!);
    expect(await hasReplaced(other)).toBe(false);
    await replaceHousehold(other, file);
    expect(await householdFile(other)).toEqual(file);
    const before = JSON.parse((await loadReplaced(other))!);
    expect(before.home.floors).toEqual([{ id: 'ground', name: 'Ground floor', rooms: [] }]);
    expect(before.clean).toBeUndefined();
    await replaceHousehold(other, before);
    expect((await loadHousehold(other)).clean).toBeUndefined();
    expect(await hasReplaced(other)).toBe(true);
  });

  it('keeps everything apart whose ids differ in case, in an accent or in a blank', async () => {
    const scope = await newHousehold(db, JUNIPER.name);
    const [one] = JUNIPER.people;
    const people = ['ines', 'INES', 'ines ', 'Ínes', 'i'.repeat(200)].map((id) => ({ ...one!, id }));
    const twice = JUNIPER.home.floors.map((floor) => ({
      ...floor,
      id: floor.id.toUpperCase(),
      rooms: floor.rooms.map((room) => ({
        ...room,
        id: room.id.toUpperCase(),
        opensTo: [],
        stops: room.stops.map((stop) => ({
          ...stop,
          id: stop.id.toUpperCase(),
          fixtures: stop.fixtures.map((fixture) => ({ ...fixture, id: fixture.id.toUpperCase() })),
        })),
      })),
    }));
    const home = { ...JUNIPER.home, floors: [...JUNIPER.home.floors, ...twice] };
    await insertHousehold(scope, { ...JUNIPER, people, home });
    const back = await loadHousehold(scope);
    expect(back.people).toEqual(people);
    expect(back.home).toEqual(home);
  });

  it('gives a file that can be read again, however many plans and words it holds', async () => {
    const scope = await newHousehold(db, JUNIPER.name);
    await insertHousehold(scope, JUNIPER);
    for (let i = 0; i < 41; i++)
      await addPlan(scope, JUNIPER.clean.id, {
        id: `plan-${i}`,
        basis: '',
        madeAt: '2027-03-01T08:00',
        plan: FIRST_PLAN,
      });
    const text = JSON.stringify(await householdFile(scope));
    expect(text.length).toBeLessThan(2_000_000);
    const read = parseHouseholdFile(text);
    expect(read.ok && read.value.plans.map(({ version }) => version)).toEqual([1, 37, 38, 39, 40, 41]);
    const elsewhere = await newHousehold(db, JUNIPER.name);
    await insertHousehold(elsewhere, read.ok ? read.value : JUNIPER);
    expect(JSON.stringify(await householdFile(elsewhere))).toBe(text);
  });

  it('keeps every plan as a version, the first and the latest at hand', async () => {
    const scope = await newHousehold(db);
    await setOutOn(scope, `out-${turn++}`, () => JUNIPER.clean);
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
    await change(theirs, { do: 'add-floor', id: 'elsewhere', name: 'Elsewhere' });
    await change(mine, { do: 'rename-floor', id: 'ground', name: 'Mine' });
    await setOutOn(theirs, `out-${turn++}`, () => ({ ...JUNIPER.clean, name: 'Theirs' }));
  });

  // Each thing that one household can do, aimed at the ids of another.
  const attempts: [string, (scope: HouseholdScope) => Promise<unknown>][] = [
    ...(
      [
        { do: 'change-room', id: 'kitchen', facts: { name: 'Mine now' } },
        { do: 'drop-room', id: 'kitchen' },
        { do: 'copy-room', id: 'kitchen', as: 'copied', name: 'Copied' },
        { do: 'rename-floor', id: 'ground', name: 'Mine now' },
        { do: 'drop-floor', id: 'ground' },
        { do: 'drop-fixture', id: 'kitchen-1-door' },
        { do: 'put-fixture', stopId: 'kitchen-1', fixture: newFixture('intruder', 'door') },
        { do: 'move-fixture', id: 'kitchen-1-door', stopId: 'kitchen-2', height: 'low' },
        { do: 'add-stop', roomId: 'kitchen', id: 'intruder', name: 'Intruder' },
        { do: 'rename-stop', id: 'kitchen-1', name: 'Mine now' },
        { do: 'move-stop', id: 'kitchen-2', after: null },
        { do: 'drop-stop', id: 'kitchen-2' },
        { do: 'add-room', floorId: 'ground', room: { ...BEDROOM, id: 'intruder' } },
        { do: 'mark', marks: [{ on: 'room', target: 'kitchen', in: false }] },
        { do: 'switch-method', id: 'door-wash', off: true },
        { do: 'home-facts', facts: { ...JUNIPER.home.facts, pets: true } },
        { do: 'units', units: 'us' },
      ] satisfies HouseholdChange[]
    ).map((wanted): [string, (scope: HouseholdScope) => Promise<unknown>] => [
      `${wanted.do} by hand`,
      (scope) => change(scope, wanted),
    ]),
    ['take back a change', (scope) => undo(scope).then(() => undo(scope))],
    ['make a change again', (scope) => redo(scope)],
    ['put a file in the place', (scope) => replaceHousehold(scope, { ...JUNIPER, name: 'Theirs' })],
    [
      'change a person',
      (scope) => change(scope, { do: 'put-member', member: { ...JUNIPER.people[0]!, name: 'Nobody' } }),
    ],
    ['remove a person', (scope) => change(scope, { do: 'drop-member', id: 'ines' })],
    [
      'change the clean',
      (scope) => change(scope, { do: 'put-clean', clean: { ...JUNIPER.clean, name: 'Spoilt' } }),
    ],
    [
      'tick a step',
      (scope) =>
        insertTicks(scope, 'house-swap', [{ step: 'hall-1-door:door-wash/wash', at: '2027-03-01T18:00' }]),
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
    expect((await loadEditable(theirs)).home.floors.map((floor) => floor.name)).toEqual(['Elsewhere']);
    expect(await loadEditWords(theirs)).toEqual({ undo: 'add-floor' });
    expect(await loadPeople(theirs)).toEqual([]);
    expect((await loadClean(theirs))?.name).toBe('Theirs');
    expect(await loadTicks(theirs, 'house-swap')).toEqual([]);
  });
});
