import type { BestSoFar as Best } from '../../core/spread';
import type { HouseholdId } from '../db/scope';
import { processWide } from '../process/process-wide';

/** What is told of the best plan that a search has found so far. */
export type BestSoFar = Pick<Best, 'cost' | 'leftOut'>;

/** A search that is under way: told of what it finds, and asked whether somebody wants it to end. */
export class PlanSearch {
  private best: BestSoFar | undefined;
  private readonly began = performance.now();
  /** Read by the threads that search, each by its number: anything but 0 ends that one. */
  readonly flags = new Int32Array(new SharedArrayBuffer(2 * Int32Array.BYTES_PER_ELEMENT));

  /** Of two threads each tells what it has; the better counts. */
  found(best: BestSoFar): void {
    const known = this.best;
    const isBetter =
      !known || best.leftOut < known.leftOut || (best.leftOut === known.leftOut && best.cost < known.cost);
    if (isBetter) this.best = best;
  }

  stop(): void {
    Atomics.store(this.flags, 0, 1);
    this.makeRoom();
  }

  /** The second thread is a courtesy as long as nobody else wants it. */
  makeRoom(): void {
    Atomics.store(this.flags, 1, 1);
  }

  progress(): { readonly seconds: number; readonly best?: BestSoFar } {
    const seconds = (performance.now() - this.began) / 1000;
    return { seconds, ...(this.best && { best: this.best }) };
  }
}

const running = () => processWide('plan-searches', () => new Map<HouseholdId, PlanSearch>());

/**
 * Looks for a plan of a household; meanwhile others can see how far it is, and end it. `isAlone`: nobody else looks for one,
 * so that it may have both threads; it makes room for whoever comes.
 */
export async function searched<T>(
  household: HouseholdId,
  look: (search: PlanSearch, isAlone: boolean) => Promise<T>,
): Promise<T> {
  const search = new PlanSearch();
  const others = [...running().values()];
  for (const other of others) other.makeRoom();
  running().set(household, search);
  try {
    return await look(search, others.length === 0);
  } finally {
    if (running().get(household) === search) running().delete(household);
  }
}

/** All that are under way in this process. */
export function ownSearches(): ReadonlyMap<HouseholdId, PlanSearch> {
  return running();
}

/** The search of this process that is under way for a household; undefined where there is none. */
export function searchOf(household: HouseholdId): PlanSearch | undefined {
  return running().get(household);
}
