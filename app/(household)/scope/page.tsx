import type { Metadata } from 'next';
import { change, redoLast, undoLast } from '@/app/actions/edit';
import { current } from '@/server/current';
import { ScopePage } from '@/ui/scope/scope-page';

export const metadata: Metadata = { title: 'The whole list' };

export default async function Page() {
  return <ScopePage state={await current()} actions={{ change, undo: undoLast, redo: redoLast }} />;
}
