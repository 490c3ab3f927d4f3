import Typography from '@mui/material/Typography';
import { redirect } from 'next/navigation';
import { lookRound, signUp } from '@/app/actions/access';
import { currentScope } from '@/server/session';
import { TextLink } from '@/ui/parts/text-link';
import { DemoButton } from '@/ui/welcome/demo-button';
import { SignUpForm } from '@/ui/welcome/sign-up-form';
import { Welcome } from '@/ui/welcome/welcome';

export default async function FrontDoor() {
  if (await currentScope()) redirect('/aim');
  return (
    <Welcome
      form={
        <>
          <Typography variant="h2">Begin with your home</Typography>
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
