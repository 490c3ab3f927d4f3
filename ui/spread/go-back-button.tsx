'use client';
import { useState } from 'react';
import type { Steered } from '@/present/spread/steer-words';
import { css } from '@/ui/theme/made/css';
import { Button } from '../parts/button';
import { Sentence } from '../parts/sentence';
import type { CommandAction } from '../state/command';
import { useCommand } from '../state/use-command';

type GoBackButtonProps = {
  readonly version: number;
  readonly goBack: CommandAction<Steered>;
};

/** Puts an earlier plan in force again. */
export function GoBackButton({ version, goBack }: GoBackButtonProps) {
  const { send, pending, fault } = useCommand();
  const [said, setSaid] = useState('');
  const press = () =>
    send(
      goBack,
      { version },
      {
        onKept: ({ words }) => setSaid(`Plan ${version} is in force again. ${words}`),
      },
    );
  return (
    <>
      <Button variant="outlined" onClick={press} loading={pending} className={css({ mt: 1 })}>
        Go back to plan {version}
      </Button>
      <Sentence>{fault}</Sentence>
      <span role="status">{said}</span>
    </>
  );
}
