import { redirect } from 'next/navigation';
import { current } from '@/server/current';

type Props = { searchParams: Promise<{ person?: string | string[] }> };

/** The day is today unless somebody asks for another; whoever asks for one person's gets that. */
export default async function Page({ searchParams }: Props) {
  const { person } = await searchParams;
  const of = typeof person === 'string' ? `?${new URLSearchParams({ person })}` : '';
  const { today, household } = await current();
  // Between two cleans a day holds what is due and small.
  if (household.clean?.closed) redirect('/almanac/today');
  redirect(`/day/${today}${of}`);
}
