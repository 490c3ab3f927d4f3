import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { change, redoLast, undoLast } from '@/app/actions/edit';
import { methodOf } from '@/present/catalogue/catalogue-model';
import { current } from '@/server/current';
import { MethodPage } from '@/ui/catalogue/method-page';

export const metadata: Metadata = { title: 'How it is done' };

export default async function Page({ params }: { params: Promise<{ method: string }> }) {
  const [{ method: id }, state] = await Promise.all([params, current()]);
  const method = methodOf(state, decodeURIComponent(id));
  if (!method) notFound();
  return <MethodPage state={state} method={method} actions={{ change, undo: undoLast, redo: redoLast }} />;
}
