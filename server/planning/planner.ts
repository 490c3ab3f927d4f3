import type { Knex } from 'knex';
import type { Plan } from '../../core/plan/plan';
import { type HouseholdId, HouseholdScope } from '../db/scope';
import { keptHousehold } from '../household/kept';
import type { PlanWish } from '../household/wish';
import { tell, type When, whenWished } from '../news/hub';
import { nowIn } from '../process/clock';
import { log } from '../process/log';
import { processWide } from '../process/process-wide';
import { addPlan, loadPlansAround } from '../repositories/clean';
import { type NewPlan, planWished } from './make-plan';

/**
 * Makes the plans that are wished for. A wish is a row of the database: it outlives a crash, and the newest wins. One plan
 * is made at a time for a household.
 */

/** A plan before and after something that it rests on has changed. */
export type Replanned = { readonly before: Plan; readonly after: Plan };

/** The local time in a time zone. */
type Clock = (timezone: string) => string;

/** Changes that come one after another are planned once, when there has been none for so long. */
export const QUIET_MS = 1_200;
/** A plan that could not be made is tried again, less and less often. */
export const TRY_AGAIN_MS = [1_000, 5_000, 30_000];
/** A plan for something that has changed since is not kept; but after so many of them one is, so that there is one. */
const MOST_OUTDATED = 3;

const state = () =>
  processWide('planner', () => ({
    flights: new Map<HouseholdId, Promise<void>>(),
    timers: new Map<HouseholdId, ReturnType<typeof setTimeout>>(),
  }));

/**
 * From now on wishes are fulfilled by themselves, those first that were left open by a process that ended. Without it, as in
 * a test, they are when somebody asks.
 */
export async function startPlanning(db: Knex): Promise<void> {
  const scopeOf = (id: string) => new HouseholdScope(db, id as HouseholdId);
  whenWished((household, when) => planSoon(scopeOf(household), when));
  for (const id of await openWishes(db)) planSoon(scopeOf(id), 'now');
}

type Elsewhere = { fulfil?: (scope: HouseholdScope) => Promise<void> | undefined };
const elsewhere = () => processWide<Elsewhere>('planned-elsewhere', () => ({}));

/** Wishes are fulfilled by other processes; undefined from it where they can’t be reached, and this one has to. */
export function planElsewhere(
  db: Knex,
  by: {
    readonly wished: (household: string, when: When) => Promise<void> | undefined;
    readonly fulfil: Elsewhere['fulfil'];
  },
): void {
  elsewhere().fulfil = by.fulfil;
  whenWished((household, when) => {
    const scope = new HouseholdScope(db, household as HouseholdId);
    const asked = by.wished(household, when);
    if (!asked) planSoon(scope, when);
    else asked.catch(() => planSoon(scope, when));
  });
}

/** Whether a household has a wish that nobody has fulfilled yet. */
export async function isWishOpen(scope: HouseholdScope): Promise<boolean> {
  return (await openWish(scope)) !== undefined;
}

/** All households with a wish that nobody has fulfilled yet. */
export async function openWishes(db: Knex): Promise<HouseholdId[]> {
  const open: { id: HouseholdId }[] = await db('households').whereRaw('plan_wanted > plan_made').select('id');
  return open.map(({ id }) => id);
}

/** There is a wish: it is fulfilled at once, or when no more changes come. */
function planSoon(scope: HouseholdScope, when: When, tries = 0): void {
  const { timers } = state();
  clearTimeout(timers.get(scope.household));
  const wait = tries > 0 ? TRY_AGAIN_MS[tries - 1] : when === 'soon' ? QUIET_MS : 0;
  const timer = setTimeout(() => {
    timers.delete(scope.household);
    fulfil(scope).catch((error: unknown) => {
      log.error({ err: { type: error instanceof Error ? error.name : 'unknown' } }, 'a plan was not made');
      // Left open after that: the next change or the next start takes it up.
      if (tries < TRY_AGAIN_MS.length) planSoon(scope, 'now', tries + 1);
    });
  }, wait);
  timers.set(scope.household, timer);
}

/** Waits until a wish is fulfilled; what the plan was before it and after, or undefined where it could stay as it was. */
export async function planned(
  scope: HouseholdScope,
  wish: number,
  clock: Clock = nowIn,
): Promise<Replanned | undefined> {
  await (elsewhere().fulfil?.(scope) ?? fulfil(scope, clock));
  const { clean } = (await keptHousehold(scope)).household;
  return clean && loadPlansAround(scope, clean.id, wish);
}

/** Fulfils all wishes of a household; whoever asks meanwhile waits for the same. */
export async function fulfil(scope: HouseholdScope, clock: Clock = nowIn): Promise<void> {
  const { flights } = state();
  const known = flights.get(scope.household);
  if (known) await known.catch(() => undefined);
  if (flights.has(scope.household)) return fulfil(scope, clock);
  const flight = fulfilAll(scope, clock).finally(() => flights.delete(scope.household));
  flights.set(scope.household, flight);
  await flight;
}

async function fulfilAll(scope: HouseholdScope, clock: Clock): Promise<void> {
  for (let outdated = 0; ; ) {
    const wished = await openWish(scope);
    if (!wished) return;
    const kept = await keptHousehold(scope);
    const made = await planWished(scope, kept, wished.wish, clock(kept.household.timezone));
    const isKept = await keepPlan(scope, wished, kept.household.clean?.id, made, outdated >= MOST_OUTDATED);
    outdated = isKept ? 0 : outdated + 1;
    if (isKept) tell(scope.household, { kind: 'plan' });
  }
}

type Wished = { readonly number: number; readonly wish: PlanWish };

async function openWish(scope: HouseholdScope): Promise<Wished | undefined> {
  const row: { plan_wanted: number; plan_made: number; plan_wish: string | null } | undefined = await scope
    .own()
    .first('plan_wanted', 'plan_made', 'plan_wish');
  if (!row || row.plan_made >= row.plan_wanted || row.plan_wish === null) return undefined;
  return { number: row.plan_wanted, wish: JSON.parse(row.plan_wish) };
}

/** Keeps a plan with the word that its wish is fulfilled; false where another wish has come meanwhile, for which it was not made. */
function keepPlan(
  scope: HouseholdScope,
  { number }: Wished,
  cleanId: string | undefined,
  made: NewPlan | undefined,
  anyway: boolean,
): Promise<boolean> {
  return scope.transaction(async (inside) => {
    const standing = await inside.lock();
    // Another process was faster with the same.
    if (standing.planMade >= number) return true;
    if (standing.planWanted !== number && !anyway) return false;
    if (made && cleanId !== undefined) await addPlan(inside, cleanId, made, number);
    await inside.own().update({ plan_made: number, revision: standing.revision + 1 });
    return true;
  });
}
