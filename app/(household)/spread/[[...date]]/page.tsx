import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { spread } from '@/app/actions/clean';
import { dateSchema } from '@/core/basics/scalars';
import { longDate } from '@/present/words/words';
import { current } from '@/server/current';
import { SpreadPage } from '@/ui/spread/spread-page';
import { STEERING } from '../steering';

type Props = { readonly params: Promise<{ date?: string[] }> };

export async function generateMetadata({ params }: Props): Promise<Metadata> {
  const [date] = (await params).date ?? [];
  const isDate = date !== undefined && dateSchema.safeParse(date).success;
  return { title: isDate ? `Spread: ${longDate(date)}` : 'Spread' };
}

export default async function Page({ params }: Props) {
  const [date, ...more] = (await params).date ?? [];
  if (more.length > 0 || (date !== undefined && !dateSchema.safeParse(date).success)) notFound();
  return <SpreadPage state={await current()} date={date} spread={spread} steering={STEERING} />;
}
