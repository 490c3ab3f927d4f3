import type { Metadata } from 'next';
import { redirect } from 'next/navigation';
import { signIn } from '@/app/actions/access';
import { enterByPasskey, passkeyToEnter } from '@/app/actions/passkeys';
import { siteAt } from '@/server/access/passkeys';
import { currentScope } from '@/server/session';
import { visitorOrigin } from '@/server/visitor';
import { TextLink } from '@/ui/parts/text-link';
import { css } from '@/ui/theme/made/css';
import { PasskeyButton } from '@/ui/welcome/passkey-button';
import { SignInForm } from '@/ui/welcome/sign-in-form';
import { Welcome } from '@/ui/welcome/welcome';

export const metadata: Metadata = { title: 'Sign in' };

export default async function SignInPage() {
  if (await currentScope()) redirect('/aim');
  return (
    <Welcome
      form={
        <>
          <h2 className={css({ textStyle: 'h2', m: 0 })}>Welcome back</h2>
          <SignInForm action={signIn} />
          {siteAt(await visitorOrigin()) && (
            <PasskeyButton question={passkeyToEnter} enter={enterByPasskey} />
          )}
        </>
      }
      other={
        <>
          <TextLink href="/recover">Forgotten the passphrase?</TextLink> New here?{' '}
          <TextLink href="/">Begin with your home</TextLink>
        </>
      }
    />
  );
}
