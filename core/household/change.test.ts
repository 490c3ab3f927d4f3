import { describe, expect, it } from 'vitest';
import { BEFORE, call, once, rule, stock } from '../../demo/changes';
import { CATALOGUE } from '../catalogue/catalogue';
import { UNCHANGED_CATALOGUE } from '../catalogue/household-catalogue';
import type { Method } from '../catalogue/method';
import { type OrderRule, UNCHANGED_RULES } from '../clean/rule';
import { newFixture } from '../furnish/fixture';
import { usualStops } from '../furnish/templates';
import { type Fixture, fixturesOf, type Room, roomsOf } from '../home/room';
import { applyChange } from './change';
import type { Editable } from './editable';

const room = (state: Editable, id: string): Room => roomsOf(state.home).find((found) => found.id === id)!;
const stopNames = (state: Editable, id: string) => room(state, id).stops.map((stop) => stop.name);
const kindsIn = (state: Editable, id: string) => fixturesOf(room(state, id)).map((fixture) => fixture.kind);

describe('a change by hand', () => {
  it('keeps rules of one’s own apart from those that ship, and supplies and calls one of each', () => {
    const made = once(
      { do: 'put-rule', rule: rule('own-a') },
      { do: 'put-rule', rule: { ...rule('own-a'), hard: true } },
      { do: 'switch-rule', id: 'floor-last', off: true },
      { do: 'put-stock', stock: stock(100) },
      { do: 'put-stock', stock: stock(40) },
      { do: 'put-call', call: call('a') },
    );
    expect(made.rules).toEqual({
      ...UNCHANGED_RULES,
      off: ['floor-last'],
      own: [{ ...rule('own-a'), hard: true }],
    });
    const many = Array.from({ length: 9 }, (_, i) => `room-${i}`);
    expect(applyChange(BEFORE, { do: 'room-way', rooms: many, way: 'together' })).toEqual({
      ok: false,
      why: 'many-together',
    });
    expect(made.supplies.stock.filter((one) => one.product === 'vinegar')).toEqual([stock(40)]);
    expect(made.calls).toEqual([call('a')]);
    expect(applyChange(BEFORE, { do: 'put-rule', rule: rule('floor-last') })).toEqual({
      ok: false,
      why: 'own-name',
    });
    const move = (before: string, after: string): OrderRule => ({
      ...rule(`own-${before}`),
      before: { tasks: [before] },
      after: { tasks: [after] },
    });
    const turned = once({ do: 'put-rule', rule: move('x', 'y') }, { do: 'put-rule', rule: move('y', 'x') });
    expect(turned.rules.own.map((one) => one.id)).toEqual(['own-y']);
  });

  it('refuses a method whose products must never be mixed', () => {
    const { products: _none, ...door } = CATALOGUE.method('door-wash') as Method;
    const mix: Method = {
      ...door,
      id: 'own-mix',
      products: {
        shop: [
          { product: 'vinegar', amount: 10, unit: 'ml' },
          { product: 'chlorine-bleach', amount: 10, unit: 'ml' },
        ],
      },
    };
    expect(applyChange(BEFORE, { do: 'put-method', method: mix })).toEqual({
      ok: false,
      why: 'forbidden-mix',
    });
  });

  it('adds a floor and a room that is filled with what is usual', () => {
    const made = once(
      { do: 'add-floor', id: 'roof', name: 'Roof' },
      {
        do: 'add-room',
        floorId: 'roof',
        room: { id: 'new', name: 'Guest room', kind: 'guest', lengthM: 3, widthM: 3, heightM: 2.4 },
      },
    );
    expect(made.home.floors.at(-1)).toMatchObject({
      name: 'Roof',
      rooms: [{ id: 'new', ventilation: 'window' }],
    });
    expect(room(made, 'new').stops).toEqual(usualStops({ id: 'new', kind: 'guest' }));
  });

  it('moves a stop along the strip and a thing to another stop and height, and leaves the rest as it was', () => {
    expect(stopNames(BEFORE, 'toilet')).toEqual(['The room itself', 'Door', 'Toilet', 'Basin', 'Vent']);
    const moved = once({ do: 'move-stop', id: 'toilet-4', after: 'toilet-1' });
    expect(stopNames(moved, 'toilet')).toEqual(['The room itself', 'Door', 'Vent', 'Toilet', 'Basin']);
    const first = once({ do: 'move-stop', id: 'toilet-4', after: null });
    expect(stopNames(first, 'toilet')).toEqual(['The room itself', 'Vent', 'Door', 'Toilet', 'Basin']);
    const mirror = once({ do: 'move-fixture', id: 'toilet-3-mirror', stopId: 'toilet-1', height: 'middle' });
    expect(room(mirror, 'toilet').stops[1]?.fixtures.at(-1)).toMatchObject({
      kind: 'mirror',
      height: 'middle',
    });
    expect(kindsIn(mirror, 'toilet').filter((kind) => kind === 'mirror')).toHaveLength(1);
    expect(room(mirror, 'kitchen')).toBe(room(BEFORE, 'kitchen'));
  });

  it('keeps the room itself on the strip', () => {
    expect(applyChange(BEFORE, { do: 'drop-stop', id: 'toilet-0' })).toEqual({ ok: false, why: 'shell' });
    expect(once({ do: 'move-stop', id: 'toilet-0', after: 'toilet-4' })).toEqual(BEFORE);
  });

  it('copies a room with new ids, without what is to mend', () => {
    const broken: Fixture = { ...newFixture('toilet-1-door', 'door'), mend: 'Sticks', soil: 'heavy' };
    const made = once(
      { do: 'put-fixture', stopId: 'toilet-1', fixture: broken },
      { do: 'copy-room', id: 'toilet', as: 'upstairs', name: 'Toilet upstairs' },
    );
    const [original, copy] = [room(made, 'toilet'), room(made, 'upstairs')];
    expect(copy.stops.map((stop) => stop.name)).toEqual(original.stops.map((stop) => stop.name));
    const door = fixturesOf(copy).find(({ kind }) => kind === 'door')!;
    expect(door).toEqual({ ...newFixture(door.id, 'door'), soil: 'heavy' });
    const ids = roomsOf(made.home).flatMap((one) =>
      [...one.stops, ...fixturesOf(one)].map((thing) => thing.id),
    );
    expect(new Set(ids).size).toBe(ids.length);
  });

  it('says the floor and the walls of what they are made', () => {
    const made = once({
      do: 'change-room',
      id: 'toilet',
      facts: { floor: 'carpet', walls: 'tile', ventilation: 'none', lengthM: 2 },
    });
    expect(room(made, 'toilet')).toMatchObject({ ventilation: 'none', lengthM: 2, name: 'Toilet' });
    expect(fixturesOf(room(made, 'toilet')).find((fixture) => fixture.kind === 'carpet')?.surface).toBe(
      'carpet',
    );
    expect(fixturesOf(room(made, 'toilet')).find((fixture) => fixture.kind === 'walls')?.surface).toBe(
      'tile',
    );
    const back = applyChange(made, { do: 'change-room', id: 'toilet', facts: { floor: 'stone' } });
    expect(back.ok && kindsIn(back.value, 'toilet')).toContain('hard-floor');
  });

  it('takes a room out of every floor run that led into it', () => {
    const made = once(
      { do: 'change-room', id: 'hall', facts: { opensTo: ['sitting'] } },
      { do: 'drop-room', id: 'sitting' },
    );
    expect(room(made, 'hall').opensTo).toEqual([]);
  });

  it('is refused where there is nothing to change, or nothing that the catalogue knows', () => {
    const gone = { ok: false, why: 'gone' };
    expect(applyChange(BEFORE, { do: 'rename-stop', id: 'nowhere', name: 'X' })).toEqual(gone);
    expect(applyChange(BEFORE, { do: 'copy-room', id: 'nowhere', as: 'x', name: 'X' })).toEqual(gone);
    expect(
      applyChange(BEFORE, { do: 'put-fixture', stopId: 'nowhere', fixture: newFixture('f', 'door') }),
    ).toEqual(gone);
    const dragon = { ...newFixture('f', 'door'), kind: 'dragon' };
    expect(applyChange(BEFORE, { do: 'put-fixture', stopId: 'toilet-1', fixture: dragon })).toEqual({
      ok: false,
      why: 'unknown-kind',
    });
  });

  it('lets the catalogue be changed, and set back to the default', () => {
    const own = { ...(CATALOGUE.method('furniture-wipe') as Method), id: 'own-desk' };
    const made = once(
      { do: 'change-method', id: 'door-wash', change: { steps: { wash: { perHour: 6 } } } },
      { do: 'switch-method', id: 'walls-spot', off: true },
      { do: 'switch-method', id: 'walls-spot', off: true },
      { do: 'put-method', method: own },
    );
    expect(made.catalogue).toEqual({
      changed: { 'door-wash': { steps: { wash: { perHour: 6 } } } },
      off: ['walls-spot'],
      own: [own],
      products: [],
    });
    const back = ['door-wash', 'walls-spot'].reduce((state, id) => {
      const reset = applyChange(state, { do: 'reset-method', id });
      return reset.ok ? reset.value : state;
    }, made);
    expect(back.catalogue).toEqual({ ...UNCHANGED_CATALOGUE, own: [own] });
    expect(once({ do: 'put-method', method: own }, { do: 'drop-method', id: 'own-desk' }).catalogue).toEqual(
      BEFORE.catalogue,
    );
    const stray = { ...own, id: 'door-wash' };
    expect(applyChange(BEFORE, { do: 'put-method', method: stray })).toEqual({
      ok: false,
      why: 'unknown-kind',
    });
  });

  it('replaces what was said of the same thing, and forgets what says nothing', () => {
    const made = once(
      { do: 'mark', marks: [{ on: 'room', target: 'loft', in: false, reason: 'not-worth-it' }] },
      {
        do: 'mark',
        marks: [
          { on: 'room', target: 'loft', in: true },
          { on: 'kind', target: 'floors', dreaded: true },
        ],
      },
    );
    expect(made.marks).toEqual([
      { on: 'room', target: 'loft', in: true },
      { on: 'kind', target: 'floors', dreaded: true },
    ]);
    const less = applyChange(made, { do: 'mark', marks: [{ on: 'room', target: 'loft' }] });
    expect(less.ok && less.value.marks).toEqual([{ on: 'kind', target: 'floors', dreaded: true }]);
  });
});
