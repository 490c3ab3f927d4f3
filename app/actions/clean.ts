'use server';
import { z } from 'zod';
import type { Clean } from '@/core/clean/clean';
import type { HouseholdChange } from '@/core/household/change';
import { REFUSALS } from '@/core/household/refusals';
import { areasInTurn, atPace, CLEAN_PACES } from '@/core/problem/paces';
import { type ActionResult, accepted, refused } from '@/present/forms/result';
import { cleanFormSchema } from '@/present/forms/schemas';
import { changeBy } from '@/server/commands/change';
import { setOutOn } from '@/server/commands/set-out';
import { nowIn } from '@/server/process/clock';
import { act } from './act';
import { spreadNow } from './spread-now';

/** What a clean starts with until somebody chooses otherwise. */
const DEFAULTS: Pick<Clean, 'id' | 'reserve' | 'sessionCap'> = {
  id: 'clean',
  reserve: [],
  sessionCap: 240,
};

export async function saveClean(sent: unknown): Promise<ActionResult> {
  return act('saveClean', cleanFormSchema, sent, async (scope, form, id) => {
    await setOutOn(scope, id, (known) => ({ ...DEFAULTS, ...known, ...form }));
    return accepted();
  });
}

const NO_PACE = 'Say first what this clean is for: that is on the page Aim.';

/** Sets dates, sessions and free days the way a pace has them, from today on. */
export async function choosePace(sent: unknown): Promise<ActionResult> {
  return act('choosePace', z.enum(CLEAN_PACES), sent, async (scope, pace, id) => {
    const { answer } = await changeBy<null, 'no-aim'>(scope, id, ({ household, tasks }) => {
      const { clean, timezone } = household;
      if (!clean) return { ok: false, why: 'no-aim' };
      const dated = atPace(pace, nowIn(timezone).slice(0, 10));
      // What was placed by hand belongs to the dates before.
      const changes: HouseholdChange[] = [
        { do: 'put-clean', clean: { ...clean, ...dated } },
        { do: 'let-go', tasks: tasks.map((task) => task.id) },
        { do: 'later', later: areasInTurn(pace, tasks, dated.start) },
      ];
      return { ok: true, change: { do: 'several', changes }, words: 'Another pace', value: null };
    });
    if (answer.ok) return accepted();
    return refused(answer.why === 'no-aim' ? NO_PACE : REFUSALS[answer.why]);
  });
}

export async function spread(sent: unknown): Promise<ActionResult<{ unplaced: number }>> {
  return act('spread', z.undefined(), sent, async (scope, _none, id) => spreadNow(scope, id));
}
