import type { Metadata } from 'next';
import { current } from '@/server/current';
import { hasReplaced } from '@/server/repositories/household';
import { requireScope } from '@/server/session';
import { FilesPage } from '@/ui/files/files-page';

export const metadata: Metadata = { title: 'Import and export' };

export default async function Page() {
  const [state, replaced] = await Promise.all([current(), requireScope().then(hasReplaced)]);
  return <FilesPage name={state.household.name} replaced={replaced} />;
}
