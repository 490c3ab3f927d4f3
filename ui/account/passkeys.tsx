'use client';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import type { PasskeyLine } from '@/present/access/account-model';
import { css } from '@/ui/theme/made/css';
import { Button } from '../parts/button';
import { Sentence } from '../parts/sentence';
import { useCommand } from '../state/use-command';
import type { AccountActions } from './account-actions';

type PasskeysProps = {
  readonly passkeys: readonly PasskeyLine[];
  /** This address can have keys. */
  readonly isFit: boolean;
  readonly actions: Pick<AccountActions, 'passkeyToAdd' | 'addPasskey' | 'dropPasskey'>;
};

/** Keys that this person's devices keep; each can be taken away. */
export function Passkeys({ passkeys, isFit, actions }: PasskeysProps) {
  const router = useRouter();
  const command = useCommand();
  const [said, setSaid] = useState('');
  const [fault, setFault] = useState('');
  const add = async () => {
    setFault('');
    setSaid('');
    const asked = await actions.passkeyToAdd();
    if (!asked.ok) return setFault(asked.faults[0]?.sentence ?? '');
    const { startRegistration } = await import('@simplewebauthn/browser');
    const made = await startRegistration({ optionsJSON: asked.value }).catch(() => undefined);
    if (!made) return setFault('No passkey was made. Try again, or go on with the passphrase.');
    command.send(actions.addPasskey, made, {
      onKept: () => {
        setSaid('The passkey is added.');
        router.refresh();
      },
    });
  };
  return (
    <section aria-labelledby="passkeys" className={css({ display: 'grid', gap: 1.5, justifyItems: 'start' })}>
      <h2 id="passkeys" className={css({ textStyle: 'h2', m: 0 })}>
        Passkeys
      </h2>
      <p className={css({ textStyle: 'body', m: 0 })}>
        {isFit
          ? 'A passkey opens the door by finger, face or the lock of a device, and nothing has to be typed or can be guessed. The passphrase goes on working.'
          : 'Passkeys need an address with a name and https; here the passphrase is the way in.'}
      </p>
      {passkeys.length > 0 && (
        <ul className={css({ listStyle: 'none', m: 0, p: 0, width: '100%' })}>
          {passkeys.map(({ id, device, when }) => (
            <li
              key={id}
              className={css({
                display: 'flex',
                flexWrap: 'wrap',
                alignItems: 'center',
                gap: 1,
                minHeight: 56,
                borderBottom: '1px solid var(--colors-line)',
              })}
            >
              <span className={css({ flex: '1 1 260px' })}>
                {device}
                <span className={css({ display: 'block', fontSize: '0.9rem', color: 'quiet' })}>{when}</span>
              </span>
              <Button
                color="inherit"
                disabled={command.pending}
                aria-label={`Take the passkey away: ${device}, ${when}`}
                onClick={() =>
                  command.send(
                    actions.dropPasskey,
                    { id },
                    { onKept: () => setSaid(`The passkey of ${device} opens nothing any more.`) },
                  )
                }
              >
                Take away
              </Button>
            </li>
          ))}
        </ul>
      )}
      {isFit && (
        <Button variant="outlined" loading={command.pending} onClick={() => void add()}>
          Add a passkey
        </Button>
      )}
      <Sentence>{fault || command.fault}</Sentence>
      <span role="status">{said}</span>
    </section>
  );
}
