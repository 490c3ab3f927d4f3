import type { Clean } from '../clean/clean';
import type { StoredHousehold } from '../household/stored';
import type { OrderedWork } from '../order/ordered';
import type { KeptPlan } from '../plan/kept-plan';
import type { Problem } from '../plan/problem';
import type { CleanTask } from '../work/tasks';

/** The clean that a household is about, as the problem it is and the plans made for it. */
export type Campaign = {
  readonly clean: Clean;
  readonly problem: Problem;
  readonly plans: { readonly first: KeptPlan; readonly latest: KeptPlan } | undefined;
  /** The home, the people or the aim have changed since the plan was made. */
  readonly stale: boolean;
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
