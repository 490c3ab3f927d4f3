'use client';
import Button from '@mui/material/Button';
import Stack from '@mui/material/Stack';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { count } from '@/present/words/words';
import { Sentence } from '../parts/sentence';
import type { CommandAction } from '../state/command';
import { useCommand } from '../state/use-command';
import { SearchProgress } from './search-progress';

type Spread = CommandAction<{ unplaced: number }>;

/** Spreads the open work over the days that are left, on the server. */
export function SpreadButton({ action, label, then }: { action: Spread; label: string; then?: string }) {
  const router = useRouter();
  const { send, pending, fault } = useCommand();
  const [note, setNote] = useState('');
  const press = () =>
    send(action, undefined, {
      onKept: ({ unplaced }) => {
        setNote(
          unplaced === 0
            ? 'Everything has its place.'
            : `${count(unplaced, 'job', 'jobs')} did not fit; see the list below.`,
        );
        if (then) router.push(then);
      },
    });
  return (
    <Stack spacing={1} sx={{ alignItems: { sm: 'flex-end' }, maxWidth: 420 }}>
      <Button variant="contained" size="large" onClick={press} loading={pending} loadingPosition="start">
        {label}
      </Button>
      <span role="status">{pending ? 'Trying orders and days; this takes some seconds …' : note}</span>
      {pending && <SearchProgress />}
      <Sentence>{fault}</Sentence>
    </Stack>
  );
}
