import type { Metadata } from 'next';
import { askForLetter, recover } from '@/app/actions/access';
import { config } from '@/server/process/config';
import { TextLink } from '@/ui/parts/text-link';
import { css } from '@/ui/theme/made/css';
import { LetterForm } from '@/ui/welcome/letter-form';
import { RecoverForm } from '@/ui/welcome/recover-form';
import { Welcome } from '@/ui/welcome/welcome';

export const metadata: Metadata = { title: 'Back in' };

/** By what is set where the server runs, which is known then and not when it is built. */
export const dynamic = 'force-dynamic';

export default function RecoverPage() {
  const { mail } = config();
  return (
    <Welcome
      form={
        <>
          {mail.by !== 'nobody' && (
            <>
              <h2 className={css({ textStyle: 'h2', m: 0 })}>Back in by mail</h2>
              <LetterForm action={askForLetter} readOn={mail.by === 'simulated' ? '/letters' : undefined} />
            </>
          )}
          <h2 className={css({ textStyle: 'h2', m: 0 })}>Back in with a code</h2>
          <RecoverForm action={recover} />
        </>
      }
      other={
        <>
          You remember it? <TextLink href="/sign-in">Sign in</TextLink>
        </>
      }
    />
  );
}
