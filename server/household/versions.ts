import type { HouseholdScope } from '../db/scope';

/** How far a household has come: its revision moves with every change, the number of its day with all that happens. */
export type Versions = { readonly revision: number; readonly daySeq: number };

export async function versionsOf(scope: HouseholdScope): Promise<Versions> {
  const row: { revision: number; day_seq: number } | undefined = await scope
    .own()
    .first('revision', 'day_seq');
  if (!row) throw new Error('The household of this session is not there.');
  return { revision: Number(row.revision), daySeq: row.day_seq };
}
