import { css } from '@/ui/theme/made/css';

import { PageHead } from '../parts/page-head';
import { CalendarSection, type FeedActions } from './calendar-section';
import { HouseholdFileSection } from './household-file-section';
import { MoreTablesSection } from './more-tables-section';
import { PapersSection } from './papers-section';
import { RoomsTableSection } from './rooms-table-section';

type FilesPageProps = {
  readonly name: string;
  /** Whether a household can be brought back that a file took the place of. */
  readonly replaced: boolean;
  readonly people: readonly { readonly id: string; readonly name: string }[];
  /** Whose sessions have a private address. */
  readonly feeds: readonly (string | undefined)[];
  readonly feed: FeedActions;
};

/** Everything that goes out or comes in: on paper, as a file, as tables and as calendars. */
export function FilesPage({ name, replaced, people, feeds, feed }: FilesPageProps) {
  return (
    <>
      <PageHead title="Import and export">
        Everything here belongs to you. Export it, keep the file, and bring it back, here or elsewhere.
      </PageHead>
      <div className={css({ display: 'flex', flexDirection: 'column', gap: 4, maxWidth: 760 })}>
        <PapersSection />
        <HouseholdFileSection name={name} replaced={replaced} />
        <CalendarSection people={people} feeds={feeds} actions={feed} />
        <RoomsTableSection />
        <MoreTablesSection />
      </div>
    </>
  );
}
