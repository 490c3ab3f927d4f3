import { LinkButton } from './link-button';
import { PageHead } from './page-head';

/** An address that leads nowhere, or to what is somebody else’s. */
export function NotHere() {
  return (
    <>
      <PageHead title="This page is not here">
        The address may be old, or it belongs to another household. Nothing of yours is lost.
      </PageHead>
      <LinkButton href="/day" variant="contained">
        Go to today
      </LinkButton>
    </>
  );
}
