'use server';
import { z } from 'zod';
import { changeSchema, changeWords } from '@/core/household/change';
import { REFUSALS } from '@/core/household/refusals';
import { type ActionResult, accepted, refused } from '@/present/forms/result';
import { changeHousehold } from '@/server/commands/change';
import { redo, undo } from '@/server/commands/journal';
import { act } from './act';

/** Carries out one change by hand on the walk, in the scope or in the catalogue. */
export async function change(sent: unknown): Promise<ActionResult> {
  return act('change', changeSchema, sent, async (scope, wanted, id) => {
    const { answer } = await changeHousehold(scope, id, wanted, (before) => changeWords(wanted, before));
    return answer.ok ? accepted() : refused(REFUSALS[answer.why]);
  });
}

/** Takes the last change back; answers with what it was. */
export async function undoLast(sent: unknown): Promise<ActionResult<string>> {
  return act('undoLast', z.undefined(), sent, async (scope, _none, id) => {
    const { answer } = await undo(scope, id);
    return answer === null ? refused('There is nothing to take back.') : { ok: true, value: answer };
  });
}

/** Does again what was taken back last; answers with what it was. */
export async function redoLast(sent: unknown): Promise<ActionResult<string>> {
  return act('redoLast', z.undefined(), sent, async (scope, _none, id) => {
    const { answer } = await redo(scope, id);
    return answer === null ? refused('There is nothing to do again.') : { ok: true, value: answer };
  });
}
