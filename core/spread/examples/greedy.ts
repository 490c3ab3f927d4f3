import type { Problem } from '../../plan/problem';
import { unplacedMinutes } from '../cost/metrics';
import { Board } from '../draft/board';
import { placeCluster } from '../draft/place';
import type { Score } from '../draft/tally';
import { clustersOf, inOrder } from '../model/clusters';
import { modelOf, type Person, type Task } from '../model/model';
import { indexLinks } from '../model/step-order';

/** Whoever is listed first does it. */
class PlainBoard extends Board {
  override preference(person: Person): number {
    return person.index;
  }
}

/**
 * Plain greedy list scheduling, to measure against: tasks as they are listed, each as early as it fits, whatever is
 * wished: what is left out by priority, and the end. For problems without fixed or done steps.
 */
export function greedyScore(problem: Problem): Score {
  const model = modelOf(problem);
  const links = indexLinks(model);
  const board = new PlainBoard(model);
  const out: Task[] = [];
  const listed = inOrder(
    clustersOf(model),
    links.hard,
    (a, b) => (a.tasks[0]?.index ?? 0) - (b.tasks[0]?.index ?? 0),
  );
  for (const cluster of listed) {
    const lacks = model.links.some(
      (link) =>
        link.hard &&
        !link.orderOnly &&
        cluster.tasks.includes(link.after.task) &&
        out.includes(link.before.task),
    );
    if (lacks || !placeCluster(board, cluster, links, { wishes: false })) out.push(...cluster.tasks);
  }
  const entries = board.entries();
  const { must, should, could } = unplacedMinutes(out);
  return [must, should, could, Math.max(0, ...entries.map((entry) => entry.end))];
}
