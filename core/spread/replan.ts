import { PRIORITIES } from '../basics/choices';
import { randomFrom } from '../basics/random';
import { movedBetween } from '../plan/moved';
import type { MadePlan, Plan } from '../plan/plan';
import type { Problem } from '../plan/problem';
import type { Placed } from './cost/metrics';
import { Draft, isGivenWait, isOpen } from './draft/draft';
import { earlierPlaces } from './draft/earlier';
import { putBack } from './draft/lie-again';
import { type PlaceOptions, placeCluster } from './draft/place';
import { compareScores } from './draft/tally';
import { type Cluster, inOrder } from './model/clusters';
import { isSettled, type Link, type Model, modelOf, type Step, type Task } from './model/model';
import { bestOf, firstPlans, leavesOutNothing, promisedIn } from './search/first-plans';
import { fillUp, search } from './search/search';
import { takeOver } from './search/taken-over';
import { documentOf } from './words/document';

export type ReplanOptions = {
  readonly seed: number;
  /** Asked between attempts to bring in what found no place. */
  readonly stop: () => boolean;
  readonly rounds?: number;
};

/** Where nothing is said: a plan at once. */
const AT_ONCE: ReplanOptions = { seed: 1, stop: () => true };

/**
 * Where something that was given its time would find no place in it, or what must be done loses its own, way is made for it,
 * however much moves: of twenty minutes the musts are done, and not whatever stood first.
 */
const WITH_PATIENCE: ReplanOptions = { seed: 1, stop: () => false, rounds: 200 };

/** How often something that is left out is tried where nothing ends it. */
const MOST_ROUNDS = 2000;

/**
 * A plan made from an earlier one after something has changed: what can stay where it was stays there, and only what
 * can't finds another place, as soon after the old one as there is room. It leaves out no more than a plan made anew
 * would; where it can't help leaving out more, it is the plan made anew. Where a plan is wanted at once, one that leaves
 * out no more than the plan before did is taken as it is. Always valid; takes milliseconds.
 */
export function replan(
  problem: Problem,
  before: Plan,
  problemHash: string,
  options?: ReplanOptions,
): MadePlan {
  const draft = keptWithPromises(modelOf(problem), before);
  const isDear = leavesOutPromised(draft) || leavesOutMustsOf(before, draft);
  const looking = options ?? (isDear ? WITH_PATIENCE : AT_ONCE);
  const isAsAgreed = () => looking === AT_ONCE && leavesOutNoMoreThan(before, draft);
  const isDone = isAsAgreed() || leavesOutNothing(draft);
  const better = isDone ? draft : withLessLeftOut(draft, isAsAgreed, looking);
  if (!isDone) putBack(better, earlierPlaces(draft.model, before));
  const plan = documentOf(better, problemHash);
  return { ...plan, metrics: { ...plan.metrics, moved: movedBetween(problem, before, plan) } };
}

/** An earlier plan as far as it can stay, with what can't moved along, and with whatever still fits. */
export function keptDraft(model: Model, before: Plan, first: ReadonlySet<Task> = NOTHING): Draft {
  const draft = new Draft(model);
  new Replanning(draft, earlierPlaces(model, before), first).run();
  fillUp(draft);
  return draft;
}

const NOTHING: ReadonlySet<Task> = new Set();

/** What was given its time is there before the rest, where it would find no place otherwise: only what is in its way moves. */
function keptWithPromises(model: Model, before: Plan): Draft {
  const draft = keptDraft(model, before);
  const broken = brokenPromises(draft);
  if (broken.length === 0) return draft;
  const made = keptDraft(model, before, new Set(broken));
  return brokenPromises(made).length < broken.length ? made : draft;
}

/**
 * Where a plan made anew leaves out less, what is missing is brought in at the cost of what weighs no more; where that
 * does not do either, it is the plan made anew.
 */
