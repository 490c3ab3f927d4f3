import { CATALOGUE } from '../core/catalogue/catalogue';
import type { Campaign, StoredHousehold } from '../core/clean/campaign';
import { expandWork } from '../core/clean/expand';
import { type CleanTask, listTasks } from '../core/clean/tasks';
import { workOf } from '../core/clean/work';
import { type OrderedWork, orderWork } from '../core/order/ordered';
import { basisOf } from './basis';
import type { HouseholdId, HouseholdScope } from './db/scope';
import { processWide } from './process-wide';
import { loadParts, loadPlans, loadTicks } from './repositories/clean';
import { type EditWords, loadEditWords } from './repositories/edits';
import { loadHousehold } from './repositories/household';

/**
 * What was read of a household and worked out from it, good until the household's revision moves on; its ticks until
 * the next thing happens on a day.
 */
export type Kept = {
  readonly revision: number;
  readonly daySeq: number;
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
const MOST_KEPT = 250;

const kept = processWide('kept', () => new Map<HouseholdId, Kept>());

/** How far a household has come: its revision moves with every change, the number of its day with all that happens. */
export type Versions = { readonly revision: number; readonly daySeq: number };

/** The household as it is in the database. Read and worked out again only after a change. */
export async function keptHousehold(scope: HouseholdScope): Promise<Kept> {
  const versions = await versionsOf(scope);
  const known = kept.get(scope.household);
  if (known?.revision !== versions.revision) return keep(scope, await readHousehold(scope, versions));
  return known.daySeq === versions.daySeq
    ? keep(scope, known)
    : keep(scope, await withTicks(scope, known, versions.daySeq));
}

/** The same for what does not depend on what is ticked off, which may be missing some of the last ticks. */
export async function keptWork(scope: HouseholdScope): Promise<Kept> {
  const versions = await versionsOf(scope);
  const known = kept.get(scope.household);
  return known?.revision === versions.revision ? known : keep(scope, await readHousehold(scope, versions));
}

function keep(scope: HouseholdScope, fresh: Kept): Kept {
  kept.delete(scope.household);
  kept.set(scope.household, fresh);
  if (kept.size > MOST_KEPT) kept.delete(kept.keys().next().value as HouseholdId);
  return fresh;
}

export async function versionsOf(scope: HouseholdScope): Promise<Versions> {
  const row: { revision: number; day_seq: number } | undefined = await scope
    .own()
    .first('revision', 'day_seq');
  if (!row) throw new Error('The household of this session is not there.');
  return { revision: Number(row.revision), daySeq: row.day_seq };
}

/** After a tick nothing else has to be worked out again, unless products were used: what must not meet them waits. */
async function withTicks(scope: HouseholdScope, known: Kept, daySeq: number): Promise<Kept> {
  const { clean } = known.household;
  if (!clean) return { ...known, daySeq };
  const [ticks, parts] = await Promise.all([loadTicks(scope, clean.id), loadParts(scope)]);
  if (usedIn(ticks) !== usedIn(known.household.ticks))
    return readHousehold(scope, { revision: known.revision, daySeq });
  const household = { ...known.household, ticks, parts };
  const basis = basisOf(expandWork({ ...household, clean }, known.order, undefined));
  return { ...known, daySeq, household, basis };
}

/** The steps with which products were used, as one text. */
function usedIn(ticks: StoredHousehold['ticks']): string {
  return ticks
    .filter(({ used }) => used)
    .map(({ step, at }) => `${step} ${at}`)
    .sort()
    .join();
}

async function readHousehold(scope: HouseholdScope, versions: Versions): Promise<Kept> {
  const household = await loadHousehold(scope);
  const { clean } = household;
  const listed = listTasks(workOf(household, CATALOGUE));
  const tasks = listed.filter((task) => task.scope.in);
  const order = orderWork(tasks, household.home, household.rules, clean?.grouping ?? USUAL_GROUPING);
  return {
    ...versions,
    household,
    tasks,
    order,
    listed,
    edits: await loadEditWords(scope),
    plans: clean && (await loadPlans(scope, clean.id)),
    basis: clean && basisOf(expandWork({ ...household, clean }, order, undefined)),
  };
}
