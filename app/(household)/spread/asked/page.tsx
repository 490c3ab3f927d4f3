import type { Metadata } from 'next';
import { redirect } from 'next/navigation';
import { askedScreen } from '@/present/spread/asked-model';
import { current } from '@/server/current';
import { AskedPage } from '@/ui/spread/asked-page';
import { STEERING } from '../steering';

export const metadata: Metadata = { title: 'What you asked for' };

export default async function Page() {
  const state = await current();
  // Without an aim there is no time that could be given.
  if (!state.campaign) redirect('/aim');
  return <AskedPage screen={askedScreen(state, state.campaign)} edits={state.edits} actions={STEERING} />;
}
