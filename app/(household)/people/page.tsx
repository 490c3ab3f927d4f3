import type { Metadata } from 'next';
import { makeHelper, withdrawHelper } from '@/app/actions/day';
import { change, redoLast, undoLast } from '@/app/actions/edit';
import { dropMember, saveExceptions, saveMember } from '@/app/actions/people';
import { current } from '@/server/current';
import { busyHosts } from '@/server/repositories/busy-addresses';
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
  const [helpers, calendars] = await Promise.all([helpersWithLink(scope), busyHosts(scope)]);
  return <PeoplePage state={state} helpers={helpers} calendars={calendars} actions={ACTIONS} />;
}
