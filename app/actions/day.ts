'use server';
import { CATALOGUE } from '@/core/catalogue/catalogue';
import { expand } from '@/core/clean/expand';
import { nowIn } from '@/server/clock';
import { tick, untick } from '@/server/repositories/clean';
import { loadHousehold } from '@/server/repositories/household';
import { type ActionResult, accepted, refused } from '@/ui/forms/result';
import { tickFormSchema } from '@/ui/forms/schemas';
import { act } from './act';

const GONE = 'This step is no longer part of the clean. Nothing was ticked.';

/** Ticks a step off. Sent twice, it counts once, with the time of the first. */
export async function tickStep(input: unknown): Promise<ActionResult> {
  return act(tickFormSchema, input, async (scope, { step }) => {
    const { clean, ...household } = await loadHousehold(scope);
    if (!clean) return refused(GONE);
    const problem = expand({ ...household, clean }, CATALOGUE);
    if (!problem.tasks.some((task) => task.steps.some((known) => known.id === step))) return refused(GONE);
    await tick(scope, clean.id, { step, at: nowIn(household.timezone) });
    return accepted();
  });
}

/** Takes a tick back, and with it those of the steps that came after it in its task. */
export async function untickStep(input: unknown): Promise<ActionResult> {
  return act(tickFormSchema, input, async (scope, { step }) => {
    const { clean, ...household } = await loadHousehold(scope);
    if (!clean) return refused(GONE);
    const task = expand({ ...household, clean }, CATALOGUE).tasks.find((known) =>
      known.steps.some((item) => item.id === step),
    );
    const from = task?.steps.findIndex((item) => item.id === step) ?? -1;
    await untick(scope, clean.id, task ? task.steps.slice(from).map((item) => item.id) : [step]);
    return accepted();
  });
}
