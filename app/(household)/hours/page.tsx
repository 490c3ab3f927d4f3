import type { Metadata } from 'next';
import { current } from '@/server/current';
import { HoursPage } from '@/ui/hours/hours-page';

export const metadata: Metadata = { title: 'Hours' };

export default async function Page() {
  return <HoursPage state={await current()} />;
}
