import { taskOfStep } from '../../core/basics/ids';
import { CATALOGUE } from '../../core/catalogue/catalogue';
import { withMoreFrom } from '../../core/day/hours-today';
import type { Refusal } from '../../core/household/refusals';
import { expand } from '../../core/problem/expand';
import { moveSession } from '../../core/steering/session-by-hand';
import type { HouseholdScope } from '../db/scope';
import type { Kept } from '../household/kept';
import type { Performed } from '../household/perform';
import { changeBy, type Outcome, type Wanted } from './change';

export type MoreWork = { readonly jobs: number; readonly of: string };

type BlockWish = { readonly id: string; readonly person: string; readonly minutes: number };

/** So many of a person's next sessions are looked through for something that can be done now. */
const MOST_SESSIONS = 6;

/**
 * Work for somebody who wants to go on beyond what was planned for today: so many minutes more from `now` on, filled
 * with what they can do now of their next session that has any. Nothing is changed where there is none.
 */
export function oneMoreBlock(
  scope: HouseholdScope,
  wish: BlockWish,
  now: string,
): Promise<Performed<Outcome<MoreWork, 'nothing' | Refusal>>> {
  return changeBy<MoreWork, 'nothing'>(scope, wish.id, (kept) => blockIn(kept, wish, now));
}

function blockIn(
  { household, plans }: Kept,
  { person, minutes }: BlockWish,
  now: string,
): Wanted<MoreWork, 'nothing'> {
  const { clean } = household;
  const member = household.people.find((known) => known.id === person);
  if (!clean || !plans || !member) return { ok: false, why: 'nothing' };
  const longer = withMoreFrom(member, now, minutes);
  const people = household.people.map((known) => (known === member ? longer : known));
  const problem = expand({ ...household, people, clean }, CATALOGUE, now);
  const { plan } = plans.latest;
  const today = now.slice(0, 10);
  const later = plan.sessions.filter((session) => session.person === person && session.date > today);
  for (const date of [...new Set(later.map((session) => session.date))].sort().slice(0, MOST_SESSIONS)) {
    const { pins } = moveSession(problem, plan, { person, date, to: today, by: person });
    if (pins.length === 0) continue;
    return {
      ok: true,
      change: {
        do: 'several',
        changes: [
          { do: 'put-member', member: longer },
          { do: 'pin', pins: [...pins] },
        ],
      },
      words: 'One more block',
      value: { jobs: new Set(pins.map(({ step }) => taskOfStep(step))).size, of: date },
    };
  }
  return { ok: false, why: 'nothing' };
}
