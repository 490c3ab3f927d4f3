import { fc, test } from '@fast-check/vitest';
import { describe, expect, it } from 'vitest';
import { newFixture } from '../../core/furnish/fixture';
import { fixturesOf, roomsOf } from '../../core/home/room';
import { applyChange, type HouseholdChange } from '../../core/household/change';
import type { Editable } from '../../core/household/editable';
import { BEFORE, call, once, rule, stock } from '../../demo/changes';
import { type RowChange, reversed, rowChanges, rowsOf } from './rows';

describe('rows of a change', () => {
  type Tables = Record<string, Map<string, unknown>>;

  function written(state: Editable): Tables {
    return Object.fromEntries(Object.entries(rowsOf(state)).map(([table, rows]) => [table, new Map(rows)]));
  }

  /** What a database does with them. */
  function write(tables: Tables, changes: readonly RowChange[]): void {
    for (const { table, id, after: row } of changes) {
      if (row) tables[table]?.set(id, row);
      else tables[table]?.delete(id);
    }
  }

  const comparable = (tables: Tables) =>
    Object.fromEntries(
      Object.entries(tables).map(([table, rows]) => [
        table,
        [...rows].sort(([a], [b]) => a.localeCompare(b)),
      ]),
    );

  const rooms = roomsOf(BEFORE.home);
  const stops = rooms.flatMap((one) => one.stops);
  const fixtures = rooms.flatMap(fixturesOf);
  const pick = <T>(list: readonly T[]) => fc.constantFrom(...list);
  const anyChange: fc.Arbitrary<HouseholdChange> = fc.oneof(
    fc.record({ do: fc.constant('drop-room' as const), id: pick(rooms).map((one) => one.id) }),
    fc.record({ do: fc.constant('drop-floor' as const), id: pick(BEFORE.home.floors).map((one) => one.id) }),
    fc.record({ do: fc.constant('drop-stop' as const), id: pick(stops).map((one) => one.id) }),
    fc.record({
      do: fc.constant('copy-room' as const),
      id: pick(rooms).map((one) => one.id),
      as: fc.uuid(),
      name: fc.constant('Copy'),
    }),
    fc.record({
      do: fc.constant('add-stop' as const),
      roomId: pick(rooms).map((one) => one.id),
      id: fc.uuid(),
      name: fc.constant('Chair'),
    }),
    fc.record({
      do: fc.constant('move-stop' as const),
      id: pick(stops).map((one) => one.id),
      after: pick(stops).map((one) => one.id),
    }),
    fc.record({
      do: fc.constant('move-fixture' as const),
      id: pick(fixtures).map((one) => one.id),
      stopId: pick(stops).map((one) => one.id),
      height: pick(['ceiling', 'low'] as const),
    }),
    fc.record({ do: fc.constant('drop-fixture' as const), id: pick(fixtures).map((one) => one.id) }),
    fc.record({
      do: fc.constant('switch-rule' as const),
      id: pick(['floor-last', 'vacuum-before-mop']),
      off: fc.boolean(),
    }),
    fc.record({ do: fc.constant('put-rule' as const), rule: pick([rule('own-a'), rule('own-b')]) }),
    fc.record({ do: fc.constant('drop-rule' as const), id: pick(['own-a', 'own-b']) }),
    fc.record({ do: fc.constant('put-stock' as const), stock: pick([stock(100), stock(0)]) }),
    fc.record({ do: fc.constant('drop-stock' as const), product: pick(['vinegar', 'dish-soap'] as const) }),
    fc.record({
      do: fc.constant('put-thing' as const),
      stock: pick([{ thing: 'gloves' as const, count: 3 }]),
    }),
    fc.record({ do: fc.constant('put-call' as const), call: pick([call('a'), call('b')]) }),
    fc.record({ do: fc.constant('drop-call' as const), id: pick(['a', 'b']) }),
    fc.record({ do: fc.constant('way-round' as const), way: pick(['u', 'clockwise'] as const) }),
    fc.record({
      do: fc.constant('switch-method' as const),
      id: pick(['door-wash', 'walls-spot']),
      off: fc.boolean(),
    }),
    fc.record({
      do: fc.constant('mark' as const),
      marks: fc.array(
        fc.record({
          on: fc.constant('room' as const),
          target: pick(rooms).map((one) => one.id),
          in: fc.boolean(),
        }),
        { maxLength: 3 },
      ),
    }),
  );

  test.prop([fc.array(anyChange, { minLength: 1, maxLength: 12 })], { numRuns: 150, seed: 20270301 })(
    'lead from the state before to the state after, and back again one by one',
    (wanted) => {
      const tables = written(BEFORE);
      const done: RowChange[][] = [];
      const states = [BEFORE];
      for (const change of wanted) {
        const state = states.at(-1) as Editable;
        const made = applyChange(state, change);
        if (!made.ok) continue;
        const rows = rowChanges(state, made.value);
        write(tables, rows);
        done.push(rows);
        states.push(made.value);
        expect(comparable(tables)).toEqual(comparable(written(made.value)));
      }
      while (done.length > 0) {
        write(tables, reversed(done.pop() as RowChange[]));
        states.pop();
        expect(comparable(tables)).toEqual(comparable(written(states.at(-1) as Editable)));
      }
    },
  );

  it('are few where little changed', () => {
    const made = once({
      do: 'put-fixture',
      stopId: 'toilet-1',
      fixture: { ...newFixture('toilet-1-door', 'door'), count: 2 },
    });
    expect(rowChanges(BEFORE, made).map(({ table, id }) => `${table} ${id}`)).toEqual([
      'fixtures toilet-1-door',
    ]);
    expect(rowChanges(BEFORE, BEFORE)).toEqual([]);
  });
});
