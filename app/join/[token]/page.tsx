import type { Metadata } from 'next';
import { join, signIn } from '@/app/actions/access';
import { ROLE_USES, ROLE_WORDS } from '@/present/access/role-words';
import { invitationAt } from '@/server/access/invitations';
import { database } from '@/server/database';
import { TextLink } from '@/ui/parts/text-link';
import { css } from '@/ui/theme/made/css';
import { JoinForm } from '@/ui/welcome/join-form';
import { Welcome } from '@/ui/welcome/welcome';

export const metadata: Metadata = { title: 'An invitation' };

type JoinPageProps = { readonly params: Promise<{ readonly token: string }> };

export default async function JoinPage({ params }: JoinPageProps) {
  const { token } = await params;
  const invited = await invitationAt(database(), token);
  return (
    <Welcome
      form={
        invited ? (
          <>
            <h2 className={css({ textStyle: 'h2', m: 0 })}>You are invited to “{invited.household}”</h2>
            <p className={css({ textStyle: 'body', m: 0 })}>
              {ROLE_WORDS[invited.role]}: {ROLE_USES[invited.role]}.
            </p>
            <JoinForm action={join.bind(null, token)} signIn={signIn} />
          </>
        ) : (
          <>
            <h2 className={css({ textStyle: 'h2', m: 0 })}>This invitation leads nowhere</h2>
            <p className={css({ textStyle: 'body', m: 0 })}>
              It was used already, taken back, or is older than a week. Ask for another one.
            </p>
          </>
        )
      }
      other={
        <>
          You have an account? <TextLink href="/sign-in">Sign in</TextLink>
        </>
      }
    />
  );
}
