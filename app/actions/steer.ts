'use server';
import { z } from 'zod';
import { clockSchema, dateSchema, idSchema, taskIdSchema } from '@/core/basics/scalars';
import { changeSchema, changeWords } from '@/core/household/change';
import { REFUSALS } from '@/core/household/refusals';
import { expandWork } from '@/core/problem/expand';
import { whyThen } from '@/core/spread';
import { type NoPlace, placeByHand } from '@/core/steering/by-hand';
import { moveSession } from '@/core/steering/session-by-hand';
import { type ActionResult, refused } from '@/present/forms/result';
import { MOVE_REFUSALS, SESSION_STAYS, type Steered, withStayed } from '@/present/spread/steer-words';
import { whyThenWords } from '@/present/spread/why-words';
import { changeBy, type Outcome } from '@/server/commands/change';
import { redo, undo } from '@/server/commands/journal';
import { goBackTo as wishBack } from '@/server/commands/plan';
import type { HouseholdScope } from '@/server/db/scope';
import { keptHousehold } from '@/server/household/kept';
import type { Performed } from '@/server/household/perform';
import { planned } from '@/server/planning/planner';
import { nowIn } from '@/server/process/clock';
import { act, ask } from './act';
import { steeredWords } from './steered-words';

const moveSchema = z.strictObject({
  task: taskIdSchema,
  date: dateSchema,
  time: clockSchema.optional(),
  person: idSchema.optional(),
});

/** Puts a task on another date, at another time or with another person; the rest of the plan makes room. */
export async function moveWork(sent: unknown): Promise<ActionResult<Steered>> {
  return act('moveWork', moveSchema, sent, async (scope, wish, id) => {
    const done = await changeBy<null, MoveWhy>(scope, id, ({ household, order, tasks, plans }) => {
      const { clean } = household;
      const task = tasks.find((known) => known.id === wish.task);
      if (!clean || !plans || !task) return { ok: false, why: 'gone' };
      const problem = expandWork({ ...household, clean }, order, nowIn(household.timezone));
      const placed = placeByHand(problem, plans.latest.plan, wish);
      if (!placed.ok) return { ok: false, why: { no: placed.why, task: task.method.title } };
      const words = `${task.method.title} placed by hand`;
      return { ok: true, change: { do: 'pin', pins: placed.pins }, words, value: null };
    });
    return steered(scope, done, (why) =>
      typeof why === 'string' ? REFUSALS[why] : MOVE_REFUSALS[why.no](why.task),
    );
  });
}

/** Why a task can't be placed by hand; the title of the task with it. */
type MoveWhy = 'gone' | { readonly no: NoPlace; readonly task: string };

const sessionSchema = z.strictObject({
  person: idSchema,
  date: dateSchema,
  to: dateSchema,
  by: idSchema.optional(),
});

/** Puts all that one person does on a date on another date, or gives it to another person. */
export async function moveWholeSession(sent: unknown): Promise<ActionResult<Steered>> {
  return act('moveWholeSession', sessionSchema, sent, async (scope, wish, id) => {
    const done = await changeBy<readonly string[], 'gone' | 'stays'>(scope, id, (kept) => {
      const { household, order, tasks, plans } = kept;
      const { clean } = household;
      if (!clean || !plans) return { ok: false, why: 'gone' };
      const problem = expandWork({ ...household, clean }, order, nowIn(household.timezone));
      const { pins, stayed } = moveSession(problem, plans.latest.plan, wish);
      if (pins.length === 0) return { ok: false, why: 'stays' };
      const titles = new Map<string, string>(tasks.map((task) => [task.id, task.method.title]));
      return {
        ok: true,
        change: { do: 'pin', pins: [...pins] },
        words: 'A session placed by hand',
        value: stayed.map((task) => titles.get(task) ?? task),
      };
    });
    const result = await steered(scope, done, (why) => (why === 'stays' ? SESSION_STAYS : REFUSALS[why]));
    return result.ok && done.answer.ok
      ? { ok: true, value: withStayed(result.value, done.answer.value) }
      : result;
  });
}

/** Everything else that is said of the plan by hand. */
export async function steerPlan(sent: unknown): Promise<ActionResult<Steered>> {
  return act('steerPlan', changeSchema, sent, async (scope, change, id) => {
    const done = await changeBy<null, never>(scope, id, ({ household }) => ({
      ok: true,
      change,
      words: changeWords(change, household),
      value: null,
    }));
    return steered(scope, done, (why) => REFUSALS[why]);
  });
}

const backSchema = z.strictObject({ version: z.int().min(1) });

/** Puts an earlier plan in force again, as far as it still holds: what has been done since stays done. */
export async function goBackTo(sent: unknown): Promise<ActionResult<Steered>> {
  return act('goBackTo', backSchema, sent, async (scope, { version }, id) => {
    const { answer, wish } = await wishBack(scope, id, version);
    return answer
      ? whatMoved(scope, wish)
      : refused('That plan is no longer kept. The page shows those that are.');
  });
}

/** Why a task lies where it does, in a sentence. */
export async function explainPlace(input: unknown): Promise<ActionResult<string>> {
  return ask('explainPlace', taskIdSchema, input, async (scope, id) => {
    const { household, order, tasks, plans } = await keptHousehold(scope);
    const { clean } = household;
    if (!clean || !plans) return refused(REFUSALS.gone);
    const problem = expandWork({ ...household, clean }, order, nowIn(household.timezone));
    const titles = new Map(tasks.map((task) => [task.id, task.method.title]));
    return { ok: true, value: whyThenWords(whyThen(problem, plans.latest.plan, id), titles) };
  });
}

/** Takes the last change back, and says what that moves. */
export async function undoSteering(sent: unknown): Promise<ActionResult<Steered>> {
  return act('undoSteering', z.undefined(), sent, async (scope, _none, id) => {
    const { answer, wish } = await undo(scope, id);
    return answer === null ? refused('There is nothing to take back.') : whatMoved(scope, wish);
  });
}

export async function redoSteering(sent: unknown): Promise<ActionResult<Steered>> {
  return act('redoSteering', z.undefined(), sent, async (scope, _none, id) => {
    const { answer, wish } = await redo(scope, id);
    return answer === null ? refused('There is nothing to do again.') : whatMoved(scope, wish);
  });
}

async function steered<Value, Why>(
  scope: HouseholdScope,
  { answer, wish }: Performed<Outcome<Value, Why>>,
  sentence: (why: Why) => string,
): Promise<ActionResult<Steered>> {
  return answer.ok ? whatMoved(scope, wish) : refused(sentence(answer.why));
}

/** Waits for the plan that was wished for, and says what is elsewhere in it. */
async function whatMoved(scope: HouseholdScope, wish: number | undefined): Promise<ActionResult<Steered>> {
  const made = wish === undefined ? undefined : await planned(scope, wish);
  return made
    ? { ok: true, value: await steeredWords(scope, made) }
    : { ok: true, value: { words: 'Kept. Nothing had to move.', moved: [] } };
}
