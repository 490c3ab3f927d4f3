import type { Metadata } from 'next';
import { makeHelper, withdrawHelper } from '@/app/actions/day';
import { change, redoLast, undoLast } from '@/app/actions/edit';
import { dropMember, saveExceptions, saveMember } from '@/app/actions/people';
import { current } from '@/server/current';
import { helpersWithLink } from '@/server/repositories/helpers';
import { requireScope } from '@/server/session';
import { PeoplePage } from '@/ui/people/people-page';

export const metadata: Metadata = { title: 'People' };

const ACTIONS = {
  saveMember,
  saveExceptions,
  dropMember,
  makeHelper,
  withdrawHelper,
  change,
  undo: undoLast,
  redo: redoLast,
};

export default async function Page() {
  const [state, scope] = await Promise.all([current(), requireScope()]);
  return <PeoplePage state={state} helpers={await helpersWithLink(scope)} actions={ACTIONS} />;
}
