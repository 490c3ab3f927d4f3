import { changesBetween } from '@/core/plan/plan-changes';
import { changedWords, type Steered } from '@/present/spread/steer-words';
import type { HouseholdScope } from '@/server/db/scope';
import { keptHousehold } from '@/server/household/kept';
import type { Replanned } from '@/server/planning/planner';

/** What a plan that was made anew has moved, in words. */
export async function steeredWords(scope: HouseholdScope, made: Replanned): Promise<Steered> {
  const { household, tasks } = await keptHousehold(scope);
  const names = {
    task: new Map(tasks.map((task) => [task.id, `${task.method.title}, ${task.room.name}`])),
    person: new Map(household.people.map((person) => [person.id, person.name])),
  };
  return changedWords(changesBetween(made.before, made.after), made.after, names);
}
