import { z } from 'zod';
import { UNITS } from '../../core/basics/choices';
import { householdCatalogueSchema, methodChangeSchema } from '../../core/catalogue/household-catalogue';
import { methodSchema } from '../../core/catalogue/method';
import { callSchema } from '../../core/clean/call';
import { markSchema } from '../../core/clean/mark-schema';
import { householdRulesSchema, UNCHANGED_RULES } from '../../core/clean/rule';
import { steeringSchema, UNSTEERED } from '../../core/clean/steering';
import { NO_SUPPLIES, suppliesSchema } from '../../core/clean/supplies';
import { weatherSchema } from '../../core/clean/weather';
import { homeFactsSchema } from '../../core/home/facts';
import { WAYS_ROUND } from '../../core/home/room';
import type { Editable } from '../../core/household/editable';
import { householdSchema } from '../../core/household/household';
import { EDIT_TABLES, type RowChange, rowsOf } from '../db/rows';
import type { HouseholdScope } from '../db/scope';
import { loadClean } from './clean';
import { loadFloors } from './home';
import { loadMachines, loadPeople } from './people';

/** What is changed by hand. */

const settingSchemas = {
  facts: homeFactsSchema,
  way: z.enum(WAYS_ROUND).default('clockwise'),
  units: z.enum(UNITS).default('metric'),
  rules: householdRulesSchema.default(UNCHANGED_RULES),
  supplies: suppliesSchema.default(NO_SUPPLIES),
  calls: z.array(callSchema).default([]),
  steering: steeringSchema.default(UNSTEERED),
  weather: z.array(weatherSchema).default([]),
  forecastSeed: householdSchema.shape.forecastSeed,
};

const methodRowSchema = z.strictObject({
  changed: methodChangeSchema.optional(),
  off: z.boolean().optional(),
  own: methodSchema.optional(),
});

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
  const stored = new Map(settings.map((row) => [row.id, JSON.parse(row.value)]));
  const forecastSeed = settingSchemas.forecastSeed.parse(stored.get('forecast-seed'));
  return {
    home: {
      floors,
      wayRound: settingSchemas.way.parse(stored.get('way')),
      facts: settingSchemas.facts.parse(stored.get('facts') ?? {}),
    },
    units: settingSchemas.units.parse(stored.get('units')),
    rules: settingSchemas.rules.parse(stored.get('rules')),
    supplies: settingSchemas.supplies.parse(stored.get('supplies')),
    calls: settingSchemas.calls.parse(stored.get('calls')),
    steering: settingSchemas.steering.parse(stored.get('steering')),
    marks: marks.map((row) => markSchema.parse(JSON.parse(row.value))),
    catalogue: catalogueOfRows(methods),
    weather: settingSchemas.weather.parse(stored.get('weather')),
    ...(forecastSeed !== undefined && { forecastSeed }),
    people,
    machines,
    clean,
  };
}

function catalogueOfRows(rows: readonly Valued[]): Editable['catalogue'] {
  const read = rows.map((row) => ({ id: row.id, ...methodRowSchema.parse(JSON.parse(row.value)) }));
  return householdCatalogueSchema.parse({
    changed: Object.fromEntries(read.flatMap(({ id, changed }) => (changed ? [[id, changed]] : []))),
    off: read.flatMap(({ id, off }) => (off ? [id] : [])),
    own: read.flatMap(({ own }) => own ?? []),
  });
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
