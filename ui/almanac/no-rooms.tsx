import { LinkButton } from '../parts/link-button';
import { PageHead } from '../parts/page-head';

/** Before there is a room there is nothing to remember. */
export function NoRooms() {
  return (
    <>
      <PageHead title="Almanac">
        When each thing was done last and when it is due again. It begins with the rooms.
      </PageHead>
      <LinkButton href="/walk" variant="contained" size="large">
        Go to the walk
      </LinkButton>
    </>
  );
}
