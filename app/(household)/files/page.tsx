import type { Metadata } from 'next';
import { makeAddress, revokeAddress } from '@/app/actions/feed';
import { current } from '@/server/current';
import { feedsOf } from '@/server/repositories/feeds';
import { hasReplaced } from '@/server/repositories/household';
import { requireScope } from '@/server/session';
import { FilesPage } from '@/ui/files/files-page';

export const metadata: Metadata = { title: 'Import and export' };

export default async function Page() {
  const scope = await requireScope();
  const [state, replaced, feeds] = await Promise.all([current(), hasReplaced(scope), feedsOf(scope)]);
  const { name, people } = state.household;
  return (
    <FilesPage
      name={name}
      replaced={replaced}
      people={people.map(({ id, name: own }) => ({ id, name: own }))}
      feeds={feeds}
      feed={{ make: makeAddress, revoke: revokeAddress }}
    />
  );
}
