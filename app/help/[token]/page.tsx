import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { fileFor } from '@/app/api/day/file-for';
import { kitsOn } from '@/present/supplies/supplies-model';
import { currentOf } from '@/server/current';
import { HelperPage } from '@/ui/day/day-page';
import { type HelperParams, helperBy } from './helper';

export const metadata: Metadata = { title: 'Today' };

/** The day of one person, for whoever has the link, until it is withdrawn. */
export default async function Page({ params }: HelperParams) {
  const { token } = await params;
  const sender = await helperBy(token)();
  const file = sender && (await fileFor(sender, undefined, undefined));
  if (!sender || !file) notFound();
  const kits = kitsOn(await currentOf(sender.scope), file.date, file.person);
  return <HelperPage file={file} kits={kits} base={`/help/${token}`} />;
}
