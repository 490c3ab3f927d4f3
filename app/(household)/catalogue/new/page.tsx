import type { Metadata } from 'next';
import { change } from '@/app/actions/edit';
import { productOptions } from '@/present/supplies/own-product';
import { current } from '@/server/current';
import { OwnMethodPage } from '@/ui/catalogue/own-method-page';

export const metadata: Metadata = { title: 'A method of your own' };

export default async function Page() {
  const { household } = await current();
  return <OwnMethodPage products={productOptions(household.catalogue.products)} actions={{ change }} />;
}
