'use server';
import { z } from 'zod';
import { taskIdSchema } from '@/core/basics/scalars';
import { REFUSALS } from '@/core/household/refusals';
import { moveBefore } from '@/core/order/move';
import { type ActionResult, refused } from '@/present/forms/result';
import { costWords, heldWords } from '@/present/order/move-words';
import { changeBy } from '@/server/commands/change';
import { USUAL_GROUPING } from '@/server/household/kept';
import { act } from './act';

const moveSchema = z.strictObject({
  task: taskIdSchema,
  before: taskIdSchema,
});

/** Moves a task in front of another by hand; answers with what that costs, or with the rules that forbid it. */
export async function moveTask(sent: unknown): Promise<ActionResult<string>> {
  return act('moveTask', moveSchema, sent, async (scope, wanted, id) => {
    const { answer } = await changeBy<string, Why>(scope, id, ({ household, order, tasks }) => {
      const [task, before] = [wanted.task, wanted.before].map((one) =>
        tasks.find((known) => known.id === one),
      );
      if (!task || !before) return { ok: false, why: 'gone' };
      const { home, rules, clean } = household;
      const grouping = clean?.grouping ?? USUAL_GROUPING;
      const move = moveBefore(order, { home, rules, grouping }, task, before);
      if (!move.ok)
        return { ok: false, why: { held: heldWords(task.method.title, before.method.title, move.held) } };
      const words = `${task.method.title} moved forward`;
      return { ok: true, change: { do: 'put-rule', rule: move.rule }, words, value: costWords(move.breaks) };
    });
    if (answer.ok) return answer;
    return refused(typeof answer.why === 'string' ? REFUSALS[answer.why] : answer.why.held);
  });
}

/** Why a task can't be moved: the rules that hold it, in words. */
type Why = 'gone' | { readonly held: string };
