'use client';
import { useState } from 'react';
import type { HouseholdChange } from '@/core/household/change';
import { usePocket } from '../state/pocket';
import { useCommand } from '../state/use-command';
import type { ChangeActions } from './change-actions';
import { useStableEvents } from './use-stable-events';

export type Changes = {
  /** Sends a change; `show` draws it at once, before the server has it. */
  readonly send: (change: HouseholdChange, words?: string, show?: () => void) => void;
  readonly undo: () => void;
  readonly redo: () => void;
  /** What went wrong last. */
  readonly sentence: string | undefined;
  /** What the server has kept last, once it has all. */
  readonly said: string;
};

/** Changes by hand: shown at once, said to be kept once the server has them, taken back by undo. */
export function useChanges(actions: ChangeActions): Changes {
  const command = useCommand();
  const pocket = usePocket();
  const [said, setSaid] = useState('');
  const { undo, redo } = useStableEvents({
    undo: () => {
      setSaid('');
      command.send(actions.undo, undefined, { onKept: (what) => setSaid(`Taken back: ${what}.`) });
    },
    redo: () => {
      setSaid('');
      command.send(actions.redo, undefined, { onKept: (what) => setSaid(`Done again: ${what}.`) });
    },
  });
  return {
    send: (change, words = 'Kept.', show = () => {}) => {
      setSaid('');
      command.send(actions.change, change, {
        show,
        onKept: () => setSaid(words),
        ...(pocket && { onNoAnswer: pocket.keep, behind: pocket.behind }),
      });
    },
    undo,
    redo,
    sentence: command.fault,
    // While a later one is on its way, nothing is said of an earlier.
    said: command.pending ? '' : said,
  };
}
