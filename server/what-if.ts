import { CATALOGUE } from '../core/catalogue/catalogue';
import { habitsOf } from '../core/forecast/habits';
import { applyChange } from '../core/household/change';
import { expand, expandWork } from '../core/problem/expand';
import { changeOf } from '../core/what-if/change-of';
import type { WhatIfSubject } from '../core/what-if/protocol';
import type { WhatIf } from '../core/what-if/what-if';
import type { HouseholdScope } from './db/scope';
import { keptHousehold } from './household/kept';
import { nowIn } from './process/clock';

/** What leaves the work and its order as they are: only people and dates differ. */
const SAME_WORK: readonly WhatIf['do'][] = [
  'nothing',
  'spread',
  'matters',
  'hours',
  'helper',
  'finish',
  'reserve',
];

/**
 * The problem that a what-if would lead to, and the plan in force, which may be made to fit it; undefined without a clean, or
 * where it can't be carried out.
 */
export async function subjectOfWhatIf(
  scope: HouseholdScope,
  whatIf: WhatIf,
): Promise<WhatIfSubject | undefined> {
  const { household, order, plans } = await keptHousehold(scope);
  const { clean } = household;
  if (!clean) return undefined;
  const changed = applyChange(household, changeOf(whatIf, { ...household, clean }));
  if (!changed.ok || !changed.value.clean) return undefined;
  const otherwise = { ...household, ...changed.value, clean: changed.value.clean };
  const now = nowIn(household.timezone);
  const problem = SAME_WORK.includes(whatIf.do)
    ? expandWork(otherwise, order, now)
    : expand(otherwise, CATALOGUE, now);
  return {
    problem,
    ...(plans && { before: plans.latest.plan }),
    habits: habitsOf(
      plans?.first.plan ?? { sessions: [] },
      new Set(household.ticks.map(({ at }) => at.slice(0, 10))),
      { today: now.slice(0, 10), wetDays: household.home.facts.wetDays },
    ),
  };
}
