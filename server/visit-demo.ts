import type { Knex } from 'knex';
import type { Plan } from '../core/plan/plan';
import type { Problem } from '../core/plan/problem';
import { DEMO_TIMEZONE, FIRST_PLAN } from '../demo/juniper-row';
import type { HouseholdId } from './db/scope';
import { copyDemo } from './demo';
import { planInWorker } from './planning/workers';
import { nowIn } from './process/clock';

/** A demo household of this moment for whoever looks round; undefined where there is no demo in this database. */
export function visitDemo(db: Knex): Promise<HouseholdId | undefined> {
  return copyDemo(db, nowIn(DEMO_TIMEZONE), planAside);
}

/** The first plan of the demo, made in a thread of its own: whoever else is at it does not wait. */
function planAside(problem: Problem): Promise<Plan> {
  return planInWorker('visitors', { do: 'plan', problem, problemHash: '0'.repeat(64), ...FIRST_PLAN });
}
