import { PRIORITIES } from '../basics/choices';
import type { Household } from '../household/household';
import type { Plan } from '../plan/plan';
import type { Problem } from '../plan/problem';
import { type WhatIf, workingWeekdays } from './what-if';

/** One kind of change in growing steps, the smallest first: as they are, or one job after the other left out. */
export type Ladder = { readonly id: string } & (
  | { readonly rungs: readonly WhatIf[] }
  | { readonly order: readonly string[] }
);

export function rungsOf(ladder: Ladder): number {
  return 'rungs' in ladder ? ladder.rungs.length : ladder.order.length;
}

/** The rung at a height from 0 on; there has to be one. */
export function rungAt(ladder: Ladder, height: number): WhatIf {
  return 'rungs' in ladder
    ? (ladder.rungs[height] as WhatIf)
    : { do: 'without', tasks: ladder.order.slice(0, height + 1) };
}

/** What no change of hours, dates or scope mends: somebody has to be found who may do it, or it has to be cut up. */
const NOT_MENDED: readonly Plan['unplaced'][number]['reason'][] = ['person', 'too-long'];

/** Whether everything that time can place has a place. */
export function fits(plan: Plan): boolean {
  return plan.unplaced.every((item) => NOT_MENDED.includes(item.reason));
}

const LONGER = [15, 30, 45, 60, 90, 120, 180, 240];
const HELP = [60, 120, 180, 240, 360, 480];
const LATER = [1, 2, 3, 4, 5, 6, 7, 10, 14, 21, 28, 42, 56];
/** So many weekdays are tried by themselves. */
const MOST_WEEKDAYS = 3;
const SATURDAY = 6;

/** The kinds of change that can make a clean fit, each from small to large. */
export function laddersFor(people: Household['people'], problem: Problem): Ladder[] {
  const weekdays = workingWeekdays(people);
  const longer = (some: readonly number[]): Ladder => ({
    id: `hours-${some.join('')}`,
    rungs: LONGER.map((minutes) => ({ do: 'hours', weekdays: some, minutes })),
  });
  const ladders: Ladder[] = [
    ...weekdays.slice(0, MOST_WEEKDAYS).map((weekday) => longer([weekday])),
    ...(weekdays.length > 1 ? [longer(weekdays)] : []),
    { id: 'helper', rungs: HELP.map((minutes) => ({ do: 'helper', weekday: SATURDAY, minutes })) },
    { id: 'finish', rungs: LATER.map((days) => ({ do: 'finish', days })) },
    { id: 'without', order: leastImportant(problem) },
  ];
  return ladders.filter((ladder) => rungsOf(ladder) > 0);
}

/** The jobs in the order in which they are left out: the least important first, and of those the longest. */
function leastImportant({ tasks, done = [] }: Problem): string[] {
  const finished = new Set(done.map((item) => item.step));
  const minutes = (task: Problem['tasks'][number]) =>
    task.steps.reduce((sum, step) => sum + (step.mode === 'hands' ? step.minutes * (step.crew ?? 1) : 0), 0);
  return tasks
    .filter((task) => !task.steps.some((step) => finished.has(step.id)))
    .sort(
      (a, b) => PRIORITIES.indexOf(b.priority) - PRIORITIES.indexOf(a.priority) || minutes(b) - minutes(a),
    )
    .map((task) => task.id);
}

/**
 * The lowest rung that fits, found by halving; undefined where the highest does not. `isEnough` plans with a rung and
 * says whether everything has a place.
 */
export async function smallestRung(
  ladder: Ladder,
  isEnough: (whatIf: WhatIf) => Promise<boolean>,
): Promise<WhatIf | undefined> {
  let low = 0;
  let high = rungsOf(ladder) - 1;
  if (high < 0 || !(await isEnough(rungAt(ladder, high)))) return undefined;
  while (low < high) {
    const middle = (low + high) >> 1;
    if (await isEnough(rungAt(ladder, middle))) high = middle;
    else low = middle + 1;
  }
  return rungAt(ladder, low);
}
