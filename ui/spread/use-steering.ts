'use client';
import { useState } from 'react';
import type { HouseholdChange } from '@/core/household/change';
import type { Wish } from '@/core/steering/by-hand';
import type { SessionWish } from '@/core/steering/session-by-hand';
import type { Steered } from '@/present/spread/steer-words';
import type { CommandAction } from '../state/command';
import { useCommand } from '../state/use-command';
import type { SteeringActions } from './steering-actions';

export type SteeringState = {
  readonly move: (wish: Wish) => void;
  readonly moveSession: (wish: SessionWish) => void;
  readonly steer: (change: HouseholdChange) => void;
  readonly undo: () => void;
  readonly redo: () => void;
  readonly pending: boolean;
  /** What went wrong last. */
  readonly sentence: string | undefined;
  /** What the last change did to the plan. */
  readonly done: Steered | undefined;
};

/** Bending the plan by hand: what is wanted goes to the server, what came of it comes back in a sentence. */
export function useSteering(actions: SteeringActions): SteeringState {
  const { send, pending, fault } = useCommand();
  const [done, setDone] = useState<Steered>();
  const run = (action: CommandAction<Steered>, input?: unknown) => {
    setDone(undefined);
    send(action, input, { onKept: setDone });
  };
  return {
    move: (wish) => run(actions.move, wish),
    moveSession: (wish) => run(actions.moveSession, wish),
    steer: (change) => run(actions.steer, change),
    undo: () => run(actions.undo),
    redo: () => run(actions.redo),
    pending,
    sentence: fault,
    done,
  };
}
