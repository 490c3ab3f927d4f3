import { CATALOGUE } from '../../core/catalogue/catalogue';
import { expand } from '../../core/clean/expand';
import { withMoreFrom } from '../../core/day/hours-today';
import { moveSession } from '../../core/steering/session-by-hand';
import { taskOfStep } from '../../core/steering/steering';
import type { HouseholdScope } from '../db/scope';
import { edit } from '../editing';
import { loadPlans } from '../repositories/clean';
import { loadHousehold } from '../repositories/household';

export type MoreWork = { readonly jobs: number; readonly of: string };

/** So many of a person's next sessions are looked through for something that can be done now. */
const MOST_SESSIONS = 6;

/**
 * Work for somebody who wants to go on beyond what was planned for today: so many minutes more from `now` on, filled
 * with what they can do now of their next session that has any. Undefined where there is nothing; nothing is changed then.
 */
export async function oneMoreBlock(
  scope: HouseholdScope,
  { id, person, minutes }: { readonly id: string; readonly person: string; readonly minutes: number },
  now: string,
): Promise<MoreWork | undefined> {
  const { clean, ...rest } = await loadHousehold(scope);
  const plans = clean && (await loadPlans(scope, clean.id));
  const member = rest.people.find((known) => known.id === person);
  if (!clean || !plans || !member) return undefined;
  const longer = withMoreFrom(member, now, minutes);
  const people = rest.people.map((known) => (known === member ? longer : known));
  const problem = expand({ ...rest, people, clean }, CATALOGUE, now);
  const { plan } = plans.latest;
  const today = now.slice(0, 10);
  const later = plan.sessions.filter((session) => session.person === person && session.date > today);
  for (const date of [...new Set(later.map((session) => session.date))].sort().slice(0, MOST_SESSIONS)) {
    const { pins } = moveSession(problem, plan, { person, date, to: today, by: person });
    if (pins.length === 0) continue;
    await edit(
      scope,
      id,
      {
        do: 'several',
        changes: [
          { do: 'put-member', member: longer },
          { do: 'pin', pins: [...pins] },
        ],
      },
      () => 'One more block',
    );
    return { jobs: new Set(pins.map(({ step }) => taskOfStep(step))).size, of: date };
  }
  return undefined;
}
