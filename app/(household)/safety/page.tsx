import type { Metadata } from 'next';
import { change, redoLast, undoLast } from '@/app/actions/edit';
import { current } from '@/server/current';
import { SafetyPage } from '@/ui/safety/safety-page';

export const metadata: Metadata = { title: 'What to beware of' };

export default async function Page() {
  return <SafetyPage state={await current()} actions={{ change, undo: undoLast, redo: redoLast }} />;
}
