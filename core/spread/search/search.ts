import { PRIORITIES } from '../../basics/choices';
import { groupBy } from '../../basics/group-by';
import { dispatch, SOME_PATIENCE, WORTH_A_DATE } from '../dispatch/dispatch';
import type { Draft, Snapshot } from '../draft/draft';
import { insertBest, insertTogether } from '../draft/insert';
import { placeCluster } from '../draft/place';
import { compareScores, type Score } from '../draft/tally';
import { type Cluster, inOrder } from '../model/clusters';
import type { Link, Task } from '../model/model';
import { type Dealing, type Neighbours, type Picked, pickClusters, whatCouldComeIn } from './neighbourhoods';

export type SearchOptions = {
  readonly random: () => number;
  /** Asked between rounds. */
  readonly stop: () => boolean;
  readonly rounds: number;
  /** Only what brings in something that is left out stands; the rest stays where it is as far as it can. */
  readonly onlyLeftOut?: boolean;
  /** Told whenever what lies on the board is better than all before. */
  readonly better?: () => void;
};

/** What a round looks at for each cluster that it places. */
const LOOK = { beside: 3, dates: 2 };

/** How far the cost may stray above the best that was found, and for how many rounds. */
const MOST_STRAYING = 0.012;
const ROUNDS_ASTRAY = 250;

/** How often clusters are placed in about their usual order, and how far out of it they may go otherwise. */
const ABOUT_USUAL = 0.5;
const LITTLE_NOISE = 2;
const MUCH_NOISE = 12;

const OFTEN_YIELDING = 0.5;

/** How often no more rooms are opened than are wished for, while there is work in them. */
const MOSTLY_PATIENT = 0.7;

/** How often what is placed anew in a room goes there in one visit. */
const OFTEN_TOGETHER = 0.7;

/**
 * Betters a draft by taking part of it off the board and placing that anew where it costs least. What is left out comes
 * first in the comparison, so that something of less weight gives way to something of more. Each round leaves a valid
 * plan; in the end the best of all lies on the board, and whatever still fits is put in.
 */
export function search(draft: Draft, options: SearchOptions): void {
  const searching = new Searching(draft, options);
  for (let round = 0; round < options.rounds && !options.stop(); round++) searching.round();
  searching.finish();
}

class Searching {
  private readonly index: Neighbours;
  private score: Score;
  private best: Snapshot;
  private astray = 0;

  constructor(
    private readonly draft: Draft,
    private readonly options: SearchOptions,
  ) {
    const firstTask = (cluster: Cluster) => cluster.tasks[0] as Task;
    this.index = {
      byRoom: groupBy(draft.movable, (cluster) => firstTask(cluster).room),
      byKind: groupBy(draft.movable, (cluster) => firstTask(cluster).kind),
    };
    this.best = draft.snapshot();
    this.score = this.best.score;
  }

  round(): void {
    const { draft, options } = this;
    if (draft.movable.length === 0) return;
    const { clusters, deal }: Picked = options.onlyLeftOut
      ? { clusters: [...new Set(whatCouldComeIn(draft, this.index, options.random))] }
      : pickClusters(draft, this.index, options.random);
    draft.mark();
    const movable = clusters.filter((cluster) => draft.takeIn(cluster.tasks));
    for (const cluster of movable) draft.takeOff(cluster);
    if (deal) this.dealOut(movable, deal);
    const rest = movable.filter(({ tasks }) => !tasks.every((task) => draft.isPlaced(task)));
    for (const cluster of rest) draft.takeOff(cluster);
    this.insert(this.sorted(rest));
    const reached = draft.tally.score();
    if (!this.mayStand(reached)) {
      draft.rewind();
      return;
    }
    this.score = reached;
    if (compareScores(reached, this.best.score) >= 0) {
      this.astray++;
      if (this.astray > ROUNDS_ASTRAY) this.goBack();
      return;
    }
    this.best = draft.snapshot();
    this.astray = 0;
    options.better?.();
  }