function withLessLeftOut(
  draft: Draft,
  isAsAgreed: () => boolean,
  { seed, stop, rounds = MOST_ROUNDS }: ReplanOptions,
): Draft {
  const unplaced = (one: Draft) => one.tally.score().slice(0, 3);
  const anew = bestOf(firstPlans(draft.model, { seed, stop, beside: draft }));
  search(anew, { random: randomFrom(seed), stop, rounds, onlyLeftOut: true });
  const isAsGood = () => isAsAgreed() || compareScores(unplaced(draft), unplaced(anew)) <= 0;
  if (isAsGood()) return draft;
  const random = randomFrom(seed);
  for (let turn = 0; turn < TURNS && !isAsGood(); turn++) {
    let tries = 0;
    const isEnough = () => isAsGood() || (stop() && tries++ >= TRIES_AT_ONCE);
    search(draft, { random, stop: isEnough, rounds, onlyLeftOut: true });
    if (!isAsGood()) takeOver(draft, anew, random);
  }
  return isAsGood() ? draft : anew;
}

function leavesOutPromised(draft: Draft): boolean {
  return brokenPromises(draft).length > 0;
}

/** What was left out before was agreed to; a search may have found what no plan made at once would. */
function leavesOutNoMoreThan({ metrics }: Plan, draft: Draft): boolean {
  const agreed = PRIORITIES.map((priority) => metrics.unplaced[priority]);
  return compareScores(draft.tally.score().slice(0, PRIORITIES.length), agreed) <= 0;
}

/** Where no more than this is left in a plan, looking costs next to nothing, and hardly anything can move. */
const FEW_TASKS = 30;

/** Whether of a short rest more that must be done has no place than before. */
function leavesOutMustsOf({ metrics }: Plan, draft: Draft): boolean {
  const placed = draft.model.tasks.filter((task) => draft.isPlaced(task)).length;
  return placed <= FEW_TASKS && (draft.tally.score()[0] ?? 0) > metrics.unplaced.must;
}

function brokenPromises(draft: Draft): Task[] {
  const promised = promisedIn(draft);
  return draft.out.filter((task) => promised.has(task) && !draft.isHopeless(task));
}

/** How often what is missing is looked for by chance, and then where the plan made anew has it. */
const TURNS = 3;

/** So often something is brought in even where a plan is wanted at once. */
const TRIES_AT_ONCE = 40;

/** Keeps what can stay, and moves along what can't. */
class Replanning {
  private readonly hard: readonly Link[];
  private readonly clusters: readonly Cluster[];

  constructor(
    private readonly draft: Draft,
    private readonly like: ReadonlyMap<Step, readonly Placed[]>,
    /** What finds its place before anything stays. */
    private readonly first: ReadonlySet<Task>,
  ) {
    this.hard = draft.model.links.filter((link) => link.hard);
    const starts = new Map(draft.movable.map((cluster) => [cluster, this.soonest(cluster)]));
    this.clusters = inOrder(
      draft.movable,
      this.hard,
      (a, b) => (starts.get(a) as number) - (starts.get(b) as number),
    );
  }

  run(): void {
    const chain = this.chainOfFirst();
    this.placeFirst(chain);
    const others = this.clusters.filter((cluster) => !chain.includes(cluster));
    const displaced = others.filter((cluster) => !this.stays(cluster));
    for (const cluster of displaced) this.findPlace(cluster);
    this.draft.leaveOutLoose();
    for (const cluster of this.clusters)
      if (this.isPlaced(cluster) && this.draft.lacksPredecessor(cluster)) this.draft.leaveOut(cluster.tasks);
  }

  /** What comes first, and before each what a hard rule puts there. */
  private chainOfFirst(): Cluster[] {
    const isFirst = ({ tasks }: Cluster) => tasks.some((task) => this.first.has(task));
    const found = new Set(this.clusters.filter(isFirst));
    // A set is walked on to what is added while it is walked.
    for (const next of found)
      for (const { before, after } of this.hard)
        if (next.tasks.includes(after.task)) found.add(this.draft.homeOf(before.task));
    return this.clusters.filter((cluster) => found.has(cluster));
  }

  /** What must come before stays, where it lies early enough; else all of it is placed anew. */
  private placeFirst(chain: readonly Cluster[]): void {
    const isFirst = ({ tasks }: Cluster) => tasks.some((task) => this.first.has(task));
    const before = chain.filter((cluster) => !isFirst(cluster) && !this.stays(cluster));
    for (const cluster of [...before, ...chain.filter(isFirst)]) this.placeAnew(cluster);
    if (chain.filter(isFirst).every((cluster) => this.isPlaced(cluster))) return;
    for (const cluster of chain) if (this.isPlaced(cluster)) this.draft.takeOff(cluster);
    for (const cluster of chain) this.placeAnew(cluster);
  }

