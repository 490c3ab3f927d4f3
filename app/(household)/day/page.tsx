import { redirect } from 'next/navigation';
import { current } from '@/server/current';

/** The day is today unless somebody asks for another. */
export default async function Page() {
  redirect(`/day/${(await current()).today}`);
}
