import type { Metadata } from 'next';
import { recover } from '@/app/actions/access';
import { TextLink } from '@/ui/parts/text-link';
import { css } from '@/ui/theme/made/css';
import { RecoverForm } from '@/ui/welcome/recover-form';
import { Welcome } from '@/ui/welcome/welcome';

export const metadata: Metadata = { title: 'Back in' };

export default function RecoverPage() {
  return (
    <Welcome
      form={
        <>
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
