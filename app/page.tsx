import { redirect } from 'next/navigation';
import { lookRound, signIn, signUp } from '@/app/actions/access';
import { currentVisit } from '@/server/session';
import { TextLink } from '@/ui/parts/text-link';
import { css } from '@/ui/theme/made/css';
import { DemoButton } from '@/ui/welcome/demo-button';
import { SignUpForm } from '@/ui/welcome/sign-up-form';
import { Welcome } from '@/ui/welcome/welcome';

type FrontDoorProps = { readonly searchParams: Promise<{ readonly begin?: string }> };

export default async function FrontDoor({ searchParams }: FrontDoorProps) {
  const [visit, { begin }] = await Promise.all([currentVisit(), searchParams]);
  // Whoever looks round the demo may begin with their own home.
  if (visit && (visit.account || begin === undefined)) redirect('/aim');
  return (
    <Welcome
      form={
        <>
          <h2 className={css({ textStyle: 'h2', m: 0 })}>Begin with your home</h2>
          <SignUpForm action={signUp} signIn={signIn} />
        </>
      }
      demo={<DemoButton action={lookRound} />}
      other={
        <>
          You have been here before? <TextLink href="/sign-in">Sign in</TextLink>
        </>
      }
    />
  );
}
