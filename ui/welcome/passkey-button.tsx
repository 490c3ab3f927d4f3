'use client';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import type { ActionResult } from '@/present/forms/result';
import { css } from '@/ui/theme/made/css';
import { Button } from '../parts/button';
import { Sentence } from '../parts/sentence';

type PasskeyButtonProps = {
  readonly question: () => Promise<ActionResult<Parameters<Start>[0]['optionsJSON']>>;
  readonly enter: (answer: unknown) => Promise<ActionResult>;
};
type Start = typeof import('@simplewebauthn/browser').startAuthentication;

/** In by a key that the device keeps. */
export function PasskeyButton({ question, enter }: PasskeyButtonProps) {
  const router = useRouter();
  const [pending, setPending] = useState(false);
  const [fault, setFault] = useState('');
  const go = async (): Promise<string> => {
    const asked = await question();
    if (!asked.ok) return asked.faults[0]?.sentence ?? '';
    const { startAuthentication } = await import('@simplewebauthn/browser');
    const answer = await startAuthentication({ optionsJSON: asked.value }).catch(() => undefined);
    if (!answer) return 'No passkey was chosen. Try again, or use the passphrase.';
    const entered = await enter(answer);
    if (!entered.ok) return entered.faults[0]?.sentence ?? '';
    router.push('/day');
    return '';
  };
  const press = async () => {
    setPending(true);
    setFault(await go().catch(() => 'That did not work. Try again, or use the passphrase.'));
    setPending(false);
  };
  return (
    <div className={css({ display: 'grid', gap: 1.5, mt: 1 })}>
      <Button variant="outlined" size="large" loading={pending} onClick={() => void press()}>
        Sign in with a passkey
      </Button>
      <Sentence>{fault}</Sentence>
    </div>
  );
}
