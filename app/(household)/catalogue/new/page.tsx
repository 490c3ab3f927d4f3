import type { Metadata } from 'next';
import { change } from '@/app/actions/edit';
import { OwnMethodPage } from '@/ui/catalogue/own-method-page';

export const metadata: Metadata = { title: 'A method of your own' };

export default function Page() {
  return <OwnMethodPage actions={{ change }} />;
}
