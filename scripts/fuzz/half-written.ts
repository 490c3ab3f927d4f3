import type { Knex } from 'knex';

/** What a household holds, as one number for each table: the same before and after whatever was refused. */

/** Written in the background, or by being asked at all: answers that are given again, lasting names of events. */
const BESIDE = new Set([
  'commands',
  'calendar_events',
  'sessions',
  'plans',
  'searches',
  'access_log',
  'recovery_codes',
  'invitations',
  'replaced',
]);

export type Tables = ReadonlyMap<string, readonly string[]>;

/** The tables whose rows belong to households, with their columns. */
export async function householdTables(db: Knex): Promise<Tables> {
  const [rows] = await db.raw(
    'SELECT table_name AS t, column_name AS c FROM information_schema.columns WHERE table_schema = DATABASE()',
  );
  const columns = new Map<string, string[]>();
  for (const { t, c } of rows as { t: string; c: string }[]) columns.set(t, [...(columns.get(t) ?? []), c]);
  return new Map([...columns].filter(([table, own]) => own.includes('household_id') && !BESIDE.has(table)));
}

export async function checksumOf(db: Knex, tables: Tables, household: string): Promise<string> {
  const parts = [...tables].map(
    ([table, columns]) =>
      `SELECT '${table}' AS t, COUNT(*) AS n, COALESCE(SUM(CRC32(CONCAT_WS('#', ${columns.map((one) => `\`${one}\``).join(', ')}))), 0) AS s FROM \`${table}\` WHERE household_id = :household`,
  );
  const [rows] = await db.raw(parts.join(' UNION ALL '), { household });
  return (rows as { t: string; n: number; s: string }[]).map(({ t, n, s }) => `${t} ${n} ${s}`).join('\n');
}
