import { CATALOGUE } from '../../core/catalogue/catalogue';
import { fixturesOf, roomsOf } from '../../core/home/room';
import type { StoredHousehold } from '../../core/household/stored';
import { type OrderedWork, orderWork } from '../../core/order/ordered';
import type { Campaign } from '../../core/problem/campaign';
import type { ProductChoice, Products } from '../../core/products/product-choice';
import { type CleanTask, listTasks, tasksAmong } from '../../core/work/tasks';
import { usesOf } from '../../core/work/uses';
import { workOf } from '../../core/work/work';
import type { HouseholdId, HouseholdScope } from '../db/scope';
import { processWide } from '../process/process-wide';
import { loadParts, loadPlans, loadTicks } from '../repositories/clean';
import { type EditWords, loadEditWords } from '../repositories/edits';
import { loadHousehold } from '../repositories/household';
import { basisOf } from './basis';
import { fromReplica } from './replica';
import { type Versions, versionsOf } from './versions';

/** How work is grouped where no clean says otherwise. */
export const USUAL_GROUPING = 'room';

/**
 * Households in use at the same time are few; the one that was not looked at for longest goes first. Their things say how
 * much they take: some ten kilobytes each, with all that follows from them.
 */
const MOST_THINGS_KEPT = 15_000;

type Uses = ReturnType<typeof usesOf>;

type WorkedOut = {
  readonly listed: readonly CleanTask[];
  readonly tasks: readonly CleanTask[];
  readonly order: OrderedWork;
};

/**
 * What was read of a household, good until its revision moves on; its ticks until the next thing happens on a day. What
 * follows from it is worked out when somebody first asks.
 */
export class Kept {
  /** How many things there are in it: by them goes what it takes to keep it. */
  readonly things: number;
  private work: WorkedOut | undefined;
  private basisNow: string | undefined;
  private usesNow: Uses | undefined;

  constructor(
    readonly versions: Versions,
    readonly household: StoredHousehold,
    readonly edits: EditWords,
    readonly plans: Campaign['plans'],
  ) {
    this.things = thingsIn(household.home);
  }

  get revision(): number {
    return this.versions.revision;
  }

  get daySeq(): number {
    return this.versions.daySeq;
  }

  /** Tasks that are in scope. */
  get tasks(): readonly CleanTask[] {
    return this.workedOut().tasks;
  }

  get order(): OrderedWork {
    return this.workedOut().order;
  }

  /** All that could be done, in scope or not. */
  get listed(): readonly CleanTask[] {
    return this.workedOut().listed;
  }

  /** What a plan made now would rest on; undefined without a clean. */
  get basis(): string | undefined {
    const { clean } = this.household;
    if (clean) this.basisNow ??= basisOf({ ...this.household, clean }, this.order);
    return this.basisNow;
  }

  /** The same household with other ticks: nothing else has to be worked out again, unless other products were used than planned. */
  ticked(versions: Versions, ticks: StoredHousehold['ticks'], parts: StoredHousehold['parts']): Kept {
    const { work, edits, plans } = this;
    const fresh = new Kept(versions, { ...this.household, ticks, parts }, edits, plans);
    if (!work || !isUsedAsListed(this.uses, fresh.uses, work)) return fresh;
    fresh.work = work;
    fresh.basisNow = this.basisNow;
    return fresh;
  }

  /** What each task that is begun was done with. */
  private get uses(): Uses {
    this.usesNow ??= usesOf(this.household.ticks);
    return this.usesNow;
  }

  private workedOut(): WorkedOut {
    this.work ??= workedOut(this.household);
    return this.work;
  }
}

const counted = new WeakMap<StoredHousehold['home'], number>();

function thingsIn(home: StoredHousehold['home']): number {
  const known = counted.get(home);
  if (known !== undefined) return known;
  const things = 1 + roomsOf(home).flatMap(fixturesOf).length;
  counted.set(home, things);
  return things;
}

function workedOut(household: StoredHousehold): WorkedOut {
  const work = workOf(household, CATALOGUE);
  const listed = listTasks(work);
  const tasks = tasksAmong(listed, work);
  const grouping = household.clean?.grouping ?? USUAL_GROUPING;
  return { listed, tasks, order: orderWork(tasks, household.home, household.rules, grouping) };
}

/** Whether what was begun meanwhile was begun with what it is listed with: then all is listed as it was. */
function isUsedAsListed(was: Uses, is: Uses, { listed, tasks }: WorkedOut): boolean {
  for (const task of was.keys()) if (!is.has(task)) return false;
  const others = [...is].filter(
    ([task, use]) => was.get(task) !== use && wordOf(was.get(task)) !== wordOf(use),
  );
  if (others.length === 0) return true;
  const products = new Map<string, ProductChoice>(
    [...listed, ...tasks].map((task) => [task.id, task.products]),
  );
  return others.every(([task, use]) => {
    const choice = products.get(task);
    return choice !== undefined && choice.swap === undefined && wordOf(choice) === wordOf(use);
  });
}

/** Products as one text. */
function wordOf(products: Products | undefined): string | undefined {
  return products && JSON.stringify([products.school, products.doses, products.disinfectant]);
}

const kept = processWide('kept', () => new Map<HouseholdId, Kept>());

/** Households that somebody has looked at lately. */
export function keptIds(): HouseholdId[] {
  return [...kept.keys()];
}

/** The household as it is in the database. Read again only after a change. */
export async function keptHousehold(scope: HouseholdScope): Promise<Kept> {
  return upTo(scope, await versionsOf(scope));
}

/** The same where the versions are known; inside a transaction that holds the household, it is what others can't change. */
export async function upTo(scope: HouseholdScope, versions: Versions): Promise<Kept> {
  const known = kept.get(scope.household);
  if (known?.revision !== versions.revision) {
    const fresh = keep(scope, await readHousehold(scope, versions));
    if (!known) for (const hear of readers) hear(scope.household);
    return fresh;
  }
  if (known.daySeq === versions.daySeq) return keep(scope, known);
  return keep(scope, await withTicks(scope, known, versions.daySeq));
}

const readers = processWide('kept-readers', () => new Set<(id: HouseholdId) => void>());

/** Calls back whenever a household was read that was not at hand. */
export function whenRead(hear: (id: HouseholdId) => void): void {
  readers.add(hear);
}

/** Keeps what a change has led to, so that nobody has to read it; what was not looked at for longest goes. */
export function keep(scope: HouseholdScope, fresh: Kept): Kept {
  kept.delete(scope.household);
  kept.set(scope.household, fresh);
  let things = [...kept.values()].reduce((sum, one) => sum + one.things, 0);
  for (const [oldest, one] of kept) {
    if (things <= MOST_THINGS_KEPT || oldest === scope.household) break;
    kept.delete(oldest);
    things -= one.things;
  }
  return fresh;
}

async function withTicks(scope: HouseholdScope, known: Kept, daySeq: number): Promise<Kept> {
  const { clean } = known.household;
  const versions = { revision: known.revision, daySeq };
  if (!clean) return known.ticked(versions, [], []);
  const [ticks, parts] = await Promise.all([loadTicks(scope, clean.id), loadParts(scope)]);
  return known.ticked(versions, ticks, parts);
}

function readHousehold(scope: HouseholdScope, versions: Versions): Promise<Kept> {
  return fromReplica(scope, versions, async (from) => {
    const household = await loadHousehold(from);
    const { clean } = household;
    const [edits, plans] = await Promise.all([
      loadEditWords(from),
      clean ? loadPlans(from, clean.id) : undefined,
    ]);
    return new Kept(versions, household, edits, plans);
  });
}
