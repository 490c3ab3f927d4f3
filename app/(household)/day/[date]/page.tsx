import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { planTrip, takeOneMoreBlock } from '@/app/actions/day';
import { fileFor } from '@/app/api/day/file-for';
import { rolledOn } from '@/app/api/day/rolled-on';
import { isLocalDate } from '@/core/basics/local-time';
import { kitsOn } from '@/present/supplies/supplies-model';
import { longDate } from '@/present/words/words';
import { current } from '@/server/current';
import { requireScope } from '@/server/session';
import { DayPage, NoDay } from '@/ui/day/day-page';

type Props = {
  params: Promise<{ date: string }>;
  searchParams: Promise<Record<string, string | string[] | undefined>>;
};

export async function generateMetadata({ params, searchParams }: Props): Promise<Metadata> {
  const [{ date }, { person }, state] = await Promise.all([params, searchParams, current()]);
  const name = state.household.people.find(({ id }) => id === person)?.name;
  const day = isLocalDate(date) ? longDate(date) : 'Day';
  return { title: name === undefined ? day : `${day}, ${name}` };
}

export default async function Page({ params, searchParams }: Props) {
  const [{ date }, { person }, scope] = await Promise.all([params, searchParams, requireScope()]);
  if (!isLocalDate(date)) notFound();
  const file = await fileFor({ scope }, date, typeof person === 'string' ? person : undefined);
  const state = await current();
  const rolled = await rolledOn(scope, state.today);
  if (!file) return <NoDay hasAim={state.campaign !== undefined} />;
  const asks = { planTrip, takeOneMoreBlock };
  return <DayPage file={file} kits={kitsOn(state, date, file.person)} rolled={rolled} asks={asks} />;
}
