import { minuteOf, minutesOf } from '../basics/local-time';
import type { Plan } from './plan';
import type { Problem, ProblemPerson, ProblemTask } from './problem';

/** What one person offers from now on, and what the plan gives them, in minutes. */
export type PersonShare = {
  readonly person: string;
  readonly offered: number;
  readonly planned: number;
  /** Of the planned: work that they would rather leave to others. */
  readonly disliked: number;
  /** The planned minutes as they feel: an hour of what one minds weighs more than an hour. */
  readonly felt: number;
};

/** What each level of minding adds to a minute: minded most, it weighs two and a half times as much. */
const A_LEVEL_ADDS = 0.5;

/** The time each person offers and the work each has, as the plan stands; time that has passed offers nothing. */
export function sharesOf({ people, tasks, now, policy }: Problem, plan: Plan): PersonShare[] {
  const from = now === undefined ? Number.NEGATIVE_INFINITY : minuteOf(now);
  const byStep = new Map(tasks.flatMap((task) => task.steps.map((step) => [step.id, task] as const)));
  return people.map((person) => {
    const own = plan.entries
      .filter((entry) => entry.people.includes(person.id))
      .map((entry) => ({ minutes: minutesOf(entry), level: mindedBy(person, byStep.get(entry.step)) }));
    return {
      person: person.id,
      offered: person.windows
        .filter((window) => !policy.reserve.includes(window.start.slice(0, 10)))
        .reduce(
          (sum, { start, end }) => sum + Math.max(0, minuteOf(end) - Math.max(minuteOf(start), from)),
          0,
        ),
      planned: own.reduce((sum, { minutes }) => sum + minutes, 0),
      disliked: own.reduce((sum, { minutes, level }) => sum + (level > 0 ? minutes : 0), 0),
      felt: own.reduce((sum, { minutes, level }) => sum + minutes * (1 + level * A_LEVEL_ADDS), 0),
    };
  });
}

/** How much somebody minds a kind of work: 0 for not at all to 3. */
function mindedBy({ dislikes }: ProblemPerson, task: ProblemTask | undefined): number {
  return task ? (dislikes[task.kind] ?? 0) : 0;
}
