import { PRIORITIES } from '../../basics/choices';
import { dayOfMinute } from '../../basics/local-time';
import type { Placed } from '../cost/metrics';
import type { Draft } from '../draft/draft';
import { insertBest } from '../draft/insert';
import { liesAgain } from '../draft/lie-again';
import { placeCluster } from '../draft/place';
import { compareScores } from '../draft/tally';
import { type Cluster, inOrder } from '../model/clusters';
import type { Step, Task } from '../model/model';

/** How often each thing is tried: of what is about it on its dates all stays that can, then less and less. */
const STAYING = [1, 0.5, 0, 0];
const LOOK = { beside: 3, dates: 2 };

/**
 * Takes over from another draft of the same problem what is left out of this one and not of that: it is put where it
 * lies there, and what lies in its way finds another place. Whatever would leave out more is not done.
 */
export function takeOver(draft: Draft, from: Draft, random: () => number): void {
  for (const staying of STAYING)
    for (const wanted of draft.out)
      if (draft.isOut(wanted) && !from.isOut(wanted)) bringOver(draft, from, wanted, { random, staying });
}

type Manner = { readonly random: () => number; readonly staying: number };

function bringOver(draft: Draft, from: Draft, wanted: Task, { random, staying }: Manner): void {
  const before = leftOut(draft);
  const clusters = [...new Set([...draft.needsOf(wanted), wanted].map((task) => draft.homeOf(task)))];
  const like = placesIn(from, clusters);
  const dates = new Set([...like.values()].flat().map(({ start }) => dayOfMinute(start)));
  const outOfOrder = new Set(clusters.flatMap((cluster) => onTheWrongSide(draft, cluster, like)));
  const inTheWay = draft.movable
    .filter((one) => !clusters.includes(one) && (outOfOrder.has(one) || isOnOneOf(draft, one, dates)))
    .flatMap((one) => draft.wantedParts(one));
  const lay = placesIn(draft, inTheWay);
  draft.mark();
  const isIn = clusters.every(({ tasks }) => draft.takeIn(tasks));
  for (const cluster of [...inTheWay, ...clusters]) draft.takeOff(cluster);
  const isPlaced =
    isIn &&
    clusters.every((cluster) => placeCluster(draft.board, cluster, draft.links, { wishes: false, like }));
  if (isPlaced) {
    const others = inOrder(inTheWay, draft.links.hard, byLayer);
    const displaced = others.filter((cluster) => random() >= staying || !liesAgain(draft, cluster, lay));
    for (const cluster of displaced) insertBest(draft, cluster, LOOK, random);
  }
  if (!isPlaced || compareScores(leftOut(draft), before) > 0) draft.rewind();
}

/** What a hard rule puts after some places, directly or by others, and begins before they end; and the other way round. */
function onTheWrongSide(
  draft: Draft,
  cluster: Cluster,
  like: ReadonlyMap<Step, readonly Placed[]>,
): Cluster[] {
  const { board, links } = draft;
  const places = cluster.tasks.flatMap(({ steps }) => steps.flatMap((step) => like.get(step) ?? []));
  const start = Math.min(...places.map((place) => place.start));
  const end = Math.max(...places.map((place) => place.end));
  const linked = (next: (step: Step) => readonly Step[]) => {
    const found = new Set(cluster.tasks);
    // A set is walked on to what is added while it is walked.
    for (const task of found)
      for (const step of task.steps) for (const other of next(step)) found.add(other.task);
    return [...found];
  };
  const after = linked((step) => links.outOf(step).map((link) => link.after));
  const before = linked((step) => links.into(step).map((link) => link.before));
  return [
    ...after.filter(({ steps }) => steps.some((step) => (board.startOf(step) ?? end) < end)),
    ...before.filter(({ steps }) => steps.some((step) => (board.endOf(step) ?? start) > start)),
  ].map((task) => draft.homeOf(task));
}

function leftOut({ tally }: Draft): readonly number[] {
  return tally.score().slice(0, PRIORITIES.length);
}

function placesIn({ board }: Draft, clusters: readonly Cluster[]): Map<Step, readonly Placed[]> {
  const steps = clusters.flatMap(({ tasks }) => tasks.flatMap((task) => task.steps));
  return new Map(steps.map((step) => [step, board.entriesOf(step)]));
}

function isOnOneOf({ board }: Draft, { tasks }: Cluster, dates: ReadonlySet<number>): boolean {
  return tasks.some(({ steps }) =>
    steps.some((step) => board.entriesOf(step).some(({ start }) => dates.has(dayOfMinute(start)))),
  );
}

function byLayer({ tasks: [a] }: Cluster, { tasks: [b] }: Cluster): number {
  return (a as Task).layer - (b as Task).layer || (a as Task).index - (b as Task).index;
}
