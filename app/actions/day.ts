'use server';
import { type CleanTask, partsOfStepId, stepIdOf } from '@/core/clean/tasks';
import type { Use } from '@/core/safety/use';
import { usedAt } from '@/core/safety/uses';
import { nowIn } from '@/server/clock';
import { keptHousehold } from '@/server/kept';
import { tick, untick } from '@/server/repositories/clean';
import { type ActionResult, accepted, refused } from '@/ui/forms/result';
import { tickFormSchema } from '@/ui/forms/schemas';
import { act } from './act';

const GONE = 'This step is no longer part of the clean. Nothing was ticked.';

/** Ticks a step off. Sent twice, it counts once, with the time of the first. */
export async function tickStep(input: unknown): Promise<ActionResult> {
  return act(tickFormSchema, input, async (scope, { step }) => {
    const { household, tasks } = await keptHousehold(scope);
    if (!household.clean || !stepsFrom(step, tasks).includes(step)) return refused(GONE);
    const used = usedIn(step, tasks);
    await tick(scope, household.clean.id, { step, at: nowIn(household.timezone), ...(used && { used }) });
    return accepted();
  });
}

/** Takes a tick back, and with it those of the steps that came after it in its task. */
export async function untickStep(input: unknown): Promise<ActionResult> {
  return act(tickFormSchema, input, async (scope, { step }) => {
    const { household, tasks } = await keptHousehold(scope);
    if (!household.clean) return refused(GONE);
    await untick(scope, household.clean.id, [step, ...stepsFrom(step, tasks)]);
    return accepted();
  });
}

/** What a step is done with: remembered, since the choice may be another tomorrow. */
function usedIn(step: string, tasks: readonly CleanTask[]): Use | undefined {
  const parts = partsOfStepId(step);
  const task = tasks.find((known) => known.id === parts?.taskId);
  return task && parts && usedAt(task, parts.key);
}

/** A step and those after it in its task; none where the clean no longer has it. */
function stepsFrom(step: string, tasks: readonly CleanTask[]): string[] {
  const task = tasks.find((known) => known.id === partsOfStepId(step)?.taskId);
  const ids = task?.estimate.steps.map((estimate) => stepIdOf(task, estimate)) ?? [];
  return ids.includes(step) ? ids.slice(ids.indexOf(step)) : [];
}
