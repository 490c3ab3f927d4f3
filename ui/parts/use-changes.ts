'use client';
import { startTransition, useState } from 'react';
import type { HouseholdChange } from '@/core/household/change';
import type { ActionResult } from '../forms/result';
import { painted } from './after-paint';
import type { ChangeActions } from './change-actions';
import { newId } from './new-id';
import { useStableEvents } from './use-stable-events';

const NO_ANSWER = 'The server did not answer. Everything is as it was; try again in a moment.';

export type Changes = {
  /** Sends a change; `show` draws it at once, before the server has it. */
  readonly send: (change: HouseholdChange, words?: string, show?: () => void) => void;
  readonly undo: () => void;
  readonly redo: () => void;
  /** What went wrong last. */
  readonly sentence: string | undefined;
  /** What the server has kept last. */
  readonly said: string;
};

/** Changes by hand: shown at once, said to be kept once the server has them, taken back by undo. */
export function useChanges(actions: ChangeActions): Changes {
  const [sentence, setSentence] = useState<string>();
  const [said, setSaid] = useState('');
  const run = <T>(action: () => Promise<ActionResult<T>>, words: (value: T) => string, show?: () => void) => {
    setSaid('');
    startTransition(async () => {
      show?.();
      setSentence(undefined);
      // The screen answers first; what is sent is made up after that.
      await painted();
      const result = await action().catch(() => undefined);
      if (!result) setSentence(NO_ANSWER);
      else if (!result.ok) setSentence(result.faults.map((fault) => fault.sentence).join(' '));
      else setSaid(words(result.value));
    });
  };
  const { undo, redo } = useStableEvents({
    undo: () =>
      run(
        () => actions.undo(),
        (what) => `Taken back: ${what}.`,
      ),
    redo: () =>
      run(
        () => actions.redo(),
        (what) => `Done again: ${what}.`,
      ),
  });
  return {
    send: (change, words = 'Kept.', show) => {
      const id = newId();
      run(
        () => actions.change({ id, change }),
        () => words,
        show,
      );
    },
    undo,
    redo,
    sentence,
    said,
  };
}
