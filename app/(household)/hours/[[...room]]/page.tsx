import type { Metadata } from 'next';
import { roomsOf } from '@/core/home/room';
import { current } from '@/server/current';
import { HoursPage } from '@/ui/hours/hours-page';

type Props = { readonly params: Promise<{ room?: string[] }> };

export async function generateMetadata({ params }: Props): Promise<Metadata> {
  const [{ room }, state] = await Promise.all([params, current()]);
  const open = room?.[0] && decodeURIComponent(room[0]);
  const name = roomsOf(state.household.home).find(({ id }) => id === open)?.name;
  return { title: name === undefined ? 'Hours' : `Hours: ${name}` };
}

/** Hours of all rooms, one of them opened where the address names it. */
export default async function Page({ params }: Props) {
  const [{ room }, state] = await Promise.all([params, current()]);
  const [open] = room ?? [];
  return <HoursPage state={state} open={open && decodeURIComponent(open)} />;
}
