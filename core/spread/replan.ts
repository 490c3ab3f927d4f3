import type { Plan } from '../plan/plan';
import type { Problem } from '../plan/problem';
import { type Board, isFixedEntry, NEVER } from './board';
import { type Cluster, clustersOf, inOrder, loosen } from './clusters';
import { type Construction, emptyBoard, givenBoard, isMissing, type LeftOut } from './construct';
import { documentOf } from './document';
import { earlierPlaces } from './earlier';
import type { Placed } from './metrics';
import { isSettled, type Link, type Model, modelOf, type Step, type Task } from './model';
import { fitsOn, type PlaceOptions, placeCluster } from './place';
import { indexLinks, type LinkIndex } from './step-order';

/**
 * A plan made from an earlier one after something has changed: what can stay where it was stays there, and only what
 * can't finds another place, as soon after the old one as there is room. Always valid; takes milliseconds.
 */
export function replan(problem: Problem, before: Plan, problemHash: string): Plan {
  const model = modelOf(problem);
  const replanning = new Replanning(model, earlierPlaces(model, before));
  return documentOf(model, replanning.run(), indexLinks(model), problemHash);
}

class Replanning {
  private readonly board: Board;
  private readonly stuck: ReadonlySet<Task>;
  private readonly links: LinkIndex;
  private readonly hard: readonly Link[];
  private readonly clusters: readonly Cluster[];
  private readonly home: ReadonlyMap<Task, Cluster>;
  private empty: Board | undefined;
  private readonly placed = new Set<Task>();
  private readonly out = new Set<Task>();
  private readonly leftOut: LeftOut[] = [];

  constructor(
    model: Model,
    private readonly like: ReadonlyMap<Step, readonly Placed[]>,
  ) {
    const { board, stuck } = givenBoard(model, NEVER);
    this.board = board;
    this.stuck = stuck;
    this.links = indexLinks(model);
    this.hard = model.links.filter((link) => link.hard);
    const soonest = (cluster: Cluster) =>
      Math.min(
        ...cluster.tasks
          .flatMap((task) => task.steps)
          .map((step) => like.get(step)?.[0]?.start ?? Number.POSITIVE_INFINITY),
      );
    const starts = new Map(clustersOf(model).map((cluster) => [cluster, soonest(cluster)]));
    this.clusters = inOrder(
      [...starts.keys()],
      this.hard,
      (a, b) => (starts.get(a) as number) - (starts.get(b) as number),
    );
    this.home = new Map(this.clusters.flatMap((cluster) => cluster.tasks.map((task) => [task, cluster])));
  }

  run(): Construction {
    const displaced = this.clusters.filter((cluster) => hasWork(cluster) && !this.stays(cluster));
    for (const cluster of displaced) this.findPlace(cluster);
    this.dropOrphans();
    return { board: this.board, leftOut: this.leftOut };
  }

  /** Exactly where it was, or nowhere for now. */
  private stays(cluster: Cluster): boolean {
    const steps = cluster.tasks.flatMap((task) => task.steps).filter((step) => !this.isGiven(step));
    if (cluster.tasks.some((task) => this.stuck.has(task))) return false;
    if (!steps.every((step) => this.like.has(step))) return false;
    if (!this.place(cluster, { wishes: false, like: this.like })) return false;
    const same = steps.every(
      (step) => this.board.startOf(step) === this.like.get(step)?.[0]?.start && this.samePeople(step),
    );
    if (!same) this.takeOff(cluster);
    return same;
  }

  private samePeople(step: Step): boolean {
    const now = this.board.entriesOf(step).flatMap((entry) => entry.people);
    const before = (this.like.get(step) ?? []).flatMap((entry) => entry.people);
    return now.length === before.length && now.every((person) => before.includes(person));
  }

