import type { Metadata } from 'next';
import { change, redoLast, undoLast } from '@/app/actions/edit';
import { current } from '@/server/current';
import { WalkPage } from '@/ui/walk/walk-page';

export const metadata: Metadata = { title: 'Walk' };

export default async function Page() {
  return <WalkPage state={await current()} actions={{ change, undo: undoLast, redo: redoLast }} />;
}
