import type { Happening } from '../../core/household/happenings';
import type { HouseholdScope } from '../db/scope';

/** What happened at the door of a household, for those who live in it to read. */

export type LogLine = {
  readonly what: Happening;
  readonly device: string;
  /** Seconds since 1970. */
  readonly atS: number;
  /** Of the account that did it, where it is still there. */
  readonly email: string | undefined;
};

/** So many lines are kept. */
const MOST_LINES = 500;

type Entry = { readonly what: Happening; readonly account: string | undefined; readonly device: string };

export async function writeDown(
  scope: HouseholdScope,
  { what, account, device }: Entry,
  atS = Math.floor(Date.now() / 1000),
): Promise<void> {
  await scope.insert('access_log', [{ what, account_id: account ?? null, device, at_s: atS }]);
  const old: { position: number } | undefined = await scope
    .rows('access_log')
    .orderBy('position', 'desc')
    .offset(MOST_LINES)
    .first('position');
  if (old) await scope.rows('access_log').where('position', '<=', old.position).delete();
}

/** The latest first. */
export async function readLog(scope: HouseholdScope, most: number): Promise<LogLine[]> {
  const rows: { what: Happening; device: string; at_s: number; email: string | null }[] = await scope
    .rows('access_log')
    .leftJoin('accounts', (join) =>
      join
        .on('accounts.household_id', 'access_log.household_id')
        .andOn('accounts.id', 'access_log.account_id'),
    )
    .orderBy('access_log.position', 'desc')
    .limit(most)
    .select('access_log.what', 'access_log.device', 'access_log.at_s', 'accounts.email');
  return rows.map(({ what, device, at_s, email }) => ({
    what,
    device,
    atS: Number(at_s),
    email: email ?? undefined,
  }));
}