  /** One after the other, or what belongs to one room together. */
  private insert(clusters: readonly Cluster[]): void {
    const { draft } = this;
    const { random } = this.options;
    const isTogether = random() < OFTEN_TOGETHER;
    const visits = isTogether ? [...groupBy(clusters, ({ tasks }) => (tasks[0] as Task).room).values()] : [];
    const placed = new Set(
      visits.filter((visit) => visit.length > 1 && insertTogether(draft, visit, LOOK, random)).flat(),
    );
    for (const cluster of clusters) if (!placed.has(cluster)) insertBest(draft, cluster, LOOK, random);
  }

  private dealOut(picked: readonly Cluster[], deal: Dealing): void {
    const { board, links } = this.draft;
    const clusters = picked.filter((cluster) => !this.draft.lacksPredecessor(cluster));
    const { random } = this.options;
    dispatch(board, clusters, links, {
      priorityFirst: false,
      ...deal,
      byWishes: random() < 0.5,
      ...(random() < MOSTLY_PATIENT && { patience: SOME_PATIENCE }),
      ...(deal.until === undefined && random() < 0.5 && { worthADate: WORTH_A_DATE }),
    });
  }

  /** The best that was found, with whatever finds a place beside it. */
  finish(): void {
    this.goBack();
    fillUp(this.draft);
  }

  private goBack(): void {
    this.draft.restore(this.best);
    this.score = this.best.score;
    this.astray = 0;
  }

  /** What is left out never grows; the cost may stray a little. */
  private mayStand(reached: Score): boolean {
    const firm = reached.length - 2;
    const difference = compareScores(reached.slice(0, firm), this.score.slice(0, firm));
    if (difference !== 0 || this.options.onlyLeftOut) return difference < 0;
    const cost = reached[firm + 1] as number;
    return (
      cost <= (this.score[firm + 1] as number) ||
      cost <= (this.best.score[firm + 1] as number) * (1 + MOST_STRAYING * this.options.random())
    );
  }

  private sorted(picked: readonly Cluster[]): Cluster[] {
    const { random } = this.options;
    const noise = random() < ABOUT_USUAL ? LITTLE_NOISE : MUCH_NOISE;
    const isShort = this.draft.out.length > 0;
    const mayYield = isShort && random() < OFTEN_YIELDING;
    const ranks = new Map(
      picked.map((cluster) => {
        const [task] = cluster.tasks as [Task];
        const weight = isShort ? Math.min(...cluster.tasks.map((one) => this.weigh(one))) : 0;
        return [cluster, weight * 100 + task.layer + random() * noise];
      }),
    );
    return inOrder(
      picked,
      this.linksOf(picked).filter((link) => !mayYield || !this.yields(link)),
      (a, b) => (ranks.get(a) as number) - (ranks.get(b) as number),
    );
  }

  private linksOf(picked: readonly Cluster[]): Link[] {
    const { links } = this.draft;
    return picked.flatMap(({ tasks }) =>
      tasks.flatMap(({ steps }) => steps.flatMap((step) => links.outOf(step))),
    );
  }

  /** Where time is short, what may be left out doesn't keep what weighs more from its place, though it would come first. */
  private yields({ before, after, orderOnly }: Link): boolean {
    return orderOnly && this.weigh(before.task) > this.weigh(after.task);
  }

  private weigh(task: Task): number {
    return PRIORITIES.indexOf(this.draft.weightOf(task));
  }
}

/** Puts in whatever of what is left out still fits as the plan stands. */
export function fillUp(draft: Draft): void {
  for (let found = true; found; ) {
    found = false;
    for (const task of draft.out) {
      const cluster = draft.homeOf(task);
      draft.mark();
      const candidates = [cluster, ...draft.partsOf(cluster)].filter(
        ({ tasks }) => tasks.includes(task) && tasks.every((one) => draft.isOut(one)),
      );
      if (candidates.some((candidate) => comesIn(draft, candidate))) found = true;
    }
  }
}

function comesIn(draft: Draft, cluster: Cluster): boolean {
  if (draft.lacksPredecessor(cluster)) return false;
  if (!draft.takeIn(cluster.tasks)) return false;
  if (placeCluster(draft.board, cluster, draft.links, { wishes: false })) return true;
  draft.leaveOut(cluster.tasks);
  return false;
}
