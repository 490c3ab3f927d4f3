import { redirect } from 'next/navigation';
import { lookRound, signUp } from '@/app/actions/access';
import { currentScope } from '@/server/session';
import { TextLink } from '@/ui/parts/text-link';
import { css } from '@/ui/theme/made/css';
import { DemoButton } from '@/ui/welcome/demo-button';
import { SignUpForm } from '@/ui/welcome/sign-up-form';
import { Welcome } from '@/ui/welcome/welcome';

export default async function FrontDoor() {
  if (await currentScope()) redirect('/aim');
  return (
    <Welcome
      form={
        <>
          <h2 className={css({ textStyle: 'h2', m: 0 })}>Begin with your home</h2>
          <SignUpForm action={signUp} />
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
