import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { spread } from '@/app/actions/clean';
import { makeAddress, revokeAddress } from '@/app/actions/feed';
import { dateSchema } from '@/core/basics/scalars';
import { current } from '@/server/current';
import { hasFeed } from '@/server/repositories/feeds';
import { requireScope } from '@/server/session';
import { SpreadPage } from '@/ui/spread/spread-page';
import { STEERING } from '../steering';

export const metadata: Metadata = { title: 'Spread' };

export default async function Page({ params }: { params: Promise<{ date?: string[] }> }) {
  const [date, ...more] = (await params).date ?? [];
  if (more.length > 0 || (date !== undefined && !dateSchema.safeParse(date).success)) notFound();
  const feed = { make: makeAddress, revoke: revokeAddress, has: await hasFeed(await requireScope()) };
  return <SpreadPage state={await current()} date={date} spread={spread} steering={STEERING} feed={feed} />;
}
