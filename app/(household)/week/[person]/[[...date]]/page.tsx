import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { dateSchema } from '@/core/basics/scalars';
import { current } from '@/server/current';
import { WeekPage } from '@/ui/week/week-page';

export const metadata: Metadata = { title: 'Week' };

type Props = { params: Promise<{ person: string; date?: string[] }> };

export default async function Page({ params }: Props) {
  const { person, date: [date, ...more] = [] } = await params;
  const state = await current();
  const id = decodeURIComponent(person);
  const isKnown = state.household.people.some((member) => member.id === id);
  if (!isKnown || more.length > 0 || (date !== undefined && !dateSchema.safeParse(date).success)) notFound();
  return <WeekPage state={state} person={id} date={date ?? state.today} />;
}
