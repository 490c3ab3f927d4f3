'use client';
import Button from '@mui/material/Button';
import Stack from '@mui/material/Stack';
import { useEffect } from 'react';
import { LinkButton } from '@/ui/parts/link-button';
import { PageHead } from '@/ui/parts/page-head';

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
      <Stack direction="row" spacing={2}>
        <Button variant="contained" onClick={reset}>
          Try again
        </Button>
        <LinkButton href="/day">Go to today</LinkButton>
      </Stack>
    </main>
  );
}
