import { describe, expect, it } from 'vitest';
import { call, dropOff, pile, rule, stock, windowSpray } from '../../demo/changes';
import { DOZEN_HOMES } from '../../demo/dozen-homes';
import { CATALOGUE } from '../catalogue/catalogue';
import type { Method } from '../catalogue/method';
import { UNCHANGED_RULES } from '../clean/rule';
import { UNSTEERED } from '../clean/steering';
import { newFixture } from '../furnish/fixture';
import { NO_FACTS } from '../home/no-facts';
import { fixturesOf, type Home, roomsOf } from '../home/room';
import { applyChange, changeSchema, changeWords, type HouseholdChange, restsOn } from './change';
import type { Editable } from './editable';

type Kind = Exclude<HouseholdChange['do'], 'several'>;
type OneOf<K extends Kind> = Extract<HouseholdChange, { do: K }>;
type Example<K extends Kind> = {
  /** One such change to a home. */
  readonly change: (before: Editable) => OneOf<K>;
  /** What may be another afterwards; all else stays the same object. */
  readonly part: keyof Editable;
  /** No plan rests on it. */
  readonly planless?: true;
  /** Never sent by a page as it is. */
  readonly inside?: true;
};

const roomOf = ({ home }: Editable) => roomsOf(home).at(-1)!;
const stopOf = (before: Editable) => roomOf(before).stops.find(({ shell }) => !shell)!;
const fixtureOf = (before: Editable) => fixturesOf(roomOf(before))[0]!;
const ownMethod: Method = { ...(CATALOGUE.method('furniture-wipe') as Method), id: 'own-desk' };
const noHome: Home = { floors: [], wayRound: 'clockwise', facts: NO_FACTS };

