import type { Knex } from 'knex';
import type { LastDone } from '../../core/clean/last-done';
import { type PastClean, pastCleanSchema } from '../../core/clean/past-clean';
import { type RecordLine, recordLineSchema } from '../../core/clean/record-line';
import type { HouseholdScope, Row } from '../db/scope';

/** Everything that was ever done in a household, and the cleans that are behind. */

type Valued = { readonly value: string };

export async function insertRecord(scope: HouseholdScope, lines: readonly RecordLine[]): Promise<void> {
  await scope.insert('record', lines.map(rowOf));
}

function rowOf(line: RecordLine): Row {
  return {
    id: line.id,
    at: line.at,
    clean_id: line.clean ?? null,
    step: line.step,
    fixture: line.fixture,
    method: line.method,
    counts: line.ends && line.cameOut !== 'dirty',
    value: JSON.stringify(line),
  };
}

/** Keeps a line; one with the same id is written anew. */
export async function putLine(scope: HouseholdScope, line: RecordLine): Promise<void> {
  await scope.put('record', rowOf(line), ['id']);
}

/** What keeps many, to be sent with other writes. */
export function puttingLines(scope: HouseholdScope, lines: readonly RecordLine[]): Knex.QueryBuilder[] {
  return scope.putting('record', lines.map(rowOf), ['id']);
}

/** What was ticked by mistake, or has to be done again, was not done. */
export async function dropLines(
  scope: HouseholdScope,
  clean: string | undefined,
  steps: readonly string[],
): Promise<void> {
  await scope
    .rows('record')
    .where({ clean_id: clean ?? null })
    .whereIn('step', steps)
    .del();
}

export async function dropLine(scope: HouseholdScope, id: string): Promise<void> {
  await scope.rows('record').where({ id }).del();
}

export async function loadLine(scope: HouseholdScope, id: string): Promise<RecordLine | undefined> {
  return linesFrom(await scope.rows('record').where({ id }).select('value'))[0];
}

/** The line of a step that is ticked in a clean. */
export async function lineOfStep(
  scope: HouseholdScope,
  clean: string,
  step: string,
): Promise<RecordLine | undefined> {
  return linesFrom(await scope.rows('record').where({ clean_id: clean, step }).select('value'))[0];
}

/** What was done from one time on, before another, the last so many of it: the oldest first. */
export async function loadRecord(
  scope: HouseholdScope,
  { from, before, last }: { readonly from?: string; readonly before?: string; readonly last?: number } = {},
): Promise<RecordLine[]> {
  const rows = scope.rows('record').orderBy('at', 'desc').orderBy('id', 'desc').select('value');
  if (from !== undefined) rows.where('at', '>=', from);
  if (before !== undefined) rows.where('at', '<', before);
  if (last !== undefined) rows.limit(last);
  return linesFrom(await rows).reverse();
}

export async function countRecord(scope: HouseholdScope): Promise<number> {
  const row: { lines: number } | undefined = await scope.rows('record').count({ lines: '*' }).first();
  return Number(row?.lines ?? 0);
}

export async function loadRecordOfClean(scope: HouseholdScope, clean: string): Promise<RecordLine[]> {
  return linesFrom(
    await scope.rows('record').where({ clean_id: clean }).orderBy('at').orderBy('id').select('value'),
  );
}

function linesFrom(rows: readonly Valued[]): RecordLine[] {
  return rows.map(({ value }) => recordLineSchema.parse(JSON.parse(value)));
}

/** When each job was done last, what was done in one clean aside. */
export async function loadLastDone(scope: HouseholdScope, butIn: string | undefined): Promise<LastDone[]> {
  const rows: { fixture: string; method: string; last: string }[] = await scope
    .rows('record')
    .where({ counts: true })
    .where((row) => (butIn === undefined ? row : row.whereNull('clean_id').orWhereNot({ clean_id: butIn })))
    .groupBy('fixture', 'method')
    .select('fixture', 'method')
    .max({ last: 'at' });
  return rows.map(({ fixture, method, last }) => ({ fixture, method, date: last.slice(0, 10) }));
}

export async function loadPastCleans(scope: HouseholdScope): Promise<PastClean[]> {
  const rows: Valued[] = await scope.rows('past_cleans').orderBy('start').orderBy('id').select('value');
  return rows.map(({ value }) => pastCleanSchema.parse(JSON.parse(value)));
}

export async function putPastCleans(scope: HouseholdScope, past: readonly PastClean[]): Promise<void> {
  await scope.putAll(
    'past_cleans',
    past.map((clean) => ({ id: clean.id, start: clean.start, value: JSON.stringify(clean) })),
    ['id'],
  );
}
