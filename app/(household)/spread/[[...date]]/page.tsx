import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { spread } from '@/app/actions/clean';
import { dateSchema } from '@/core/basics/scalars';
import { current } from '@/server/current';
import { SpreadPage } from '@/ui/spread/spread-page';
import { STEERING } from '../steering';

export const metadata: Metadata = { title: 'Spread' };

export default async function Page({ params }: { params: Promise<{ date?: string[] }> }) {
  const [date, ...more] = (await params).date ?? [];
  if (more.length > 0 || (date !== undefined && !dateSchema.safeParse(date).success)) notFound();
  return <SpreadPage state={await current()} date={date} spread={spread} steering={STEERING} />;
}
