'use client';
import pRetry from 'p-retry';
import { useState, useTransition } from 'react';
import type { ActionResult } from '@/present/forms/result';
import { painted } from './after-paint';
import { type CommandAction, NO_ANSWER, type Sent, sentenceOf } from './command';
import { newId } from './new-id';

/** Sent again so often where nothing was answered, always as the same press. */
const AGAIN = { retries: 2, minTimeout: 400, factor: 1 } as const;

export type Commands = {
  /**
   * Sends a press. `show` draws what it comes to before the server has it; `onKept` hears what the server has made of it.
   */
  readonly send: <Value>(
    action: CommandAction<Value>,
    input?: unknown,
    more?: {
      readonly show?: () => void;
      readonly onKept?: (value: Value) => void;
      /** Where nobody answers: whether it is kept for later. */
      readonly onNoAnswer?: (sent: Sent) => Promise<boolean>;
      /** Says whether it was put behind others that wait, in place of being sent now. */
      readonly behind?: (sent: Sent) => Promise<boolean>;
      readonly id?: string;
    },
  ) => void;
  readonly pending: boolean;
  /** What went wrong last; undefined again with the next press. */
  readonly fault: string | undefined;
};

/** The one way in which a press on a page changes something: carried out once, shown at once, and said where it failed. */
export function useCommand(): Commands {
  const [fault, setFault] = useState<string>();
  const [pending, start] = useTransition();
  const send: Commands['send'] = (action, input, { show, onKept, onNoAnswer, behind, id = newId() } = {}) =>
    start(async () => {
      show?.();
      setFault(undefined);
      // The screen answers first; what is sent is made up after that.
      if (show) await painted();
      const sent = { id, ...(input !== undefined && { input }) };
      if (await behind?.(sent)) return;
      const result = await pRetry(() => action(sent), AGAIN).catch(() => undefined);
      if (result?.ok) onKept?.((result as Extract<ActionResult<never>, { ok: true }>).value);
      else if (result) setFault(sentenceOf(result));
      else if (!(await onNoAnswer?.(sent))) setFault(NO_ANSWER.change);
    });
  return { send, pending, fault };
}
