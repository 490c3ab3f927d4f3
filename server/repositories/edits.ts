import { z } from 'zod';
import { EDIT_TABLES, type RowChange, reversed } from '../db/rows';
import type { HouseholdScope } from '../db/scope';
import { writeRowChanges } from './editable';

/** The changes that a household made by hand, in order, each with the rows it touched: what undo and redo go along. */

/** How many can be taken back. */
const MOST_EDITS = 200;
/** Older ones go now and then. */
const PRUNE_EVERY = 20;

const rowSchema = z.record(z.string(), z.unknown());
const changesSchema = z.array(
  z.strictObject({
    table: z.enum(EDIT_TABLES),
    id: z.string(),
    before: rowSchema.optional(),
    after: rowSchema.optional(),
  }),
);

type EditRow = { id: string; position: number; words: string; changes: string; event_id: string | null };

/** An entry of the journal. */
export type Entry = {
  readonly id: string;
  readonly words: string;
  readonly changes: readonly RowChange[];
  /** What was said on a day that it follows from. */
  readonly event: string | undefined;
};

/** What would be taken back next, and what would be done again. */
export type EditWords = { readonly undo?: string; readonly redo?: string };

/** Writes changes of rows and remembers them; what was undone before can no longer be done again. */
export async function addEdit(
  scope: HouseholdScope,
  entry: Entry & {
    readonly position: number;
    /** Whether something that was taken back could still be done again. */
    readonly hasUndone: boolean;
  },
): Promise<void> {
  if (entry.hasUndone || entry.position % PRUNE_EVERY === 0)
    await scope
      .rows('edits')
      .where((gone) => gone.where({ undone: true }).orWhere('position', '<=', entry.position - MOST_EDITS))
      .del();
  await writeRowChanges(scope, entry.changes);
  await scope.insert('edits', [
    {
      id: entry.id,
      position: entry.position,
      words: entry.words.slice(0, 200),
      changes: JSON.stringify(entry.changes),
      undone: false,
      event_id: entry.event ?? null,
    },
  ]);
}

export async function loadEditWords(scope: HouseholdScope): Promise<EditWords> {
  const [undo, redo] = await Promise.all([nextUndo(scope), nextRedo(scope)]);
  return { ...(undo && { undo: undo.words }), ...(redo && { redo: redo.words }) };
}

/** What was changed last and can be taken back. */
export async function nextUndo(scope: HouseholdScope): Promise<Entry | undefined> {
  return entryOf(await scope.rows('edits').where({ undone: false }).orderBy('position', 'desc').first());
}

/** What was taken back last and can be done again. */
export async function nextRedo(scope: HouseholdScope): Promise<Entry | undefined> {
  return entryOf(await scope.rows('edits').where({ undone: true }).orderBy('position').first());
}

function entryOf(row: EditRow | undefined): Entry | undefined {
  return (
    row && {
      id: row.id,
      words: row.words,
      changes: changesSchema.parse(JSON.parse(row.changes)) as RowChange[],
      event: row.event_id ?? undefined,
    }
  );
}

/** Takes an entry back, or does it again; then it may follow from something else that was said. */
export async function replayEntry(scope: HouseholdScope, entry: Entry, back: boolean): Promise<void> {
  await writeRowChanges(scope, back ? reversed(entry.changes) : entry.changes);
  await scope
    .rows('edits')
    .where({ id: entry.id })
    .update({ undone: back, event_id: entry.event ?? null });
}
