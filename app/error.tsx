'use client';
import { useEffect } from 'react';
import { Button } from '@/ui/parts/button';
import { LinkButton } from '@/ui/parts/link-button';
import { PageHead } from '@/ui/parts/page-head';
import { css } from '@/ui/theme/made/css';

/** The boundary around every page: says what is kept and what to do next. */
export default function ErrorPage({
  error,
  reset,
}: {
  error: Error & { digest?: string };
  reset: () => void;
}) {
  useEffect(() => {
    console.error(error);
  }, [error]);
  return (
    <main style={{ padding: '2rem' }}>
      <PageHead title="Something went wrong on this page">
        What was saved before is kept. Try the page again; if it fails once more, restart the application.
      </PageHead>
      <div className={css({ display: 'flex', flexDirection: 'row', gap: 2 })}>
        <Button variant="contained" onClick={reset}>
          Try again
        </Button>
        <LinkButton href="/day">Go to today</LinkButton>
      </div>
    </main>
  );
}