  private placeAnew(cluster: Cluster): void {
    const { draft } = this;
    const isIn =
      draft.takeIn(cluster.tasks) &&
      !draft.lacksPredecessor(cluster) &&
      (this.place(cluster, { wishes: true }) || this.place(cluster, { wishes: false }));
    if (!isIn) draft.leaveOut(cluster.tasks);
  }

  private soonest({ tasks }: Cluster): number {
    const starts = tasks.flatMap(({ steps }) => steps.map((step) => this.like.get(step)?.[0]?.start));
    return Math.min(...starts.map((start) => start ?? Number.POSITIVE_INFINITY));
  }

  /** Exactly where it was, or nowhere for now. */
  private stays(cluster: Cluster): boolean {
    const steps = cluster.tasks.flatMap((task) => task.steps).filter((step) => !isGiven(step));
    if (!this.draft.takeIn(cluster.tasks)) {
      this.draft.leaveOut(cluster.tasks);
      return false;
    }
    if (!steps.every((step) => this.like.has(step))) return false;
    if (!this.place(cluster, { wishes: false, like: this.like })) return false;
    const { board } = this.draft;
    const same = steps.every(
      (step) => board.startOf(step) === this.like.get(step)?.[0]?.start && this.samePeople(step),
    );
    if (!same) this.draft.takeOff(cluster);
    return same;
  }

  /** Whether a cluster had a place before. */
  private lay({ tasks }: Cluster): boolean {
    return tasks.some(({ steps }) => steps.some((step) => this.like.has(step)));
  }

  private samePeople(step: Step): boolean {
    const now = this.draft.board.entriesOf(step).flatMap((entry) => entry.people);
    const before = (this.like.get(step) ?? []).flatMap((entry) => entry.people);
    return now.length === before.length && now.every((person) => before.includes(person));
  }

  /** As soon after its old place as there is room; else anywhere; else with what follows it moved along. */
  private findPlace(cluster: Cluster): void {
    const { draft } = this;
    // Moving what follows something else along may have found a place for it already.
    if (this.isPlaced(cluster)) return;
    if (cluster.tasks.some((task) => draft.isOut(task))) {
      for (const part of draft.partsOf(cluster))
        if (!part.tasks.some((task) => draft.isOut(task))) this.findPlace(part);
      return;
    }
    if (draft.lacksPredecessor(cluster)) {
      draft.leaveOut(cluster.tasks);
      return;
    }
    if (this.placeSomewhere(cluster)) return;
    // What was left out before, or would find no place even in an empty house, moves nothing else.
    const mayPush = this.lay(cluster) && !cluster.tasks.some((task) => draft.isHopeless(task));
    const followers = mayPush ? this.followersOf(cluster) : [];
    for (const follower of followers) draft.takeOff(follower);
    const parts = draft.partsOf(cluster);
    const isIn = followers.length > 0 && this.placeSomewhere(cluster);
    if (!isIn && parts.length > 1) for (const part of parts) this.findPlace(part);
    else if (!isIn) draft.leaveOut(cluster.tasks);
    for (const follower of followers) this.findPlace(follower);
  }

  private isPlaced({ tasks }: Cluster): boolean {
    return tasks.every((task) => this.draft.isPlaced(task));
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
    return placeCluster(this.draft.board, cluster, this.draft.links, options);
  }

  /** What a hard rule puts after it and stands on the board, directly or by others, in order. */
  private followersOf(cluster: Cluster): Cluster[] {
    const found = new Set<Cluster>([cluster]);
    for (const next of found)
      for (const link of this.hard) {
        if (!next.tasks.includes(link.before.task)) continue;
        const follower = this.draft.homeOf(link.after.task);
        if (follower.tasks.some(isOpen) && this.isPlaced(follower)) found.add(follower);
      }
    found.delete(cluster);
    return this.clusters.filter((other) => found.has(other));
  }
}

/** Done, fixed, over, or set going by what is. */
function isGiven(step: Step): boolean {
  return isSettled(step) || isGivenWait(step);
}
