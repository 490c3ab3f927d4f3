import type { Placed } from '../cost/metrics';
import type { Cluster } from '../model/clusters';
import type { Step } from '../model/model';
import type { Draft } from './draft';
import { placeCluster } from './place';

/** Where the steps of an earlier plan lay. */
export type Lay = ReadonlyMap<Step, readonly Placed[]>;

/** Puts a cluster that is off the board at the minute where it lay, whoever does it; false where there is no room for all of it. */
export function liesAgain(draft: Draft, cluster: Cluster, lay: Lay): boolean {
  const { board, links } = draft;
  if (!placeCluster(board, cluster, links, { wishes: false, like: lay })) return false;
  const lies = cluster.tasks.every(({ steps }) =>
    steps.every((step) => board.startOf(step) === lay.get(step)?.[0]?.start),
  );
  if (!lies) draft.takeOff(cluster);
  return lies;
}

/** Puts back, one after the other, whatever has been moved and need not be. */
export function putBack(draft: Draft, lay: Lay): void {
  const known = draft.movable.filter(({ tasks }) =>
    tasks.every((task) => draft.isPlaced(task) && task.steps.every((step) => lay.has(step))),
  );
  // What goes back may have been in the way of something else.
  for (let found = true; found; ) {
    found = false;
    for (const cluster of known)
      if (!liesAsBefore(draft, cluster, lay) && goesBack(draft, cluster, lay)) found = true;
  }
}

function goesBack(draft: Draft, cluster: Cluster, lay: Lay): boolean {
  draft.mark();
  draft.takeOff(cluster);
  const goes = liesAgain(draft, cluster, lay) && liesAsBefore(draft, cluster, lay);
  if (!goes) draft.rewind();
  return goes;
}

function liesAsBefore({ board }: Draft, { tasks }: Cluster, lay: Lay): boolean {
  return tasks.every(({ steps }) =>
    steps.every((step) => {
      const [is, was] = [board.entriesOf(step), lay.get(step) ?? []];
      return is.length === was.length && is.every((entry, i) => isSame(entry, was[i] as Placed));
    }),
  );
}

function isSame(one: Placed, other: Placed): boolean {
  return (
    one.start === other.start &&
    one.people.length === other.people.length &&
    one.people.every((person) => other.people.includes(person))
  );
}
