'use client';
import Button from '@mui/material/Button';
import Stack from '@mui/material/Stack';
import { useRouter } from 'next/navigation';
import { useState, useTransition } from 'react';
import type { ActionResult } from '../forms/result';
import { Sentence } from '../parts/sentence';
import { count } from '../parts/words';

type Spread = () => Promise<ActionResult<{ unplaced: number }>>;

/** Spreads the open work over the days that are left, on the server. */
export function SpreadButton({ action, label, then }: { action: Spread; label: string; then?: string }) {
  const router = useRouter();
  const [sentence, setSentence] = useState<string>();
  const [note, setNote] = useState('');
  const [pending, start] = useTransition();
  const press = () =>
    start(async () => {
      setSentence(undefined);
      const result = await action().catch(() => undefined);
      if (!result) setSentence('The server did not answer. The plan is as it was; try again in a moment.');
      else if (!result.ok) setSentence(result.faults[0]?.sentence);
      else {
        setNote(
          result.value.unplaced === 0
            ? 'Everything has its place.'
            : `${count(result.value.unplaced, 'job', 'jobs')} did not fit; see the list below.`,
        );
        if (then) router.push(then);
      }
    });
  return (
    <Stack spacing={1} sx={{ alignItems: { sm: 'flex-end' }, maxWidth: 420 }}>
      <Button variant="contained" size="large" onClick={press} loading={pending} loadingPosition="start">
        {label}
      </Button>
      <span role="status">{pending ? 'Trying orders and days; this takes a second …' : note}</span>
      <Sentence>{sentence}</Sentence>
    </Stack>
  );
}
