import { randomUUID } from 'node:crypto';
import type { Knex } from 'knex';
import { CATALOGUE } from '../core/catalogue/catalogue';
import { expand } from '../core/problem/expand';
import { replan } from '../core/spread';
import { juniperRowUnderWay } from '../demo/juniper-row';
import { type HouseholdId, HouseholdScope } from './db/scope';
import { basisOf, sha256 } from './household/basis';
import { processWide } from './process/process-wide';
import { findDemoHousehold } from './repositories/accounts';
import { addPlan } from './repositories/clean';
import { householdFile, insertHousehold } from './repositories/household';

/** The demo as it is loaded on a date: worked out once, since it is the same for every visitor. */
const loaded = processWide('demo', () => new Map<string, ReturnType<typeof juniperRowUnderWay>>());

function underWayOn(today: string): ReturnType<typeof juniperRowUnderWay> {
  const known = loaded.get(today) ?? juniperRowUnderWay(today);
  loaded.clear();
  loaded.set(today, known);
  return structuredClone(known);
}

/** Puts the demo household into the database, as it stands on the day of `now`, with its first plan and today's. */
export async function insertDemo(db: Knex, now: string): Promise<HouseholdId> {
  const { household, first } = underWayOn(now.slice(0, 10));
  const id = randomUUID() as HouseholdId;
  const problem = expand(household, CATALOGUE, now);
  const latest = replan(problem, first, sha256(JSON.stringify(problem)));
  await db.transaction(async (trx) => {
    await trx('households').insert({ id, name: household.name, timezone: household.timezone, is_demo: true });
    const scope = new HouseholdScope(trx, id);
    await insertHousehold(scope, household);
    const basis = basisOf(problem, household.clean);
    await addPlan(scope, household.clean.id, {
      id: randomUUID(),
      basis,
      madeAt: `${household.clean.start}T08:00`,
      plan: first,
    });
    await addPlan(scope, household.clean.id, { id: randomUUID(), basis, madeAt: now, plan: latest });
  });
  return id;
}

/** How long a visitor's copy of the demo is kept. */
const COPY_DAYS = 3;

/**
 * A copy of the demo household for one visitor, so that nobody finds what somebody else has tried out. Copies that
 * nobody can be using any more go. Undefined where there is no demo in this database.
 */
export async function copyDemo(db: Knex): Promise<HouseholdId | undefined> {
  const original = await findDemoHousehold(db);
  if (!original) return undefined;
  const demo = await householdFile(new HouseholdScope(db, original));
  const id = randomUUID() as HouseholdId;
  await db.transaction(async (trx) => {
    await trx('households')
      .where({ is_demo: true })
      .whereNot({ id: original })
      .where('created_at', '<', trx.raw('now() - interval ? day', [COPY_DAYS]))
      .del();
    await trx('households').insert({ id, name: demo.name, timezone: demo.timezone, is_demo: true });
    await insertHousehold(new HouseholdScope(trx, id), demo);
  });
  return id;
}
