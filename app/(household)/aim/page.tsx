import type { Metadata } from 'next';
import { choosePace, saveClean, spread } from '@/app/actions/clean';
import { current } from '@/server/current';
import { AimPage } from '@/ui/aim/aim-page';

export const metadata: Metadata = { title: 'Aim' };

export default async function Page() {
  return <AimPage state={await current()} actions={{ save: saveClean, pace: choosePace, spread }} />;
}
