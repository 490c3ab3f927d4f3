import type { HouseholdChange } from '@/core/household/change';
import type { Wish } from '@/core/steering/by-hand';
import type { SessionWish } from '@/core/steering/session-by-hand';
import type { ActionResult } from '../forms/result';
import type { Steered } from './steer-words';

export type SteeringActions = {
  readonly move: (input: Wish & { readonly id: string }) => Promise<ActionResult<Steered>>;
  readonly moveSession: (input: SessionWish & { readonly id: string }) => Promise<ActionResult<Steered>>;
  readonly steer: (input: {
    readonly id: string;
    readonly change: HouseholdChange;
  }) => Promise<ActionResult<Steered>>;
  readonly why: (task: string) => Promise<ActionResult<string>>;
  readonly undo: () => Promise<ActionResult<Steered>>;
  readonly redo: () => Promise<ActionResult<Steered>>;
};
