import type { Metadata } from 'next';
import { current } from '@/server/current';
import { HoursPage } from '@/ui/hours/hours-page';

export const metadata: Metadata = { title: 'Hours' };

/** Hours of all rooms, one of them opened where the address names it. */
export default async function Page({ params }: { params: Promise<{ room?: string[] }> }) {
  const [{ room }, state] = await Promise.all([params, current()]);
  const [open] = room ?? [];
  return <HoursPage state={state} open={open && decodeURIComponent(open)} />;
}
