import type { Knex } from 'knex';
import type { Clean } from '../../core/clean/clean';
import type { PartDone, Tick } from '../../core/clean/tick';
import type { KeptPlan } from '../../core/plan/kept-plan';
import { planSchema } from '../../core/plan/plan';
import { CLEANS, TICKS } from '../db/codecs';
import type { HouseholdScope, Row } from '../db/scope';

/** The clean that a household is about, its plans by version, and what is ticked off. */

export async function loadClean(scope: HouseholdScope): Promise<Clean | undefined> {
  const row: Row | undefined = await scope.rows('cleans').orderBy('start', 'desc').first();
  return row && CLEANS.ofRow(row);
}

export async function loadTicks(scope: HouseholdScope, cleanId: string): Promise<Tick[]> {
  const rows: Row[] = await scope
    .rows('ticks')
    .where({ clean_id: cleanId })
    .orderBy('at')
    .orderBy('step')
    .select('step', 'at', 'used', 'seconds', 'person');
  return rows.map(TICKS.ofRow);
}

export async function insertTicks(
  scope: HouseholdScope,
  cleanId: string,
  ticks: readonly Tick[],
): Promise<void> {
  await scope.insert('ticks', tickRows(cleanId, ticks));
}

/** What inserts them, to be sent with other writes. */
export function insertingTicks(
  scope: HouseholdScope,
  cleanId: string,
  ticks: readonly Tick[],
): Knex.QueryBuilder[] {
  return scope.inserting('ticks', tickRows(cleanId, ticks));
}

function tickRows(cleanId: string, ticks: readonly Tick[]): Row[] {
  return ticks.map((tick) => ({ ...TICKS.toRow(tick), clean_id: cleanId }));
}

/** How long a ticked step took after all. */
export async function correctTime(
  scope: HouseholdScope,
  cleanId: string,
  step: string,
  seconds: number,
): Promise<void> {
  await scope.rows('ticks').where({ clean_id: cleanId, step }).update({ seconds });
}

export async function untick(
  scope: HouseholdScope,
  cleanId: string,
  steps: readonly string[],
): Promise<void> {
  await scope.rows('ticks').where({ clean_id: cleanId }).whereIn('step', steps).del();
}

export async function loadParts(scope: HouseholdScope): Promise<PartDone[]> {
  const rows: { id: string; share: number }[] = await scope.rows('parts').orderBy('id').select('id', 'share');
  return rows.map(({ id, share }) => ({ step: id, share }));
}

export async function putParts(scope: HouseholdScope, parts: readonly PartDone[]): Promise<void> {
  await scope.putAll(
    'parts',
    parts.map(({ step, share }) => ({ id: step, share })),
    ['id'],
  );
}

export async function dropParts(scope: HouseholdScope, steps: readonly string[]): Promise<void> {
  await scope.dropAll('parts', steps);
}

export async function loadPlans(
  scope: HouseholdScope,
  cleanId: string,
): Promise<{ first: KeptPlan; latest: KeptPlan } | undefined> {
  const of = (direction: 'asc' | 'desc') =>
    scope.rows('plans').where({ clean_id: cleanId }).orderBy('version', direction).first();
  const [first, latest] = await Promise.all([of('asc'), of('desc')]);
  return first && latest ? { first: keptPlan(first), latest: keptPlan(latest) } : undefined;
}

export async function loadAllPlans(scope: HouseholdScope, cleanId: string): Promise<KeptPlan[]> {
  const rows = await scope.rows('plans').where({ clean_id: cleanId }).orderBy('version').select();
  return rows.map(keptPlan);
}

/** Plans after the first that a file holds: each is larger than all the rest of a household. */
const LAST_IN_FILE = 5;

/** The first plan and the last few: what a file holds of them. */
export async function loadPlansForFile(scope: HouseholdScope, cleanId: string): Promise<KeptPlan[]> {
  const rows = await scope.rows('plans').where({ clean_id: cleanId }).orderBy('version').select('id');
  const ids = [...rows.slice(0, 1), ...rows.slice(1).slice(-LAST_IN_FILE)].map(({ id }) => id);
  return (await scope.rows('plans').whereIn('id', ids).orderBy('version').select()).map(keptPlan);
}

export async function loadPlan(
  scope: HouseholdScope,
  cleanId: string,
  version: number,
): Promise<KeptPlan | undefined> {
  const row = await scope.rows('plans').where({ clean_id: cleanId, version }).first();
  return row && keptPlan(row);
}

/** The latest plan that rests on just this. */
export async function loadPlanOn(
  scope: HouseholdScope,
  cleanId: string,
  basis: string,
): Promise<KeptPlan | undefined> {
  const row = await scope
    .rows('plans')
    .where({ clean_id: cleanId, basis })
    .orderBy('version', 'desc')
    .first();
  return row && keptPlan(row);
}

export async function insertPlans(
  scope: HouseholdScope,
  cleanId: string,
  plans: readonly KeptPlan[],
): Promise<void> {
  await scope.insert(
    'plans',
    plans.map((kept) => planRow(cleanId, `${cleanId}-${kept.version}`, kept)),
  );
}

/** Plans that are kept beside the first; each move by hand makes one. */
const MOST_PLANS = 40;

/** Keeps a plan as the next version; only under the lock of the household. `wish` is the one that it fulfils. */
export async function addPlan(
  scope: HouseholdScope,
  cleanId: string,
  kept: Omit<KeptPlan, 'version'> & { readonly id: string },
  wish?: number,
): Promise<void> {
  const row: { last: number | null } = await scope
    .rows('plans')
    .where({ clean_id: cleanId })
    .max({ last: 'version' })
    .first();
  const version = (row.last ?? 0) + 1;
  await scope.insert('plans', [{ ...planRow(cleanId, kept.id, { ...kept, version }), wish: wish ?? null }]);
  await scope
    .rows('plans')
    .where({ clean_id: cleanId })
    .where('version', '>', 1)
    .where('version', '<=', version - MOST_PLANS)
    .del();
}

/** The plan that fulfilled a wish, and the one before it; undefined where none had to be made. */
export async function loadPlansAround(
  scope: HouseholdScope,
  cleanId: string,
  wish: number,
): Promise<{ readonly before: KeptPlan['plan']; readonly after: KeptPlan['plan'] } | undefined> {
  const of = () => scope.rows('plans').where({ clean_id: cleanId });
  const after = await of().where('wish', '>=', wish).orderBy('version').first();
  if (!after) return undefined;
  const before = await of().where('version', '<', after.version).orderBy('version', 'desc').first();
  return before && { before: keptPlan(before).plan, after: keptPlan(after).plan };
}

function planRow(cleanId: string, id: string, kept: KeptPlan): Row {
  return {
    id,
    clean_id: cleanId,
    version: kept.version,
    basis: kept.basis,
    document: JSON.stringify(kept.plan),
    made_at: kept.madeAt,
  };
}

function keptPlan(row: { version: number; basis: string; made_at: string; document: string }): KeptPlan {
  return {
    version: row.version,
    basis: row.basis,
    madeAt: row.made_at,
    plan: planSchema.parse(JSON.parse(row.document)),
  };
}
