import type { Metadata } from 'next';
import { change, redoLast, undoLast } from '@/app/actions/edit';
import { current } from '@/server/current';
import { OrderPage } from '@/ui/order/order-page';

export const metadata: Metadata = { title: 'What comes first' };

export default async function Page() {
  return <OrderPage state={await current()} actions={{ change, undo: undoLast, redo: redoLast }} />;
}
