import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { change, redoLast, undoLast } from '@/app/actions/edit';
import { current } from '@/server/current';
import { isSuppliesView, SuppliesPage } from '@/ui/supplies/supplies-page';

export const metadata: Metadata = { title: 'Supplies' };

export default async function Page({ params }: { params: Promise<{ view?: string[] }> }) {
  const [{ view = [] }, state] = await Promise.all([params, current()]);
  const [name = 'buy'] = view;
  if (view.length > 1 || !isSuppliesView(name)) notFound();
  return <SuppliesPage state={state} view={name} actions={{ change, undo: undoLast, redo: redoLast }} />;
}
