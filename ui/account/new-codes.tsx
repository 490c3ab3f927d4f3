'use client';
import { useState } from 'react';
import { count } from '@/present/words/words';
import { css } from '@/ui/theme/made/css';
import { Button } from '../parts/button';
import { Sentence } from '../parts/sentence';
import { useCommand } from '../state/use-command';
import type { AccountActions } from './account-actions';
import { Codes } from './codes';

/** Codes on paper for the day on which the passphrase is forgotten. */
export function NewCodes({ left, make }: { left: number; make: AccountActions['makeCodes'] }) {
  const command = useCommand();
  const [codes, setCodes] = useState<readonly string[]>();
  return (
    <section aria-labelledby="codes" className={css({ display: 'grid', gap: 1.5, justifyItems: 'start' })}>
      <h2 id="codes" className={css({ textStyle: 'h2', m: 0 })}>
        If you forget the passphrase
      </h2>
      <p className={css({ textStyle: 'body', m: 0 })}>
        {left === 0
          ? 'There is no code left. Without one nobody can let you in again.'
          : `${count(left, 'code is', 'codes are')} left. Each lets you in once and sets a new passphrase.`}
      </p>
      <div role="status" className={css({ width: '100%' })}>
        {codes && (
          <>
            <p className={css({ textStyle: 'body', m: 0, mb: 1 })}>
              These are shown once, and those from before open nothing any more.
            </p>
            <Codes codes={codes} />
          </>
        )}
      </div>
      <div className={css({ display: 'flex', gap: 1.5, flexWrap: 'wrap' })}>
        <Button
          variant="outlined"
          loading={command.pending}
          onClick={() => command.send(make, undefined, { onKept: setCodes })}
        >
          Make new codes
        </Button>
        {codes && <Button onClick={() => window.print()}>Print them</Button>}
      </div>
      <Sentence>{command.fault}</Sentence>
    </section>
  );
}
