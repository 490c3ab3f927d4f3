'use server';
import { z } from 'zod';
import { expandWork } from '@/core/clean/expand';
import { clockSchema, dateSchema, idSchema, taskIdSchema } from '@/core/formats/scalars';
import { whyThen } from '@/core/spread/why-then';
import { placeByHand } from '@/core/steering/by-hand';
import { moveSession } from '@/core/steering/session-by-hand';
import { nowIn } from '@/server/clock';
import type { HouseholdScope } from '@/server/db/scope';
import { edit, redo, undo } from '@/server/editing';
import { keptHousehold } from '@/server/kept';
import { type Replanned, replanWork, restorePlan } from '@/server/planning';
import { editSchema } from '@/ui/forms/change-schema';
import { type ActionResult, refused } from '@/ui/forms/result';
import { MOVE_REFUSALS, SESSION_STAYS, type Steered, withStayed } from '@/ui/spread/steer-words';
import { whyThenWords } from '@/ui/spread/why-words';
import { changeWords, REFUSAL_WORDS } from '@/ui/walk/change-words';
import { act, ask } from './act';
import { steeredWords } from './steered-words';

const moveSchema = z.strictObject({
  id: idSchema.max(64),
  task: taskIdSchema,
  date: dateSchema,
  time: clockSchema.optional(),
  person: idSchema.optional(),
});

/** Puts a task on another date, at another time or with another person; the rest of the plan makes room. */
export async function moveWork(input: unknown): Promise<ActionResult<Steered>> {
  return act(moveSchema, input, async (scope, { id, ...wish }) => {
    const { household, order, tasks, plans } = await keptHousehold(scope);
    const { clean } = household;
    const task = tasks.find((known) => known.id === wish.task);
    if (!clean || !plans || !task) return refused(REFUSAL_WORDS.gone);
    const problem = expandWork({ ...household, clean }, order, nowIn(household.timezone));
    const placed = placeByHand(problem, plans.latest.plan, wish);
    if (!placed.ok) return refused(MOVE_REFUSALS[placed.why](task.method.title));
    return steer(scope, id, { do: 'pin', pins: placed.pins }, `${task.method.title} placed by hand`);
  });
}

const sessionSchema = z.strictObject({
  id: idSchema.max(64),
  person: idSchema,
  date: dateSchema,
  to: dateSchema,
  by: idSchema.optional(),
});

/** Puts all that one person does on a date on another date, or gives it to another person. */
export async function moveWholeSession(input: unknown): Promise<ActionResult<Steered>> {
  return act(sessionSchema, input, async (scope, { id, ...wish }) => {
    const { household, order, tasks, plans } = await keptHousehold(scope);
    const { clean } = household;
    if (!clean || !plans) return refused(REFUSAL_WORDS.gone);
    const problem = expandWork({ ...household, clean }, order, nowIn(household.timezone));
    const { pins, stayed } = moveSession(problem, plans.latest.plan, wish);
    if (pins.length === 0) return refused(SESSION_STAYS);
    const steered = await steer(scope, id, { do: 'pin', pins }, 'A session placed by hand');
    const titles = new Map(tasks.map((task) => [task.id, task.method.title]));
    return steered.ok
      ? {
          ok: true,
          value: withStayed(
            steered.value,
            stayed.map((task) => titles.get(task) ?? task),
          ),
        }
      : steered;
  });
}

/** Everything else that is said of the plan by hand. */
export async function steerPlan(input: unknown): Promise<ActionResult<Steered>> {
  return act(editSchema, input, (scope, { id, change }) => steer(scope, id, change));
}

async function steer(
  scope: HouseholdScope,
  id: string,
  change: Parameters<typeof edit>[2],
  words?: string,
): Promise<ActionResult<Steered>> {
  const kept = await edit(
    scope,
    id,
    change,
    (before) => words ?? (typeof change === 'function' ? '' : changeWords(change, before)),
  );
  return kept.ok ? replanned(scope) : refused(REFUSAL_WORDS[kept.why]);
}

/** Puts an earlier plan in force again, as far as it still holds: what has been done since stays done. */
export async function goBackTo(input: unknown): Promise<ActionResult<Steered>> {
  return act(z.int().min(1), input, async (scope, version) => {
    const { household } = await keptHousehold(scope);
    const made = await restorePlan(scope, version, nowIn(household.timezone));
    return made
      ? steeredBy(scope, made)
      : refused('That plan is no longer kept. The page shows those that are.');
  });
}

/** Why a task lies where it does, in a sentence. */
export async function explainPlace(input: unknown): Promise<ActionResult<string>> {
  return ask(taskIdSchema, input, async (scope, id) => {
    const { household, order, tasks, plans } = await keptHousehold(scope);
    const { clean } = household;
    if (!clean || !plans) return refused(REFUSAL_WORDS.gone);
    const problem = expandWork({ ...household, clean }, order, nowIn(household.timezone));
    const titles = new Map(tasks.map((task) => [task.id, task.method.title]));
    return { ok: true, value: whyThenWords(whyThen(problem, plans.latest.plan, id), titles) };
  });
}

/** Takes the last change back, and brings back the plan as it was before it. */
export async function undoSteering(): Promise<ActionResult<Steered>> {
  return act(z.undefined(), undefined, async (scope) =>
    (await undo(scope)) === undefined ? refused('There is nothing to take back.') : replanned(scope),
  );
}

export async function redoSteering(): Promise<ActionResult<Steered>> {
  return act(z.undefined(), undefined, async (scope) =>
    (await redo(scope)) === undefined ? refused('There is nothing to do again.') : replanned(scope),
  );
}

async function replanned(scope: HouseholdScope): Promise<ActionResult<Steered>> {
  const { household } = await keptHousehold(scope);
  const made = await replanWork(scope, nowIn(household.timezone));
  return made
    ? steeredBy(scope, made)
    : { ok: true, value: { words: 'Kept. Nothing had to move.', moved: [] } };
}

async function steeredBy(scope: HouseholdScope, made: Replanned): Promise<ActionResult<Steered>> {
  return { ok: true, value: await steeredWords(scope, made) };
}
