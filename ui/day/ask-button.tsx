'use client';
import { useState } from 'react';
import { css } from '@/ui/theme/made/css';
import { Button } from '../parts/button';
import { Sentence } from '../parts/sentence';
import type { CommandAction } from '../state/command';
import { useCommand } from '../state/use-command';

export type AskAct = CommandAction<string>;

/** What a phone can't do by itself, since the plan has to be made anew for it. */
export type DayAsks = { readonly planTrip: AskAct; readonly takeOneMoreBlock: AskAct };

type AskButtonProps = {
  readonly words: string;
  readonly act: AskAct;
  readonly wish: object;
  /** Hears what has come of it, and says it where it stays; without, it is said here. */
  readonly onDone?: (words: string) => void;
};

/** One press that asks the server for something, and says what has come of it. */
export function AskButton({ words, act, wish, onDone }: AskButtonProps) {
  const [said, setSaid] = useState<string>();
  const { send, pending, fault } = useCommand();
  const ask = () => {
    setSaid(undefined);
    send(act, wish, {
      onKept: (words) => {
        if (onDone) onDone(words);
        else setSaid(words);
      },
    });
  };
  return (
    <>
      <Button
        variant="outlined"
        onClick={ask}
        loading={pending}
        className={css({ minHeight: 48, justifySelf: 'start' })}
      >
        {words}
      </Button>
      <Sentence tone="note">{fault ?? said}</Sentence>
    </>
  );
}
