'use server';
import { z } from 'zod';
import { idSchema, taskIdSchema } from '@/core/formats/scalars';
import { moveBefore } from '@/core/order/move';
import { edit } from '@/server/editing';
import { keptHousehold, USUAL_GROUPING } from '@/server/kept';
import { type ActionResult, refused } from '@/ui/forms/result';
import { costWords, heldWords } from '@/ui/order/move-words';
import { REFUSAL_WORDS } from '@/ui/walk/change-words';
import { act } from './act';

const moveSchema = z.strictObject({
  id: idSchema.max(64),
  task: taskIdSchema,
  before: taskIdSchema,
});

/** Moves a task in front of another by hand; answers with what that costs, or with the rules that forbid it. */
export async function moveTask(input: unknown): Promise<ActionResult<string>> {
  return act(moveSchema, input, async (scope, wanted) => {
    const { household, order, tasks } = await keptHousehold(scope);
    const [task, before] = [wanted.task, wanted.before].map((id) => tasks.find((known) => known.id === id));
    if (!task || !before) return refused(REFUSAL_WORDS.gone);
    const { home, rules, clean } = household;
    const move = moveBefore(
      order,
      { home, rules, grouping: clean?.grouping ?? USUAL_GROUPING },
      task,
      before,
    );
    if (!move.ok) return refused(heldWords(task.method.title, before.method.title, move.held));
    const words = `${task.method.title} moved forward`;
    const kept = await edit(scope, wanted.id, { do: 'put-rule', rule: move.rule }, () => words);
    return kept.ok ? { ok: true, value: costWords(move.breaks) } : refused(REFUSAL_WORDS[kept.why]);
  });
}
