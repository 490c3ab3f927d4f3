import type { Knex } from 'knex';
import type { HouseholdId, HouseholdScope } from '../db/scope';

/** A household that goes for good, with everything in it: after a pause, in which anybody of it may think better of it. */

const PAUSE_S = 7 * 24 * 60 * 60;

const nowS = () => Math.floor(Date.now() / 1000);

/** Says when it goes, in seconds since 1970; asked for twice, the first time counts. */
export async function askToGo(scope: HouseholdScope, now = nowS()): Promise<number> {
  const known = await goesAt(scope);
  if (known !== undefined) return known;
  await scope.own().update({ goes_s: now + PAUSE_S });
  return now + PAUSE_S;
}

export async function stay(scope: HouseholdScope): Promise<void> {
  await scope.own().update({ goes_s: null });
}

/** Seconds since 1970; undefined where nobody has asked for it. */
export async function goesAt(scope: HouseholdScope): Promise<number | undefined> {
  const row: { goes_s: number | null } | undefined = await scope.own().first('goes_s');
  return row?.goes_s ? Number(row.goes_s) : undefined;
}

/** Takes away what has had its pause; returns which households that were. */
export async function sweepGone(db: Knex, now = nowS()): Promise<HouseholdId[]> {
  const gone: { id: HouseholdId }[] = await db('households').where('goes_s', '<=', now).select('id');
  // Everything of a household points at it, and goes with it.
  for (const { id } of gone) await db('households').where({ id }).where('goes_s', '<=', now).delete();
  return gone.map(({ id }) => id);
}
