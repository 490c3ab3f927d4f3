import type { Metadata } from 'next';
import { change, redoLast, undoLast } from '@/app/actions/edit';
import { seasonsScreen } from '@/present/almanac/seasons-model';
import { almanacNow } from '@/server/almanac';
import { requireScope } from '@/server/session';
import { SeasonsPage } from '@/ui/almanac/seasons-page';

export const metadata: Metadata = { title: 'Seasons and trades' };

export default async function Page() {
  const { kept, today, entries } = await almanacNow(await requireScope());
  const { almanac, clean } = kept.household;
  return (
    <SeasonsPage
      screen={seasonsScreen(entries, almanac, today)}
      hasClean={clean !== undefined && clean.closed === undefined}
      edits={kept.edits}
      actions={{ change, undo: undoLast, redo: redoLast }}
    />
  );
}
