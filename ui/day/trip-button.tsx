'use client';
import Button from '@mui/material/Button';
import { useState, useTransition } from 'react';
import type { ActionResult } from '../forms/result';
import { newId } from '../parts/new-id';
import { Sentence } from '../parts/sentence';

export type TripAct = (input: unknown) => Promise<ActionResult<string>>;

/** Puts a trip with what leaves into the plan, when the drop-off place is open. */
export function TripButton({ bags, act }: { bags: number; act: TripAct }) {
  const [sentence, setSentence] = useState<string>();
  const [pending, start] = useTransition();
  const plan = () =>
    start(async () => {
      const result = await act({ id: newId(), bags: Math.max(1, bags) }).catch(() => undefined);
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
      <Button
        variant="outlined"
        onClick={plan}
        loading={pending}
        sx={{ minHeight: 48, justifySelf: 'start' }}
      >
        Plan the trip to the drop-off place
      </Button>
      <Sentence tone="note">{sentence}</Sentence>
    </>
  );
}
