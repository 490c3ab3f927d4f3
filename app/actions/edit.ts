'use server';
import { z } from 'zod';
import { edit, redo, undo } from '@/server/editing';
import { editSchema } from '@/ui/forms/change-schema';
import { type ActionResult, accepted, refused } from '@/ui/forms/result';
import { changeWords, REFUSAL_WORDS } from '@/ui/walk/change-words';
import { act } from './act';

/** Carries out one change by hand on the walk, in the scope or in the catalogue. */
export async function change(input: unknown): Promise<ActionResult> {
  return act(editSchema, input, async (scope, { id, change: wanted }) => {
    const result = await edit(scope, id, wanted, (before) => changeWords(wanted, before));
    return result.ok ? accepted() : refused(REFUSAL_WORDS[result.why]);
  });
}

/** Takes the last change back; answers with what it was. */
export async function undoLast(): Promise<ActionResult<string>> {
  return act(z.undefined(), undefined, async (scope) => {
    const words = await undo(scope);
    return words === undefined ? refused('There is nothing to take back.') : { ok: true, value: words };
  });
}

/** Does again what was taken back last; answers with what it was. */
export async function redoLast(): Promise<ActionResult<string>> {
  return act(z.undefined(), undefined, async (scope) => {
    const words = await redo(scope);
    return words === undefined ? refused('There is nothing to do again.') : { ok: true, value: words };
  });
}
