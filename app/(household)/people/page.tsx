import type { Metadata } from 'next';
import { dropMember, saveExceptions, saveMember } from '@/app/actions/people';
import { current } from '@/server/current';
import { PeoplePage } from '@/ui/people/people-page';

export const metadata: Metadata = { title: 'People' };

export default async function Page() {
  return <PeoplePage state={await current()} actions={{ saveMember, saveExceptions, dropMember }} />;
}
