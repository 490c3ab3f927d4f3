import { type DayNumber, dayOfMinute } from '../basics/local-time';
import type { Board } from './board';
import type { Cluster } from './clusters';

/** Work of a room on one side of a pause, and the date next to the pause. */
export type Side = { readonly clusters: readonly Cluster[]; readonly date: DayNumber };

/** Dates on end on which nothing is begun in a room that has been begun and is not finished. */
export type Pause = { readonly before: Side; readonly after: Side };

type Stay = { readonly cluster: Cluster; readonly first: DayNumber; readonly last: DayNumber };

/** Where a room stands open from one date to another with nothing between, of the work that lies in it. */
export function pausesOf(inRoom: readonly Cluster[], board: Board): Pause[] {
  return pausesBetween(staysOf(inRoom, board));
}

/** The dates on which the steps of a cluster begin. */
export function datesOf(cluster: Cluster, board: Board): DayNumber[] {
  return cluster.tasks.flatMap((task) =>
    task.steps.flatMap((step) => {
      const start = board.startOf(step);
      return start === undefined ? [] : [dayOfMinute(start)];
    }),
  );
}

function staysOf(clusters: readonly Cluster[], board: Board): Stay[] {
  const stays: Stay[] = [];
  for (const cluster of clusters) {
    let [first, last] = [Number.POSITIVE_INFINITY, Number.NEGATIVE_INFINITY];
    for (const { steps } of cluster.tasks)
      for (const step of steps) {
        const start = board.startOf(step);
        if (start === undefined) continue;
        first = Math.min(first, start);
        last = Math.max(last, start);
      }
    if (last >= first) stays.push({ cluster, first: dayOfMinute(first), last: dayOfMinute(last) });
  }
  return stays.sort((a, b) => a.first - b.first);
}

function pausesBetween(stays: readonly Stay[]): Pause[] {
  const clusters = stays.map((stay) => stay.cluster);
  const found: Pause[] = [];
  let last = stays[0]?.last ?? 0;
  stays.forEach((stay, i) => {
    if (stay.first > last)
      found.push({
        before: { clusters: clusters.slice(0, i), date: last },
        after: { clusters: clusters.slice(i), date: stay.first },
      });
    last = Math.max(last, stay.last);
  });
  return found;
}
