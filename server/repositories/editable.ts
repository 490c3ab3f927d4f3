import { markSchema } from '../../core/clean/mark-schema';
import type { Editable } from '../../core/household/editable';
import { catalogueOf } from '../db/method-rows';
import { EDIT_TABLES, type RowChange, rowsOf } from '../db/rows';
import type { HouseholdScope } from '../db/scope';
import { settingsOf } from '../db/settings';
import { loadClean } from './clean';
import { loadFloors } from './home';
import { loadMachines, loadPeople } from './people';

/** What is changed by hand. */

type Valued = { id: string; value: string };

export async function loadEditable(scope: HouseholdScope): Promise<Editable> {
  const [floors, settings, marks, methods, people, machines, clean] = await Promise.all([
    loadFloors(scope),
    scope.rows('settings').select('id', 'value') as Promise<Valued[]>,
    scope.rows('marks').orderBy('id').select('id', 'value') as Promise<Valued[]>,
    scope.rows('methods').orderBy('position').select('id', 'value') as Promise<Valued[]>,
    loadPeople(scope),
    loadMachines(scope),
    loadClean(scope),
  ]);
  const { home, ...held } = settingsOf(settings);
  return {
    ...held,
    home: { ...home, floors },
    marks: marks.map((row) => markSchema.parse(JSON.parse(row.value))),
    catalogue: catalogueOf(methods),
    people,
    machines,
    clean,
  };
}

/** Writes everything into a household that has none of it. */
export async function insertEditable(scope: HouseholdScope, value: Editable): Promise<void> {
  const tables = rowsOf(value);
  for (const table of EDIT_TABLES) await scope.putAll(table, [...tables[table].values()], ['id']);
}

/** Carries changes of rows out: what is new or different first, so that nothing is cut off that only moved. */
export async function writeRowChanges(scope: HouseholdScope, changes: readonly RowChange[]): Promise<void> {
  for (const table of EDIT_TABLES) {
    const rows = changes.flatMap((change) => (change.table === table && change.after ? [change.after] : []));
    await scope.putAll(table, rows, ['id']);
  }
  for (const table of EDIT_TABLES.toReversed()) {
    const gone = changes.flatMap((change) => (change.table === table && !change.after ? [change.id] : []));
    await scope.dropAll(table, gone);
  }
}
