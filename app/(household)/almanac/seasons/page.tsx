import type { Metadata } from 'next';
import { change, redoLast, undoLast } from '@/app/actions/edit';
import { roomsOf } from '@/core/home/room';
import { seasonsScreen } from '@/present/almanac/seasons-model';
import { almanacNow } from '@/server/almanac';
import { requireScope } from '@/server/session';
import { NoRooms } from '@/ui/almanac/no-rooms';
import { SeasonsPage } from '@/ui/almanac/seasons-page';

export const metadata: Metadata = { title: 'Seasons and trades' };

export default async function Page() {
  const { kept, today, entries } = await almanacNow(await requireScope());
  const { almanac, clean, home } = kept.household;
  if (roomsOf(home).length === 0) return <NoRooms />;
  return (
    <SeasonsPage
      screen={seasonsScreen(entries, almanac, today)}
      hasClean={clean !== undefined && clean.closed === undefined}
      edits={kept.edits}
      actions={{ change, undo: undoLast, redo: redoLast }}
    />
  );
}
