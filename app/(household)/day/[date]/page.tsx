import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { spread } from '@/app/actions/clean';
import { tickStep, untickStep } from '@/app/actions/day';
import { isLocalDate } from '@/core/time/local-time';
import { current } from '@/server/current';
import { DayPage } from '@/ui/day/day-page';

export const metadata: Metadata = { title: 'Day' };

type Props = {
  params: Promise<{ date: string }>;
  searchParams: Promise<Record<string, string | string[] | undefined>>;
};

export default async function Page({ params, searchParams }: Props) {
  const [{ date }, { person }, state] = await Promise.all([params, searchParams, current()]);
  if (!isLocalDate(date)) notFound();
  const known = state.household.people.find((member) => member.id === person);
  return (
    <DayPage
      state={state}
      date={date}
      person={known?.id}
      actions={{ tick: tickStep, untick: untickStep, spread }}
    />
  );
}