/** One of each kind: a kind without an example does not compile. */
const EXAMPLES: { readonly [K in Kind]: Example<K> } = {
  'add-floor': { change: () => ({ do: 'add-floor', id: 'roof', name: 'Roof' }), part: 'home' },
  'rename-floor': {
    change: ({ home }) => ({ do: 'rename-floor', id: home.floors[0]!.id, name: 'Below' }),
    part: 'home',
  },
  'drop-floor': { change: ({ home }) => ({ do: 'drop-floor', id: home.floors[0]!.id }), part: 'home' },
  'add-room': {
    change: ({ home }) => ({
      do: 'add-room',
      floorId: home.floors[0]!.id,
      room: { id: 'new', name: 'Guest room', kind: 'guest', lengthM: 3, widthM: 3, heightM: 2.4 },
    }),
    part: 'home',
  },
  'add-rooms': {
    change: ({ home }) => ({
      do: 'add-rooms',
      floor: { id: home.floors[0]!.id, name: 'Below' },
      rooms: [
        { id: 'listed', name: 'Den', kind: 'living', things: [{ kind: 'sill', count: 2 }] },
        { id: 'usual', name: 'Second bath', kind: 'bathroom', things: [] },
      ],
    }),
    part: 'home',
  },
  'change-room': {
    change: (before) => ({ do: 'change-room', id: roomOf(before).id, facts: { lengthM: 9 } }),
    part: 'home',
  },
  'drop-room': { change: (before) => ({ do: 'drop-room', id: roomOf(before).id }), part: 'home' },
  'copy-room': {
    change: (before) => ({ do: 'copy-room', id: roomOf(before).id, as: 'twin', name: 'Twin' }),
    part: 'home',
  },
  'add-stop': {
    change: (before) => ({ do: 'add-stop', roomId: roomOf(before).id, id: 'nook', name: 'Nook' }),
    part: 'home',
  },
  'rename-stop': {
    change: (before) => ({ do: 'rename-stop', id: stopOf(before).id, name: 'Nook' }),
    part: 'home',
  },
  'move-stop': {
    change: (before) => ({ do: 'move-stop', id: stopOf(before).id, after: roomOf(before).stops.at(-1)!.id }),
    part: 'home',
  },
  'drop-stop': { change: (before) => ({ do: 'drop-stop', id: stopOf(before).id }), part: 'home' },
  'put-fixture': {
    change: (before) => ({
      do: 'put-fixture',
      stopId: stopOf(before).id,
      fixture: newFixture('another', 'door'),
    }),
    part: 'home',
  },
  'move-fixture': {
    change: (before) => ({
      do: 'move-fixture',
      id: fixtureOf(before).id,
      stopId: stopOf(before).id,
      height: 'low',
    }),
    part: 'home',
  },
  'drop-fixture': { change: (before) => ({ do: 'drop-fixture', id: fixtureOf(before).id }), part: 'home' },
  'way-round': { change: () => ({ do: 'way-round', way: 'u' }), part: 'home' },
  'home-facts': {
    change: () => ({ do: 'home-facts', facts: { ...NO_FACTS, smokers: true } }),
    part: 'home',
  },
  'take-in': { change: () => ({ do: 'take-in', home: noHome }), part: 'home', inside: true },
  pin: {
    change: () => ({
      do: 'pin',
      pins: [{ step: 'a:b/c', people: ['mira'], start: '2027-03-01T10:00', end: '2027-03-01T10:05' }],
    }),
    part: 'steering',
  },
  'let-go': { change: () => ({ do: 'let-go', tasks: ['a:b'] }), part: 'steering' },
  later: { change: () => ({ do: 'later', later: [{ task: 'a:b', from: '2027-03-04' }] }), part: 'steering' },
  doer: { change: () => ({ do: 'doer', task: 'a:b', person: 'mira' }), part: 'steering' },
  'put-focus': {
    change: () => ({
      do: 'put-focus',
      focus: { id: 'sills', fixtures: ['sill'], days: { date: '2027-03-04' }, binds: 'work' },
    }),
    part: 'steering',
  },
  'drop-focus': { change: () => ({ do: 'drop-focus', focus: 'sills' }), part: 'steering' },
  'free-day': { change: () => ({ do: 'free-day', date: '2027-03-04', free: true }), part: 'steering' },
  mark: {
    change: (before) => ({ do: 'mark', marks: [{ on: 'room', target: roomOf(before).id, in: false }] }),
    part: 'marks',
  },
  'change-method': {
    change: () => ({ do: 'change-method', id: 'door-wash', change: { steps: { wash: { perHour: 6 } } } }),
    part: 'catalogue',
  },
  'switch-method': { change: () => ({ do: 'switch-method', id: 'door-wash', off: true }), part: 'catalogue' },
  'put-method': { change: () => ({ do: 'put-method', method: ownMethod }), part: 'catalogue' },
  'drop-method': { change: () => ({ do: 'drop-method', id: 'own-desk' }), part: 'catalogue' },
  'put-own-product': {
    change: () => ({ do: 'put-own-product', product: windowSpray }),
    part: 'catalogue',
  },
  'drop-own-product': {
    change: () => ({ do: 'drop-own-product', id: windowSpray.id }),
    part: 'catalogue',
  },
  forecast: { change: () => ({ do: 'forecast', seed: 7 }), part: 'forecastSeed' },
  'reset-method': { change: () => ({ do: 'reset-method', id: 'door-wash' }), part: 'catalogue' },
  'put-rule': {
    change: () => ({ do: 'put-rule', rule: { ...rule('own-a'), name: 'Door first' } }),
    part: 'rules',
  },
  'drop-rule': { change: () => ({ do: 'drop-rule', id: 'own-a' }), part: 'rules' },
  'switch-rule': { change: () => ({ do: 'switch-rule', id: 'floor-last', off: true }), part: 'rules' },
  'reserve-day': { change: () => ({ do: 'reserve-day', date: '2027-03-20', reserve: true }), part: 'clean' },
  'room-way': { change: () => ({ do: 'room-way', rooms: ['r'], way: 'sections' }), part: 'rules' },
  'room-order': { change: () => ({ do: 'room-order', rooms: ['r'] }), part: 'rules' },
  'put-member': {
    change: ({ people }) => ({ do: 'put-member', member: { ...people[0]!, pace: 'brisk' } }),
    part: 'people',
    inside: true,
  },
  'drop-member': {
    change: ({ people }) => ({ do: 'drop-member', id: people[0]!.id }),
    part: 'people',
    inside: true,
  },
  'put-machine': {
    change: () => ({ do: 'put-machine', machine: { id: 'second', kind: 'dryer' } }),
    part: 'machines',
  },
  'drop-machine': { change: () => ({ do: 'drop-machine', id: 'washer' }), part: 'machines' },
  'put-clean': {
    change: ({ clean }) => ({ do: 'put-clean', clean: { ...clean!, sessionCap: 90 } }),
    part: 'clean',
    inside: true,
  },
  weather: { change: () => ({ do: 'weather', date: '2027-03-04', dry: true }), part: 'weather' },
  units: { change: () => ({ do: 'units', units: 'us' }), part: 'units', planless: true },
  'put-stock': {
    change: () => ({ do: 'put-stock', stock: stock(100) }),
    part: 'supplies',
    planless: true,
  },
  'drop-stock': {
    change: () => ({ do: 'drop-stock', product: 'vinegar' }),
    part: 'supplies',
    planless: true,
  },
  'put-thing': {
    change: () => ({ do: 'put-thing', stock: { thing: 'gloves', count: 2 } }),
    part: 'supplies',
    planless: true,
  },
  'put-pile': {
    change: () => ({ do: 'put-pile', pile: { ...pile, name: 'The food bank' } }),
    part: 'leaving',
    planless: true,
  },
  'drop-pile': { change: () => ({ do: 'drop-pile', id: pile.id }), part: 'leaving', planless: true },
  'put-drop-off': {
    change: () => ({ do: 'put-drop-off', place: { ...dropOff, takes: [pile.id] } }),
    part: 'leaving',
    planless: true,
  },
  'drop-drop-off': {
    change: () => ({ do: 'drop-drop-off', id: dropOff.id }),
    part: 'leaving',
    planless: true,
  },
  'put-new-home': {
    change: (before) => {
      const spot = { fixture: fixtureOf(before).id };
      return { do: 'put-new-home', home: { id: 'bowls', what: 'Bowls', from: spot, to: spot, why: 'use' } };
    },
    part: 'leaving',
    planless: true,
  },
  'drop-new-home': {
    change: () => ({ do: 'drop-new-home', id: 'bowls' }),
    part: 'leaving',
    planless: true,
  },
  vessels: {
    change: () => ({ do: 'vessels', bucketMl: 8000, bottleMl: 750 }),
    part: 'supplies',
    planless: true,
  },
  'put-call': { change: () => ({ do: 'put-call', call: call('a') }), part: 'calls', planless: true },
  'drop-call': { change: () => ({ do: 'drop-call', id: 'a' }), part: 'calls', planless: true },
  'season-job': {
    change: () => ({ do: 'season-job', season: 'spring', method: 'oven-paste', on: true }),
    part: 'almanac',
    planless: true,
  },
  'put-trade': {
    change: () => ({
      do: 'put-trade',
      trade: { id: 'well', what: 'Well looked at', everyMonths: 60, last: '2026-05-02', off: false },
    }),
    part: 'almanac',
    planless: true,
  },
  'drop-trade': { change: () => ({ do: 'drop-trade', id: 'a' }), part: 'almanac', planless: true },
  'by-turns': {
    change: () => ({ do: 'by-turns', since: '2027-03-01' }),
    part: 'almanac',
    planless: true,
  },
  'switch-learnt': { change: () => ({ do: 'switch-learnt', on: false }), part: 'almanac' },
  unlearn: {
    change: () => ({ do: 'unlearn', of: 'kind', id: 'windows', never: true }),
    part: 'almanac',
  },
  'take-lessons': {
    change: () => ({
      do: 'take-lessons',
      factors: [{ of: 'kind', id: 'windows', factor: 1.4, ticks: 12 }],
      spread: 1.1,
    }),
    part: 'almanac',
    inside: true,
  },
  'close-clean': {
    change: () => ({ do: 'close-clean', closed: '2027-03-20' }),
    part: 'clean',
    planless: true,
  },
};

