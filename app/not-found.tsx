import { LinkButton } from '@/ui/parts/link-button';
import { PageHead } from '@/ui/parts/page-head';

export default function NotFound() {
  return (
    <main style={{ padding: '2rem' }}>
      <PageHead title="This page is not here">
        The address may be old, or it belongs to another household. Nothing of yours is lost.
      </PageHead>
      <LinkButton href="/day" variant="contained">
        Go to today
      </LinkButton>
    </main>
  );
}
