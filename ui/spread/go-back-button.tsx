'use client';
import Button from '@mui/material/Button';
import { useState, useTransition } from 'react';
import type { ActionResult } from '../forms/result';
import { Sentence } from '../parts/sentence';
import type { Steered } from './steer-words';

type GoBackButtonProps = {
  readonly version: number;
  readonly goBack: (version: number) => Promise<ActionResult<Steered>>;
};

/** Puts an earlier plan in force again. */
export function GoBackButton({ version, goBack }: GoBackButtonProps) {
  const [pending, start] = useTransition();
  const [sentence, setSentence] = useState<string>();
  const [said, setSaid] = useState('');
  const press = () =>
    start(async () => {
      const result = await goBack(version).catch(() => undefined);
      if (result?.ok) setSaid(`Plan ${version} is in force again. ${result.value.words}`);
      setSentence(
        result?.ok
          ? undefined
          : (result?.faults[0]?.sentence ?? 'The server did not answer. Try again in a moment.'),
      );
    });
  return (
    <>
      <Button variant="outlined" onClick={press} loading={pending} sx={{ mt: 1 }}>
        Go back to plan {version}
      </Button>
      <Sentence>{sentence}</Sentence>
      <span role="status">{said}</span>
    </>
  );
}