  /** As soon after its old place as there is room; else anywhere; else with what follows it moved along. */
  private findPlace(cluster: Cluster): void {
    // Moving what follows something else along may have found a place for it already.
    if (cluster.tasks.every((task) => this.placed.has(task) || this.out.has(task))) return;
    if (this.lacksPredecessor(cluster)) {
      this.leaveOut(cluster, true);
      return;
    }
    if (cluster.tasks.some((task) => this.stuck.has(task))) {
      this.leaveOut(cluster, false);
      return;
    }
    if (this.placeSomewhere(cluster)) return;
    // What would find no place even in an empty house moves nothing else.
    const followers = this.isHopeless(cluster) ? [] : this.followersOf(cluster);
    for (const follower of followers) this.takeOff(follower);
    if (followers.length > 0 && this.placeSomewhere(cluster)) {
      for (const follower of followers) this.findPlace(follower);
      return;
    }
    const parts = cluster.tasks.length > 1 ? loosen(cluster, this.board.model) : [];
    if (parts.length > 1) for (const part of parts) this.findPlace(part);
    else this.leaveOut(cluster, false);
    for (const follower of followers) this.findPlace(follower);
  }

  private isHopeless(cluster: Cluster): boolean {
    this.empty ??= emptyBoard(this.board.model);
    return !fitsOn(this.empty, cluster, this.links, { wishes: false });
  }

  private placeSomewhere(cluster: Cluster): boolean {
    const ways: PlaceOptions[] = [
      { wishes: true, like: this.like },
      { wishes: false, like: this.like },
      { wishes: false },
    ];
    return ways.some((options) => this.place(cluster, options));
  }

  private place(cluster: Cluster, options: PlaceOptions): boolean {
    const placed = placeCluster(this.board, cluster, this.links, options);
    if (placed) for (const task of cluster.tasks) this.placed.add(task);
    return placed;
  }

  /** What a hard rule puts after it and stands on the board, directly or by others, in order. */
  private followersOf(cluster: Cluster): Cluster[] {
    const found = new Set<Cluster>([cluster]);
    for (const next of found)
      for (const link of this.hard) {
        const follower = this.home.get(link.after.task);
        const isPlaced = follower?.tasks.some((task) => this.placed.has(task));
        if (follower && isPlaced && this.home.get(link.before.task) === next) found.add(follower);
      }
    found.delete(cluster);
    return this.clusters.filter((other) => found.has(other));
  }

  private lacksPredecessor({ tasks }: Cluster): boolean {
    const into = tasks.flatMap((task) => task.steps).flatMap((step) => this.links.into.get(step) ?? []);
    return into.some((link) => !tasks.includes(link.before.task) && isMissing(link, this.out));
  }

  private leaveOut(cluster: Cluster, waitsFor: boolean): void {
    const tasks = cluster.tasks.filter((task) =>
      task.steps.some((step) => step.doneAt === undefined && !step.over),
    );
    this.leftOut.push({ tasks, waitsFor });
    for (const task of tasks) this.out.add(task);
    for (const step of tasks.flatMap((task) => task.steps))
      for (const entry of this.board.entriesOf(step)) if (!isFixedEntry(entry)) this.board.take(entry);
  }

  /** What stands on the board and has lost what has to come before it. */
  private dropOrphans(): void {
    for (let orphan = this.orphan(); orphan; orphan = this.orphan()) this.leaveOut(orphan, true);
  }

  private orphan(): Cluster | undefined {
    return this.clusters.find(
      (cluster) =>
        !cluster.tasks.some((task) => this.out.has(task)) &&
        hasWork(cluster) &&
        this.lacksPredecessor(cluster),
    );
  }

  private takeOff(cluster: Cluster): void {
    for (const task of cluster.tasks) this.placed.delete(task);
    for (const step of cluster.tasks.flatMap((task) => task.steps))
      if (!this.isGiven(step))
        for (const entry of this.board.entriesOf(step)) if (!isFixedEntry(entry)) this.board.take(entry);
  }

  /** Done, fixed, over, or set going by what is. */
  private isGiven(step: Step): boolean {
    const previous = step.task.steps[step.position - 1];
    return isSettled(step) || (step.mode === 'wait' && previous !== undefined && isSettled(previous));
  }
}

function hasWork(cluster: Cluster): boolean {
  return cluster.tasks.some((task) => task.steps.some((step) => step.doneAt === undefined && !step.over));
}
