import type { ProblemStep, ProblemTask } from '../plan/problem';
import type { MachineWord } from './run';

/** One step of today's work, with everything the person in the room needs to find it. */
export type DayItem = {
  readonly step: ProblemStep;
  readonly task: ProblemTask;
  /** Who does it, after all that was handed on. */
  readonly people: readonly string[];
  readonly start: string;
  readonly end: string;
};

/** A soak, a cycle or a drying floor that is going on. */
export type RunningWait = {
  readonly step: ProblemStep;
  readonly task: ProblemTask;
  readonly since: string;
  /** When its minutes are over. */
  readonly ready: string;
  /** The latest moment by which it must be seen to; undefined where it may stay. */
  readonly latest: string | undefined;
  /** The step that comes after it. */
  readonly next: string | undefined;
  /** What its machine has last said. */
  readonly word: MachineWord | undefined;
};
