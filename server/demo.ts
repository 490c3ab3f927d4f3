import { randomUUID } from 'node:crypto';
import type { Knex } from 'knex';
import { CATALOGUE } from '../core/catalogue/catalogue';
import type { Plan } from '../core/plan/plan';
import type { Problem } from '../core/plan/problem';
import { expand, expandWork, orderedWork } from '../core/problem/expand';
import { plan, replan } from '../core/spread';
import { aliveAt } from '../demo/alive';
import { FIRST_PLAN, juniperRow, underWay } from '../demo/juniper-row';
import { type HouseholdId, HouseholdScope } from './db/scope';
import { basisOf, sha256 } from './household/basis';
import { processWide } from './process/process-wide';
import { findDemoHousehold } from './repositories/accounts';
import { addPlan } from './repositories/clean';
import { insertHousehold } from './repositories/household';

/** Makes the first plan of the demo: here, or in a thread of its own. */
export type MakeFirst = (problem: Problem) => Promise<Plan>;

const HERE: MakeFirst = async (problem) =>
  plan(problem, { problemHash: '0'.repeat(64), ...FIRST_PLAN, stop: () => false });

/** The first plan of each date: worked out once, since it is the same for every visitor. */
const made = processWide('demo', () => new Map<string, Promise<Plan>>());

/** Puts the demo household into the database, as it stands at `now`, with its first plan and today's. */
export async function insertDemo(db: Knex, now: string, makeFirst: MakeFirst = HERE): Promise<HouseholdId> {
  const today = now.slice(0, 10);
  const fresh = juniperRow(today);
  const first = await firstOn(today, expand(fresh, CATALOGUE), makeFirst);
  const household = aliveAt(underWay(fresh, expand(fresh, CATALOGUE), first, today), now);
  const id = randomUUID() as HouseholdId;
  const work = orderedWork(household, CATALOGUE);
  const problem = expandWork(household, work, now);
  const latest = replan(problem, first, sha256(JSON.stringify(problem)));
  const basis = basisOf(household, work);
  await db.transaction(async (trx) => {
    await trx('households').insert({ id, name: household.name, timezone: household.timezone, is_demo: true });
    const scope = new HouseholdScope(trx, id);
    await insertHousehold(scope, household);
    const kept = { basis, madeAt: `${household.clean.start}T08:00`, plan: first };
    await addPlan(scope, household.clean.id, { id: randomUUID(), ...kept });
    await addPlan(scope, household.clean.id, { id: randomUUID(), basis, madeAt: now, plan: latest });
  });
  return id;
}

function firstOn(today: string, problem: Problem, makeFirst: MakeFirst): Promise<Plan> {
  const known = made.get(today) ?? makeFirst(problem);
  made.clear();
  made.set(today, known);
  // What failed is tried again by the next visitor.
  known.catch(() => made.delete(today));
  return known;
}

/** How long a visitor's copy of the demo is kept. */
const COPY_DAYS = 3;

/**
 * The demo household for one visitor, as it stands at `now`: nobody finds what somebody else has tried out, nor a house
 * that was alive last week. Copies that nobody can be using any more go. Undefined where there is no demo in this
 * database.
 */
export async function copyDemo(
  db: Knex,
  now: string,
  makeFirst: MakeFirst = HERE,
): Promise<HouseholdId | undefined> {
  const original = await findDemoHousehold(db);
  if (!original) return undefined;
  await db('households')
    .where({ is_demo: true })
    .whereNot({ id: original })
    .where('created_at', '<', db.raw('now() - interval ? day', [COPY_DAYS]))
    .del();
  return insertDemo(db, now, makeFirst);
}
