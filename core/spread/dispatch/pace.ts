import type { DayNumber } from '../../basics/local-time';
import { firstDateOf, type Model, openHands } from '../model';
import { offersOf } from '../offers';

/** How much of all the work a date may hold, and how much may be done by the end of a date, in hands-on person-minutes. */
export type Pace = {
  readonly ofDate: (day: DayNumber) => number;
  readonly upTo: (day: DayNumber) => number;
};

const DAYS_A_WEEK = 7;

/**
 * A steady load: no date holds more than some multiple of its share, and by the end of a week no more is done than the
 * weeks up to it have as their share. See `uneven` under "Which plan is better" in docs/formats/plan.md.
 */
export function steadyPace(model: Model, multiple: number): Pace {
  const { ofDate, all } = offersOf(model);
  const hands = model.tasks.reduce((sum, task) => sum + openHands(task), 0);
  const first = firstDateOf(model);
  const shares = ofDate.map((offer) => (all === 0 ? 0 : (hands * offer) / all));
  const upTo: number[] = [];
  shares.reduce((sum, share, i) => {
    upTo[i] = sum + share;
    return sum + share;
  }, 0);
  const endOfWeek = (at: number) => Math.min(upTo.length - 1, at - (at % DAYS_A_WEEK) + DAYS_A_WEEK - 1);
  return {
    ofDate: (day) => multiple * (shares[day - first] ?? 0),
    upTo: (day) => upTo[endOfWeek(Math.max(0, day - first))] ?? hands,
  };
}
