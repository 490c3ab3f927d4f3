import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { settle } from '@/app/actions/day';
import { change, redoLast, undoLast } from '@/app/actions/edit';
import { foundLeft } from '@/server/commands/found';
import { current } from '@/server/current';
import { requireScope } from '@/server/session';
import { isSuppliesView, SuppliesPage } from '@/ui/supplies/supplies-page';

export const metadata: Metadata = { title: 'Supplies' };

export default async function Page({ params }: { params: Promise<{ view?: string[] }> }) {
  const [{ view = [] }, state] = await Promise.all([params, current()]);
  const [name = 'buy'] = view;
  if (view.length > 1 || !isSuppliesView(name)) notFound();
  const found = name === 'buy' ? await foundLeft(await requireScope()) : [];
  return (
    <SuppliesPage
      state={state}
      view={name}
      found={found}
      actions={{ change, undo: undoLast, redo: redoLast }}
      settle={settle}
    />
  );
}
