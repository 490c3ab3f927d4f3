import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { letters } from '@/server/mail/mailbox';
import { config } from '@/server/process/config';
import { LettersPage } from '@/ui/welcome/letters-page';

export const metadata: Metadata = { title: 'Letters' };

/** By what is set where the server runs, which is known then and not when it is built. */
export const dynamic = 'force-dynamic';

/** What the simulated mailbox holds; with a real mail service there is no such page. */
export default function Page() {
  if (config().mail.by !== 'simulated') notFound();
  return <LettersPage letters={letters()} />;
}
