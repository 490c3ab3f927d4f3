import type { DayNumber } from '../../basics/local-time';
import { firstDateOf, type Model, openHands, type Person } from '../model/model';
import { offersOf } from '../model/offers';

/** How much somebody does on a date, and by the end of a date, in hands-on minutes. */
export type Pace = {
  readonly ofDate: (person: Person, day: DayNumber) => number;
  readonly upTo: (person: Person, day: DayNumber) => number;
};

const DAYS_A_WEEK = 7;

/**
 * A steady load: nobody does more on a date than some multiple of their share of it, nor more by the end of a week than
 * their share of the weeks up to it. See `uneven` and `unfair` under "Which plan is better" in docs/formats/plan.md.
 */
export function steadyPace(model: Model, multiple: number): Pace {
  const { ofPersonOn, all } = offersOf(model);
  const hands = model.tasks.reduce((sum, task) => sum + openHands(task), 0);
  const first = firstDateOf(model);
  const shares = ofPersonOn.map((own) => own.map((offer) => (all === 0 ? 0 : (hands * offer) / all)));
  const upTo = shares.map(runningSums);
  const endOfWeek = (at: number) => at - (at % DAYS_A_WEEK) + DAYS_A_WEEK - 1;
  return {
    ofDate: ({ index }, day) => multiple * (shares[index]?.[day - first] ?? 0),
    upTo: ({ index }, day) => {
      const own = upTo[index] ?? [];
      return own[Math.min(own.length - 1, endOfWeek(day - first))] ?? hands;
    },
  };
}

function runningSums(numbers: readonly number[]): number[] {
  let sum = 0;
  return numbers.map((number) => {
    sum += number;
    return sum;
  });
}
