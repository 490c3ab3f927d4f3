'use server';
import { randomUUID } from 'node:crypto';
import { z } from 'zod';
import { areasInTurn, atPace, CLEAN_PACES } from '@/core/clean/paces';
import type { Clean } from '@/core/formats/household';
import type { HouseholdChange } from '@/core/household/change';
import { nowIn } from '@/server/clock';
import { edit, setOut } from '@/server/editing';
import { keptHousehold } from '@/server/kept';
import { spreadWork } from '@/server/planning';
import { loadClean } from '@/server/repositories/clean';
import { loadHousehold } from '@/server/repositories/household';
import { type ActionResult, accepted, refused } from '@/ui/forms/result';
import { cleanFormSchema } from '@/ui/forms/schemas';
import { act } from './act';

/** What a clean starts with until somebody chooses otherwise. */
const DEFAULTS: Pick<Clean, 'id' | 'openRooms' | 'reserve' | 'sessionCap'> = {
  id: 'clean',
  openRooms: 2,
  reserve: [],
  sessionCap: 240,
};

export async function saveClean(input: unknown): Promise<ActionResult> {
  return act(cleanFormSchema, input, async (scope, form) => {
    const known = await loadClean(scope);
    const clean = { ...DEFAULTS, ...known, ...form };
    if (!known && (await setOut(scope, clean))) return accepted();
    await edit(scope, randomUUID(), { do: 'put-clean', clean }, () => 'The aim changed');
    return accepted();
  });
}

/** Sets dates, sessions and free days the way a pace has them, from today on. */
export async function choosePace(input: unknown): Promise<ActionResult> {
  return act(z.enum(CLEAN_PACES), input, async (scope, pace) => {
    const {
      household: { clean, timezone },
      tasks,
    } = await keptHousehold(scope);
    if (!clean) return refused('Say first what this clean is for: that is on the page Aim.');
    const dated = atPace(pace, nowIn(timezone).slice(0, 10));
    // What was placed by hand belongs to the dates before.
    const changes: HouseholdChange[] = [
      { do: 'put-clean', clean: { ...clean, ...dated } },
      { do: 'let-go', tasks: tasks.map((task) => task.id) },
      { do: 'later', later: areasInTurn(pace, tasks, dated.start) },
    ];
    await edit(scope, randomUUID(), { do: 'several', changes }, () => 'Another pace');
    return accepted();
  });
}

export async function spread(): Promise<ActionResult<{ unplaced: number }>> {
  return act(z.undefined(), undefined, async (scope) => {
    const { clean, ...household } = await loadHousehold(scope);
    if (!clean) return refused('Say first by when the house is to be clean: that is on the page Aim.');
    if (household.home.floors.every((floor) => floor.rooms.length === 0))
      return refused('There is no room yet. Walk one first, then spread its work.');
    if (household.people.every((person) => person.hours.length === 0))
      return refused('Nobody has any hours yet. Say on the page People who has time and when.');
    const now = nowIn(household.timezone);
    if (clean.finish < now.slice(0, 10))
      return refused('The finish date has passed. Choose a later one on the page Aim.');
    const plan = await spreadWork(scope, { ...household, clean }, now);
    return { ok: true, value: { unplaced: plan.unplaced.length } };
  });
}
