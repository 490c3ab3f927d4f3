'use client';
import Button from '@mui/material/Button';
import { useState, useTransition } from 'react';
import type { ActionResult } from '../forms/result';
import { newId } from '../parts/new-id';
import { Sentence } from '../parts/sentence';

export type AskAct = (input: unknown) => Promise<ActionResult<string>>;

/** What a phone can't do by itself, since the plan has to be made anew for it. */
export type DayAsks = { readonly planTrip: AskAct; readonly takeOneMoreBlock: AskAct };

/** One press that asks the server for something, and says what has come of it. */
export function AskButton({
  words,
  act,
  wish,
  onDone,
}: {
  words: string;
  act: AskAct;
  wish: object;
  onDone?: () => void;
}) {
  const [sentence, setSentence] = useState<string>();
  const [pending, start] = useTransition();
  const ask = () =>
    start(async () => {
      const result = await act({ id: newId(), ...wish }).catch(() => undefined);
      if (result?.ok) onDone?.();
      setSentence(
        result === undefined
          ? 'The server did not answer. Nothing was planned.'
          : result.ok
            ? result.value
            : result.faults[0]?.sentence,
      );
    });
  return (
    <>
      <Button variant="outlined" onClick={ask} loading={pending} sx={{ minHeight: 48, justifySelf: 'start' }}>
        {words}
      </Button>
      <Sentence tone="note">{sentence}</Sentence>
    </>
  );
}
