import type { Clean, Household, KeptPlan } from '../formats/household';
import type { Problem } from '../formats/problem';
import type { OrderedWork } from '../order/ordered';
import type { CleanTask } from './tasks';

/** The clean that a household is about, as the problem it is and the plans made for it. */
export type Campaign = {
  readonly clean: Clean;
  readonly problem: Problem;
  readonly plans: { readonly first: KeptPlan; readonly latest: KeptPlan } | undefined;
  /** The home, the people or the aim have changed since the plan was made. */
  readonly stale: boolean;
};

/** A household as it is stored; one that has just signed up has no clean yet. */
export type StoredHousehold = Omit<Household, 'clean' | 'now' | 'plans' | 'events'> & {
  readonly clean: Clean | undefined;
};

/** Everything that the screens show: the household now, its tasks, and its clean where there is one. */
export type Current = {
  readonly household: StoredHousehold;
  readonly now: string;
  readonly today: string;
  /** Those that are in scope. */
  readonly tasks: readonly CleanTask[];
  /** The same in the order of work, with what holds each where it is. */
  readonly order: OrderedWork;
  /** All that could be done, whether in scope or not. */
  readonly listed: readonly CleanTask[];
  /** What would be undone next, and what would be done again. */
  readonly edits: { readonly undo?: string; readonly redo?: string };
  readonly campaign: Campaign | undefined;
};
