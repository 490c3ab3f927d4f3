import type { Clean } from '../core/formats/household';
import { applyChange, type Editable, type HouseholdChange } from '../core/household/change';
import type { Refusal } from '../core/household/home-change';
import { rowChanges } from '../core/household/rows';
import type { HouseholdScope } from './db/scope';
import { loadEditable, writeRowChanges } from './repositories/editable';
import { addEdit, isEdited, redoEdit, undoEdit } from './repositories/edits';

/**
 * Carries out a change that a person made by hand, and remembers it so that it can be undone. Sent twice with the same
 * id, it is carried out once. The change may depend on the state before; `words` say what it was.
 */
export async function edit(
  scope: HouseholdScope,
  id: string,
  change: HouseholdChange | ((before: Editable) => HouseholdChange),
  words: (before: Editable) => string,
): Promise<{ readonly ok: true } | { readonly ok: false; readonly why: Refusal }> {
  return scope.transaction(async (inside) => {
    await inside.lock();
    if (await isEdited(inside, id)) return { ok: true };
    const before = await loadEditable(inside);
    const after = applyChange(before, typeof change === 'function' ? change(before) : change);
    if (!after.ok) return after;
    const changes = rowChanges(before, after.value);
    if (changes.length > 0) await addEdit(inside, { id, words: words(before), changes });
    return { ok: true };
  });
}

/**
 * Sets a household out on a clean, which can't be taken back: plans and ticks hang on it. False where it is about one
 * already.
 */
export function setOut(scope: HouseholdScope, clean: Clean): Promise<boolean> {
  return scope.transaction(async (inside) => {
    await inside.lock();
    const before = await loadEditable(inside);
    if (before.clean) return false;
    await writeRowChanges(inside, rowChanges(before, { ...before, clean }));
    return true;
  });
}

/** Takes the last change by hand back; says which it was. */
export function undo(scope: HouseholdScope): Promise<string | undefined> {
  return scope.transaction(async (inside) => {
    await inside.lock();
    return undoEdit(inside);
  });
}

/** Does again what was undone last; says which it was. */
export function redo(scope: HouseholdScope): Promise<string | undefined> {
  return scope.transaction(async (inside) => {
    await inside.lock();
    return redoEdit(inside);
  });
}
