import type { Clean } from '../clean/clean';
import type { Household } from './household';

/** A household as it is stored; one that has just signed up has no clean yet. */
export type StoredHousehold = Omit<Household, 'clean' | 'now' | 'plans' | 'events'> & {
  readonly clean: Clean | undefined;
};
