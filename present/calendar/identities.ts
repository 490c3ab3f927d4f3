import { groupBy } from '@/core/basics/group-by';
import { dayOf } from '@/core/basics/local-time';

/**
 * Which event of a calendar is which, from plan to plan: what moves keeps its id, so that a calendar that is read again moves it,
 * and what is gone is called off for as long as a calendar may still hold it.
 */

/** An event that was given out. */
export type Known = {
  readonly uid: string;
  readonly person: string;
  readonly date: string;
  /** Steps that are done in it, by which it is found again. */
  readonly steps: readonly string[];
  /** All that a calendar shows of it; another one is a change. */
  readonly look: string;
  /** Counts its changes. */
  readonly sequence: number;
  /** When it was changed last, by the wall clock of the home. */
  readonly changed: string;
  readonly gone: boolean;
};

export type Shown = Pick<Known, 'person' | 'date' | 'steps' | 'look'>;

/** So long after its date an event that was called off is still told of. */
const KEEP_DAYS = 60;

export type SettleAt = { readonly clean: string; readonly now: string };

/** The events by now: one for each that is shown, in that order, and those that are called off. */
export function settle(
  known: readonly Known[],
  shown: readonly Shown[],
  { clean, now }: SettleAt,
): { readonly shown: readonly Known[]; readonly gone: readonly Known[] } {
  const old = pairs(known, shown);
  const taken = new Set(known.map(({ uid }) => uid));
  const settled = shown.map((event): Known => {
    const before = old.get(event);
    if (before && !before.gone && before.look === event.look) return { ...before, ...event };
    const uid = before?.uid ?? freshUid(event, clean, taken);
    return { ...event, uid, sequence: before ? before.sequence + 1 : 0, changed: now, gone: false };
  });
  const kept = new Set(settled.map(({ uid }) => uid));
  const today = dayOf(now.slice(0, 10));
  const gone = known
    .filter(({ uid, date }) => !kept.has(uid) && dayOf(date) >= today - KEEP_DAYS)
    .map((event) =>
      event.gone ? event : { ...event, gone: true, sequence: event.sequence + 1, changed: now },
    );
  return { shown: settled, gone };
}

/** For each event that is shown, the one that it was before: the most of the same steps first, the nearest date next. */
function pairs(known: readonly Known[], shown: readonly Shown[]): ReadonlyMap<Shown, Known> {
  const byPerson = groupBy(known, ({ person }) => person);
  const likely = shown
    .flatMap((event) =>
      (byPerson.get(event.person) ?? []).map((before) => ({ event, before, ...likeness(event, before) })),
    )
    .filter(({ same, days }) => same > 0 || days === 0)
    .toSorted((a, b) => b.same - a.same || a.days - b.days || (a.before.uid < b.before.uid ? -1 : 1));
  const found = new Map<Shown, Known>();
  const used = new Set<Known>();
  for (const { event, before } of likely) {
    if (found.has(event) || used.has(before)) continue;
    found.set(event, before);
    used.add(before);
  }
  return found;
}

function likeness(event: Shown, before: Known): { same: number; days: number } {
  const steps = new Set(before.steps);
  return {
    same: event.steps.filter((step) => steps.has(step)).length,
    days: Math.abs(dayOf(event.date) - dayOf(before.date)),
  };
}

function freshUid({ person, date }: Shown, clean: string, taken: Set<string>): string {
  for (let turn = 1; ; turn++) {
    const uid = `${clean}-${person}-${date}-${turn}@early-thaw`;
    if (taken.has(uid)) continue;
    taken.add(uid);
    return uid;
  }
}
