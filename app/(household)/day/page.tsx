import { redirect } from 'next/navigation';
import { current } from '@/server/current';

type Props = { searchParams: Promise<{ person?: string | string[] }> };

/** The day is today unless somebody asks for another; whoever asks for one person's gets that. */
export default async function Page({ searchParams }: Props) {
  const { person } = await searchParams;
  const of = typeof person === 'string' ? `?${new URLSearchParams({ person })}` : '';
  redirect(`/day/${(await current()).today}${of}`);
}
