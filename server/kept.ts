import { CATALOGUE } from '../core/catalogue/catalogue';
import type { Campaign, StoredHousehold } from '../core/clean/campaign';
import { expandWork } from '../core/clean/expand';
import { type CleanTask, listTasks } from '../core/clean/tasks';
import { workOf } from '../core/clean/work';
import { type OrderedWork, orderWork } from '../core/order/ordered';
import { basisOf } from './basis';
import type { HouseholdId, HouseholdScope } from './db/scope';
import { loadPlans } from './repositories/clean';
import { type EditWords, loadEditWords } from './repositories/edits';
import { loadHousehold } from './repositories/household';

/** What was read of a household and worked out from it, good until the household's revision moves on. */
export type Kept = {
  readonly revision: number;
  readonly household: StoredHousehold;
  readonly tasks: readonly CleanTask[];
  readonly order: OrderedWork;
  /** All that could be done, in scope or not. */
  readonly listed: readonly CleanTask[];
  readonly edits: EditWords;
  readonly plans: Campaign['plans'];
  /** What a plan made now would rest on; undefined without a clean. */
  readonly basis: string | undefined;
};

/** How work is grouped where no clean says otherwise. */
export const USUAL_GROUPING = 'room';

/** Households in use at the same time are few; the one that was not looked at for longest goes first. */
const MOST_KEPT = 50;

const kept = new Map<HouseholdId, Kept>();

/** The household as it is in the database. Read and worked out again only after a change. */
export async function keptHousehold(scope: HouseholdScope): Promise<Kept> {
  const revision = await revisionOf(scope);
  const known = kept.get(scope.household);
  const fresh = known?.revision === revision ? known : await readHousehold(scope, revision);
  kept.delete(scope.household);
  kept.set(scope.household, fresh);
  if (kept.size > MOST_KEPT) kept.delete(kept.keys().next().value as HouseholdId);
  return fresh;
}

async function revisionOf(scope: HouseholdScope): Promise<number> {
  const row: { revision: number } | undefined = await scope.own().first('revision');
  if (!row) throw new Error('The household of this session is not there.');
  return Number(row.revision);
}

async function readHousehold(scope: HouseholdScope, revision: number): Promise<Kept> {
  const household = await loadHousehold(scope);
  const { clean } = household;
  const listed = listTasks(workOf(household, CATALOGUE));
  const tasks = listed.filter((task) => task.scope.in);
  const order = orderWork(tasks, household.home, household.rules, clean?.grouping ?? USUAL_GROUPING);
  return {
    revision,
    household,
    tasks,
    order,
    listed,
    edits: await loadEditWords(scope),
    plans: clean && (await loadPlans(scope, clean.id)),
    basis: clean && basisOf(expandWork({ ...household, clean }, order, undefined)),
  };
}
