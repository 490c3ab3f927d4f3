import type { Clean, Household } from '../formats/household';
import type { Plan } from '../formats/plan';
import type { Problem } from '../formats/problem';
import type { CleanTask } from './tasks';

/** A plan as kept: `basis` tells what it was made from, so that one can see whether it still fits. */
export type KeptPlan = {
  readonly version: number;
  readonly basis: string;
  readonly madeAt: string;
  readonly plan: Plan;
};

/** The clean that a household is about, as the problem it is and the plans made for it. */
export type Campaign = {
  readonly clean: Clean;
  readonly problem: Problem;
  readonly plans: { readonly first: KeptPlan; readonly latest: KeptPlan } | undefined;
  /** The home, the people or the aim have changed since the plan was made. */
  readonly stale: boolean;
};

/** A household as it is stored; one that has just signed up has no clean yet. */
export type StoredHousehold = Omit<Household, 'clean' | 'now'> & { readonly clean: Clean | undefined };

/** Everything that the screens show: the household now, its tasks, and its clean where there is one. */
export type Current = {
  readonly household: StoredHousehold;
  readonly now: string;
  readonly today: string;
  readonly tasks: readonly CleanTask[];
  readonly campaign: Campaign | undefined;
};
