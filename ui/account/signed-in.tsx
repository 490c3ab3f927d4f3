'use client';
import { useState } from 'react';
import type { SessionLine } from '@/present/access/account-model';
import { css } from '@/ui/theme/made/css';
import { Button } from '../parts/button';
import { Sentence } from '../parts/sentence';
import { useCommand } from '../state/use-command';
import type { AccountActions } from './account-actions';

type SignedInProps = {
  readonly sessions: readonly SessionLine[];
  readonly actions: Pick<AccountActions, 'endSession' | 'endOtherSessions'>;
};

/** Where one is signed in; each can be ended from here. */
export function SignedIn({ sessions, actions }: SignedInProps) {
  const command = useCommand();
  const [said, setSaid] = useState('');
  const endOthers = () =>
    command.send(actions.endOtherSessions, undefined, {
      onKept: (ended) =>
        setSaid(ended === 1 ? 'One other is signed out.' : `${ended} others are signed out.`),
    });
  return (
    <section aria-labelledby="signed-in">
      <h2 id="signed-in" className={css({ textStyle: 'h2', m: 0 })}>
        Signed in
      </h2>
      <p className={css({ textStyle: 'body', m: 0, color: 'quiet', mb: 1 })}>
        A session ends after thirty days, or after seven in which nobody used it.
      </p>
      <ul className={css({ listStyle: 'none', m: 0, p: 0 })}>
        {sessions.map((session) => (
          <li key={session.id} className={LINE}>
            <span className={css({ flex: '1 1 260px' })}>
              {session.device}
              {session.isHere && ', this device'}
              <span className={css({ display: 'block', fontSize: '0.9rem', color: 'quiet' })}>
                {session.when}
              </span>
            </span>
            {!session.isHere && (
              <Button
                color="inherit"
                disabled={command.pending}
                aria-label={`End: ${session.device}, ${session.when}`}
                onClick={() =>
                  command.send(
                    actions.endSession,
                    { id: session.id },
                    { onKept: () => setSaid(`${session.device} is signed out.`) },
                  )
                }
              >
                End
              </Button>
            )}
          </li>
        ))}
      </ul>
      {sessions.length > 1 && (
        <Button
          variant="outlined"
          disabled={command.pending}
          onClick={endOthers}
          className={css({ mt: 1.5 })}
        >
          Sign out everywhere else
        </Button>
      )}
      <Sentence>{command.fault}</Sentence>
      <span role="status">{said}</span>
    </section>
  );
}

const LINE = css({
  display: 'flex',
  flexWrap: 'wrap',
  alignItems: 'center',
  gap: 1,
  minHeight: 56,
  borderBottom: '1px solid var(--colors-line)',
});
