'use client';
import { useEffect } from 'react';
import { Button } from '@/ui/parts/button';
import { PageHead } from '@/ui/parts/page-head';
import { serverHasPage } from '@/ui/state/has-page';
import { css } from '@/ui/theme/made/css';

const ASK_AGAIN_MS = 5_000;

const onceMore = () => window.location.reload();
/** By the browser itself: then a day that is kept on the phone comes, where the server has none to give. */
const toToday = () => window.location.assign('/day');

/** Asks now and then whether the server has the page again, and shows it then. */
function untilItIsBack(): () => void {
  const asking = setInterval(async () => {
    if (document.visibilityState === 'visible' && (await serverHasPage())) onceMore();
  }, ASK_AGAIN_MS);
  return () => clearInterval(asking);
}

/** The boundary around every page: says what is kept and what to do next. What failed on the server comes back by itself. */
export default function ErrorPage({ error }: { error: Error & { digest?: string } }) {
  const isOfServer = error.digest !== undefined;
  useEffect(() => {
    console.error(error);
  }, [error]);
  useEffect(() => (isOfServer ? untilItIsBack() : undefined), [isOfServer]);
  return (
    <main className={css({ p: 4 })}>
      <PageHead title="Something went wrong on this page">
        {isOfServer
          ? 'What was saved before is kept. The page comes back by itself as soon as it can.'
          : 'What was saved before is kept. Try the page again.'}
      </PageHead>
      <div className={css({ display: 'flex', flexDirection: 'row', flexWrap: 'wrap', gap: 2 })}>
        <Button variant="contained" onClick={onceMore}>
          Try again
        </Button>
        <Button onClick={toToday}>Go to today</Button>
      </div>
    </main>
  );
}
