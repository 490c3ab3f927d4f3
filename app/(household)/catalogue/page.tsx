import type { Metadata } from 'next';
import { current } from '@/server/current';
import { CataloguePage } from '@/ui/catalogue/catalogue-page';

export const metadata: Metadata = { title: 'How things are done' };

export default async function Page() {
  return <CataloguePage state={await current()} />;
}
