import { type AlmanacEntry, almanacOf } from '../core/almanac/due';
import type { RecordLine } from '../core/clean/record-line';
import { marksOf } from '../core/scope/scope';
import type { HouseholdScope } from './db/scope';
import { type Kept, keptHousehold } from './household/kept';
import { nowIn } from './process/clock';
import { loadLastDone, loadRecord } from './repositories/record';

/** What is due in a household and when, with what was done in a year. */
export type AlmanacNow = {
  readonly kept: Kept;
  readonly today: string;
  readonly entries: readonly AlmanacEntry[];
};

export async function almanacNow(scope: HouseholdScope): Promise<AlmanacNow> {
  const kept = await keptHousehold(scope);
  const { household, listed } = kept;
  const today = nowIn(household.timezone).slice(0, 10);
  const entries = almanacOf({
    listed,
    lastDone: await loadLastDone(scope, undefined),
    marks: marksOf(household.marks),
    facts: household.home.facts,
    today,
  });
  return { kept, today, entries };
}

/** What was done in a year, `YYYY`. */
export function recordOfYear(scope: HouseholdScope, year: string): Promise<RecordLine[]> {
  return loadRecord(scope, { from: `${year}-01-01T00:00`, before: `${Number(year) + 1}-01-01T00:00` });
}
