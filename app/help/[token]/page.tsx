import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { fileFor } from '@/app/api/day/file-for';
import { HelperPage } from '@/ui/day/day-page';
import { type HelperParams, helperBy } from './helper';

export const metadata: Metadata = { title: 'Today' };

/** The day of one person, for whoever has the link, until it is withdrawn. */
export default async function Page({ params }: HelperParams) {
  const { token } = await params;
  const sender = await helperBy(token)();
  const file = sender && (await fileFor(sender, undefined, undefined));
  if (!file) notFound();
  return <HelperPage file={file} base={`/help/${token}`} />;
}