const KINDS = Object.keys(EXAMPLES) as Kind[];

function changed(before: Editable, change: HouseholdChange): Editable {
  const made = applyChange(before, change);
  if (!made.ok) throw new Error(`${change.do}: ${made.why}`);
  return made.value;
}

describe.each(KINDS)('a change of the kind %s', (kind) => {
  const { change, part, planless, inside } = EXAMPLES[kind] as Example<Kind>;

  it('leaves all other parts of a home as they were, and comes to the same when it comes twice', () => {
    for (const home of DOZEN_HOMES) {
      const said = change(home);
      const once = changed(home, said);
      for (const other of Object.keys(home) as (keyof Editable)[])
        if (other !== part) expect(once[other], `${home.name}, ${other}`).toBe(home[other]);
      // A second floor is dropped by another id: the first is gone.
      expect(changed(once, said), home.name).toEqual(once);
    }
  });

  it('is told in words of which none is an id', () => {
    for (const home of DOZEN_HOMES) {
      const words = changeWords(change(home), home);
      expect(words, home.name).toMatch(/^\S.*\S$/);
      expect(words, home.name).not.toMatch(/undefined|\[object|own-|:|\//);
    }
  });

  it('is read from what a page sends, and with nothing beside', () => {
    const said = change(DOZEN_HOMES[0]!);
    const sent = JSON.parse(JSON.stringify(said));
    expect(changeSchema.safeParse(sent).success).toBe(!inside);
    if (!inside) expect(changeSchema.parse(sent)).toEqual(said);
    expect(changeSchema.safeParse({ ...sent, sneaked: true }).success).toBe(false);
    expect(changeSchema.safeParse({ do: 'several', changes: [sent] }).success).toBe(!inside);
  });

  it(planless ? 'moves no plan' : 'asks for a plan', () => {
    expect(restsOn(change(DOZEN_HOMES[0]!))).toBe(!planless);
  });
});

describe('several changes', () => {
  const home: Editable = DOZEN_HOMES[0]!;

  it('are made together or not at all', () => {
    const gone: HouseholdChange = { do: 'rename-stop', id: 'nowhere', name: 'X' };
    const fine: HouseholdChange = { do: 'units', units: 'us' };
    expect(applyChange(home, { do: 'several', changes: [fine, gone] })).toEqual({ ok: false, why: 'gone' });
    expect(changed(home, { do: 'several', changes: [fine, { ...fine, units: 'metric' }] }).units).toBe(
      'metric',
    );
  });

  it('move the plan where one of them does', () => {
    const units: HouseholdChange = { do: 'units', units: 'us' };
    const later: HouseholdChange = { do: 'free-day', date: '2027-03-04', free: true };
    expect(restsOn({ do: 'several', changes: [units, units] })).toBe(false);
    expect(restsOn({ do: 'several', changes: [units, later] })).toBe(true);
  });

  it('come to twenty at most, and to one at least', () => {
    const many = (count: number) => ({
      do: 'several',
      changes: Array.from({ length: count }, () => ({ do: 'units', units: 'us' })),
    });
    expect([0, 1, 20, 21].map((count) => changeSchema.safeParse(many(count)).success)).toEqual([
      false,
      true,
      true,
      false,
    ]);
  });
});

describe('what is said twice of one thing', () => {
  const home: Editable = DOZEN_HOMES[0]!;
  const homeWith = (...changes: HouseholdChange[]) => changes.reduce(changed, home);

  it('holds as it was said last', () => {
    const made = homeWith(
      { do: 'put-thing', stock: { thing: 'gloves', count: 2 } },
      { do: 'put-thing', stock: { thing: 'gloves', count: 5 } },
      { do: 'put-call', call: call('a') },
      { do: 'put-call', call: { ...call('a'), done: true } },
      { do: 'doer', task: 'a:b', person: 'mira' },
      { do: 'doer', task: 'a:b', person: 'jon' },
      { do: 'weather', date: '2027-03-04', dry: true },
      { do: 'weather', date: '2027-03-04', dry: false },
    );
    expect(made.supplies.things).toEqual([{ thing: 'gloves', count: 5 }]);
    expect(made.calls).toEqual([{ ...call('a'), done: true }]);
    expect(made.steering.doers).toEqual([{ task: 'a:b', person: 'jon' }]);
    expect(made.weather).toEqual([{ date: '2027-03-04', dry: false }]);
  });

  it('is as it was before once it is taken away again', () => {
    expect(
      homeWith(
        { do: 'put-stock', stock: stock(10) },
        { do: 'drop-stock', product: 'vinegar' },
        { do: 'put-call', call: call('a') },
        { do: 'drop-call', id: 'a' },
        { do: 'put-machine', machine: { id: 'second', kind: 'dryer' } },
        { do: 'drop-machine', id: 'second' },
        {
          do: 'put-focus',
          focus: { id: 'tidy', days: { weekday: 2 }, kinds: ['belongings'], binds: 'time' },
        },
        { do: 'drop-focus', focus: 'tidy' },
        { do: 'free-day', date: '2027-03-04', free: true },
        { do: 'free-day', date: '2027-03-04', free: false },
        { do: 'weather', date: '2027-03-04', dry: true },
        { do: 'weather', date: '2027-03-04' },
        { do: 'switch-rule', id: 'floor-last', off: true },
        { do: 'switch-rule', id: 'floor-last', off: false },
        { do: 'put-rule', rule: rule('own-a') },
        { do: 'drop-rule', id: 'own-a' },
        { do: 'room-way', rooms: ['r', 's'], way: 'together' },
        { do: 'room-way', rooms: ['r', 's'], way: null },
        { do: 'room-order', rooms: ['s', 'r'] },
        { do: 'room-order', rooms: [] },
      ),
    ).toEqual({ ...home, steering: UNSTEERED, rules: UNCHANGED_RULES });
  });
});

describe('where work lies by hand', () => {
  const home: Editable = DOZEN_HOMES[0]!;
  const pin = (step: string, clock: string) => ({
    step,
    people: ['mira'],
    start: `2027-03-01T${clock}`,
    end: `2027-03-01T${clock.slice(0, 3)}59`,
  });
  const steered = (...changes: HouseholdChange[]) => changes.reduce(changed, home).steering;

  it('is where it was put last, and a later date holds no longer', () => {
    const made = steered(
      { do: 'later', later: [{ task: 'a:b', from: '2027-03-04' }] },
      { do: 'pin', pins: [pin('a:b/c', '10:00'), pin('a:b/c', '11:00'), pin('d:e/f', '12:00')] },
      { do: 'pin', pins: [pin('d:e/f', '13:00')] },
    );
    expect(made.pins).toEqual([pin('a:b/c', '11:00'), pin('d:e/f', '13:00')]);
    expect(made.later).toEqual([]);
  });

  it('is open again once it is put off or let go, and what else was placed stays', () => {
    const pins: HouseholdChange = { do: 'pin', pins: [pin('a:b/c', '10:00'), pin('d:e/f', '12:00')] };
    expect(steered(pins, { do: 'later', later: [{ task: 'a:b', from: '2027-03-04' }] })).toMatchObject({
      pins: [pin('d:e/f', '12:00')],
      later: [{ task: 'a:b', from: '2027-03-04' }],
    });
    expect(
      steered(
        pins,
        { do: 'doer', task: 'a:b', person: 'mira' },
        { do: 'later', later: [{ task: 'd:e', from: '2027-03-04' }] },
        { do: 'let-go', tasks: ['a:b', 'd:e'] },
      ),
    ).toEqual(UNSTEERED);
  });
});
