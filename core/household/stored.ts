import type { Clean } from '../clean/clean';
import type { LastDone } from '../clean/last-done';
import type { Household } from './household';

/** A household as it is stored; one that has just signed up has no clean yet. */
export type StoredHousehold = Omit<
  Household,
  'clean' | 'now' | 'plans' | 'events' | 'record' | 'past' | 'pictures'
> & {
  readonly clean: Clean | undefined;
  /** When each job was done last, before this clean. */
  readonly lastDone?: readonly LastDone[];
};
