/**
 * What is wished of a plan: a new one (`plan`), the latest made to fit what has changed (`fit`), the same although nothing
 * that it rests on has changed, since something was missed or has to be done again (`again`), or an earlier one.
 */
export type PlanWish =
  | { readonly how: 'plan' | 'fit' | 'again' }
  | { readonly how: 'back'; readonly version: number };

/** What two wishes come to of which neither has been fulfilled: the newer one, unless the older asked for more. */
export function mergedWish(older: PlanWish | undefined, newer: PlanWish): PlanWish {
  if (!older || newer.how === 'plan' || newer.how === 'back') return newer;
  if (older.how === 'plan' || older.how === 'back') return older;
  return older.how === 'again' ? older : newer;
}
