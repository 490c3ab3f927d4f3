import type { Metadata } from 'next';
import { addFloor, addRoom } from '@/app/actions/walk';
import { current } from '@/server/current';
import { WalkPage } from '@/ui/walk/walk-page';

export const metadata: Metadata = { title: 'Walk' };

export default async function Page() {
  return <WalkPage state={await current()} actions={{ addFloor, addRoom }} />;
}
