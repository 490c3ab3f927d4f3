import { z } from 'zod';
import { EDIT_TABLES, type RowChange, reversed } from '../../core/household/rows';
import type { HouseholdScope } from '../db/scope';
import { writeRowChanges } from './editable';

/** The changes that a household made by hand, in order, each with the rows it touched: what undo and redo go along. */

/** How many can be taken back. */
const MOST_EDITS = 200;

const rowSchema = z.record(z.string(), z.unknown());
const changesSchema = z.array(
  z.strictObject({
    table: z.enum(EDIT_TABLES),
    id: z.string(),
    before: rowSchema.optional(),
    after: rowSchema.optional(),
  }),
);

type EditRow = { id: string; position: number; words: string; changes: string };

/** What would be taken back next, and what would be done again. */
export type EditWords = { readonly undo?: string; readonly redo?: string };

export async function isEdited(scope: HouseholdScope, id: string): Promise<boolean> {
  return (await scope.rows('edits').where({ id }).first('id')) !== undefined;
}

/** Writes changes of rows and remembers them; what was undone before can no longer be done again. */
export async function addEdit(
  scope: HouseholdScope,
  edit: { readonly id: string; readonly words: string; readonly changes: readonly RowChange[] },
): Promise<void> {
  await scope.rows('edits').where({ undone: true }).del();
  await writeRowChanges(scope, edit.changes);
  const last: { last: number | null } = await scope.rows('edits').max({ last: 'position' }).first();
  const position = (last.last ?? 0) + 1;
  await scope.insert('edits', [
    {
      id: edit.id,
      position,
      words: edit.words.slice(0, 200),
      changes: JSON.stringify(edit.changes),
      undone: false,
    },
  ]);
  await scope
    .rows('edits')
    .where('position', '<=', position - MOST_EDITS)
    .del();
}

/** Takes the last change back; its words, or undefined where there is none. */
export async function undoEdit(scope: HouseholdScope): Promise<string | undefined> {
  const edit = await nextUndo(scope);
  if (edit) await replay(scope, edit, true);
  return edit?.words;
}

/** Whether this is the change that would be taken back next. */
export async function isLastEdit(scope: HouseholdScope, id: string): Promise<boolean> {
  return (await nextUndo(scope))?.id === id;
}

/** Does the change again that was undone last. */
export async function redoEdit(scope: HouseholdScope): Promise<string | undefined> {
  const edit = await nextRedo(scope);
  if (edit) await replay(scope, edit, false);
  return edit?.words;
}

export async function loadEditWords(scope: HouseholdScope): Promise<EditWords> {
  const [undo, redo] = await Promise.all([nextUndo(scope), nextRedo(scope)]);
  return { ...(undo && { undo: undo.words }), ...(redo && { redo: redo.words }) };
}

function nextUndo(scope: HouseholdScope): Promise<EditRow | undefined> {
  return scope
    .rows('edits')
    .where({ undone: false })
    .orderBy('position', 'desc')
    .first() as unknown as Promise<EditRow | undefined>;
}

function nextRedo(scope: HouseholdScope): Promise<EditRow | undefined> {
  return scope.rows('edits').where({ undone: true }).orderBy('position').first() as unknown as Promise<
    EditRow | undefined
  >;
}

async function replay(scope: HouseholdScope, edit: EditRow, back: boolean): Promise<void> {
  const changes = changesSchema.parse(JSON.parse(edit.changes)) as RowChange[];
  await writeRowChanges(scope, back ? reversed(changes) : changes);
  await scope.rows('edits').where({ id: edit.id }).update({ undone: back });
}
