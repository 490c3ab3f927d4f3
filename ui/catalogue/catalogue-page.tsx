import type { Current } from '@/core/problem/campaign';
import { catalogueGroups } from '@/present/catalogue/catalogue-model';
import { LinkButton } from '../parts/link-button';
import { PageHead } from '../parts/page-head';
import { CatalogueList } from './catalogue-list';

/** How everything in the house is deep cleaned; to be read, and to be made one's own. */
export function CataloguePage({ state }: { state: Current }) {
  const groups = catalogueGroups(state);
  const methods = groups.reduce((sum, group) => sum + group.lines.length, 0);
  return (
    <>
      <PageHead
        title="How things are done"
        actions={
          <LinkButton href="/catalogue/new" variant="outlined">
            Write down a method of your own
          </LinkButton>
        }
      >
        {methods} methods: the steps, how long, with what, how often, and what to beware of. The label and the
        maker come first. Every number can be changed, and set back.
      </PageHead>
      <CatalogueList groups={groups} />
    </>
  );
}
