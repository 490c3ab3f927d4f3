'use client';
import { useState, useTransition } from 'react';
import type { HouseholdChange } from '@/core/household/change';
import type { Wish } from '@/core/steering/by-hand';
import type { SessionWish } from '@/core/steering/session-by-hand';
import type { ActionResult } from '../forms/result';
import { newId } from '../parts/new-id';
import type { Steered } from './steer-words';
import type { SteeringActions } from './steering-actions';

const NO_ANSWER = 'The server did not answer. The plan is as it was; try again in a moment.';

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
  const [sentence, setSentence] = useState<string>();
  const [done, setDone] = useState<Steered>();
  const [pending, start] = useTransition();
  const run = (action: () => Promise<ActionResult<Steered>>) =>
    start(async () => {
      setSentence(undefined);
      const result = await action().catch(() => undefined);
      if (!result) setSentence(NO_ANSWER);
      else if (!result.ok) setSentence(result.faults.map((fault) => fault.sentence).join(' '));
      setDone(result?.ok ? result.value : undefined);
    });
  return {
    move: (wish) => run(() => actions.move({ id: newId(), ...wish })),
    moveSession: (wish) => run(() => actions.moveSession({ id: newId(), ...wish })),
    steer: (change) => run(() => actions.steer({ id: newId(), change })),
    undo: () => run(() => actions.undo()),
    redo: () => run(() => actions.redo()),
    pending,
    sentence,
    done,
  };
}
