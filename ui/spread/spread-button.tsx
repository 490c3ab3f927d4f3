'use client';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { searchWords } from '@/present/spread/search-words';
import { count } from '@/present/words/words';
import { css } from '@/ui/theme/made/css';
import { Button } from '../parts/button';
import { Sentence } from '../parts/sentence';
import type { CommandAction } from '../state/command';
import { useCommand } from '../state/use-command';
import { usePlanSearch } from './use-plan-search';

type Spread = CommandAction<{ unplaced: number }>;

/** Spreads the open work over the days that are left, on the server. */
export function SpreadButton({ action, label, then }: { action: Spread; label: string; then?: string }) {
  const router = useRouter();
  const { send, pending, fault } = useCommand();
  const [note, setNote] = useState('');
  const search = usePlanSearch(pending);
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
  const isQuiet = !pending && note === '' && !fault;
  return (
    <>
      <Button
        variant={search ? 'outlined' : 'contained'}
        size="large"
        onClick={search?.stop ?? press}
        loading={pending && !search}
      >
        {search ? 'Stop, and keep the best' : label}
      </Button>
      {/* In a line of its own, so that what is pressed stays where it is. */}
      <div className={isQuiet ? 'visually-hidden' : css(SAID)}>
        <span role="status">{pending ? 'Trying orders and days …' : note}</span>
        {search && <div className={css({ color: 'quiet' })}>{searchWords(search.progress)}</div>}
        <Sentence>{fault}</Sentence>
      </div>
    </>
  );
}

const SAID = {
  flexBasis: '100%',
  display: 'flex',
  flexDirection: 'column',
  gap: 1,
  textAlign: { sm: 'right' },
} as const;
