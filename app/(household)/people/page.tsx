import type { Metadata } from 'next';
import { change, redoLast, undoLast } from '@/app/actions/edit';
import { dropMember, saveExceptions, saveMember } from '@/app/actions/people';
import { current } from '@/server/current';
import { PeoplePage } from '@/ui/people/people-page';

export const metadata: Metadata = { title: 'People' };

const ACTIONS = { saveMember, saveExceptions, dropMember, change, undo: undoLast, redo: redoLast };

export default async function Page() {
  return <PeoplePage state={await current()} actions={ACTIONS} />;
}
