import type { Precedence, ProblemTask } from '../plan/problem';
import { mayComeFirst } from './first-job';

/** Minutes' worth of each job that begins in a room before a room that should have begun by then. */
const WHAT_IT_IS_WORTH = 20;
const REASON = 'The rooms are done in the order that you gave them';

/** The wishes that rooms are begun one after the other as they are listed: each before all that come behind it. */
export function roomOrderWishes(
  rooms: readonly string[],
  tasks: readonly ProblemTask[],
  rules: readonly Precedence[],
): Precedence[] {
  const firsts = rooms.map((room) =>
    mayComeFirst(
      tasks.filter((task) => task.room === room && task.needs === undefined),
      rules,
    ),
  );
  return firsts.flatMap(([begin], i) => {
    if (!begin) return [];
    const behind = firsts.slice(i + 1).flat();
    return behind.map(({ id }) => wish(begin.id, id));
  });
}

function wish(before: string, after: string): Precedence {
  return { before, after, hard: false, cost: WHAT_IT_IS_WORTH, reason: REASON };
}
