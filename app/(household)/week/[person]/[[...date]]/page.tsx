import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { dateSchema } from '@/core/basics/scalars';
import { longDate } from '@/present/words/words';
import { current } from '@/server/current';
import { WeekPage } from '@/ui/week/week-page';

type Props = { params: Promise<{ person: string; date?: string[] }> };

export async function generateMetadata({ params }: Props): Promise<Metadata> {
  const [{ person, date }, state] = await Promise.all([params, current()]);
  const name = state.household.people.find(({ id }) => id === decodeURIComponent(person))?.name;
  const [day] = date ?? [];
  const of = day !== undefined && dateSchema.safeParse(day).success ? `, ${longDate(day)}` : '';
  return { title: name === undefined ? 'Week' : `The week of ${name}${of}` };
}

export default async function Page({ params }: Props) {
  const { person, date: [date, ...more] = [] } = await params;
  const state = await current();
  const id = decodeURIComponent(person);
  const isKnown = state.household.people.some((member) => member.id === id);
  if (!isKnown || more.length > 0 || (date !== undefined && !dateSchema.safeParse(date).success)) notFound();
  return <WeekPage state={state} person={id} date={date ?? state.today} />;
}
