import type { HouseholdMachine } from './household-machine';

/**
 * What the day knows of a washer, a dryer, a dishwasher or an oven: a cycle that somebody has set going, and what the
 * machine says of it. A driver stands between the two. The simulated one ships; one for a real machine has to answer
 * the same question and nothing else.
 */

export type MachineKind = HouseholdMachine['kind'];

/** A cycle that was set going: by the step of the plan that waits for it. */
export type MachineCycle = {
  readonly machine: string;
  readonly kind: MachineKind;
  /** Names the cycle; the same one set going again has another `since`. */
  readonly step: string;
  /** Local wall-clock time, `YYYY-MM-DDTHH:mm`. */
  readonly since: string;
  /** How long it is planned to take. */
  readonly minutes: number;
};

/** What a machine says: it runs, it is done, it needs so many minutes more than planned, or it stands still with a fault. */
export type MachineReport =
  | { readonly report: 'running' }
  | { readonly report: 'finished' }
  | { readonly report: 'delayed'; readonly minutes: number }
  | { readonly report: 'faulty' };

export interface MachineDriver {
  /** How a cycle stands at `now`, `YYYY-MM-DDTHH:mm`. Throws where the machine can't be reached: nothing is known then. */
  ask(cycle: MachineCycle, now: string): Promise<MachineReport>;
}
