import type { Metadata } from 'next';
import { takeWhatIf } from '@/app/actions/what-if';
import { current } from '@/server/current';
import { WhatIfPage } from '@/ui/what-if/what-if-page';

export const metadata: Metadata = { title: 'What if' };

export default async function Page() {
  return <WhatIfPage state={await current()} take={takeWhatIf} />;
}
