import type { PastClean } from '../core/clean/past-clean';
import type { RecordLine } from '../core/clean/record-line';
import { cleanSoFar } from './commands/record';
import type { HouseholdScope } from './db/scope';
import type { Kept } from './household/kept';
import { countRecord, loadPastCleans, loadRecord } from './repositories/record';

/** Lines of the record that a page shows at once. */
const LINES_A_PAGE = 120;

export type RecordPart = {
  /** The oldest first. */
  readonly lines: readonly RecordLine[];
  readonly total: number;
  readonly past: readonly PastClean[];
  /** Before which time there is more. */
  readonly before: string | undefined;
};

/** The latest of the record before a time, or of all. */
export async function recordBefore(scope: HouseholdScope, before: string | undefined): Promise<RecordPart> {
  const [lines, total, past] = await Promise.all([
    loadRecord(scope, { last: LINES_A_PAGE, ...(before !== undefined && { before }) }),
    countRecord(scope),
    loadPastCleans(scope),
  ]);
  return { lines, total, past, before: lines.length === LINES_A_PAGE ? lines[0]?.at : undefined };
}

/** A clean by its id, or the one of now, with the one before it; undefined where there is none. */
export async function cleanLookedBackAt(
  scope: HouseholdScope,
  kept: Kept,
  { id, today }: { readonly id: string | undefined; readonly today: string },
): Promise<{ readonly past: PastClean; readonly before: PastClean | undefined } | undefined> {
  const all = await loadPastCleans(scope);
  if (id === undefined) {
    const past = await cleanSoFar(scope, kept, today);
    return past && { past, before: all.at(-1) };
  }
  const at = all.findIndex((one) => one.id === id);
  const past = all[at];
  return past && { past, before: all[at - 1] };
}
