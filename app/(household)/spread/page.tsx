import type { Metadata } from 'next';
import { spread } from '@/app/actions/clean';
import { current } from '@/server/current';
import { SpreadPage } from '@/ui/spread/spread-page';

export const metadata: Metadata = { title: 'Spread' };

export default async function Page() {
  return <SpreadPage state={await current()} spread={spread} />;
}
