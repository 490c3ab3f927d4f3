import type { Metadata } from 'next';
import { choosePace, saveClean, spread } from '@/app/actions/clean';
import { lateAndOut } from '@/present/almanac/year-model';
import { almanacNow } from '@/server/almanac';
import { current } from '@/server/current';
import { requireScope } from '@/server/session';
import { AimPage } from '@/ui/aim/aim-page';

export const metadata: Metadata = { title: 'Aim' };

export default async function Page() {
  const [state, { entries }] = await Promise.all([current(), almanacNow(await requireScope())]);
  return (
    <AimPage
      state={state}
      late={lateAndOut(entries)}
      actions={{ save: saveClean, pace: choosePace, spread }}
    />
  );
}
