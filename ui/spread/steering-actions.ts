import type { ActionResult } from '@/present/forms/result';
import type { Steered } from '@/present/spread/steer-words';
import type { CommandAction } from '../state/command';

export type SteeringActions = {
  /** Takes a `Wish`. */
  readonly move: CommandAction<Steered>;
  /** Takes a `SessionWish`. */
  readonly moveSession: CommandAction<Steered>;
  /** Takes a `HouseholdChange`. */
  readonly steer: CommandAction<Steered>;
  readonly undo: CommandAction<Steered>;
  readonly redo: CommandAction<Steered>;
  readonly why: (task: string) => Promise<ActionResult<string>>;
};
