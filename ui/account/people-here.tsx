'use client';
import { useState } from 'react';
import { ROLES, type Role } from '@/core/household/roles';
import type { AccountLine, InvitationLine } from '@/present/access/account-model';
import { ROLE_USES, ROLE_WORDS } from '@/present/access/role-words';
import { css } from '@/ui/theme/made/css';
import { Button } from '../parts/button';
import { NativeSelect } from '../parts/native-select';
import { Sentence } from '../parts/sentence';
import { ShareButton } from '../parts/share-button';
import { TextField } from '../parts/text-field';
import { type Commands, useCommand } from '../state/use-command';
import type { AccountActions } from './account-actions';

const CHOICES = ROLES.toReversed().map((role) => [role, ROLE_WORDS[role]] as const);

type PeopleHereProps = {
  readonly accounts: readonly AccountLine[];
  readonly invitations: readonly InvitationLine[];
  /** Whoever looks keeps house. */
  readonly isKeeper: boolean;
  readonly actions: Pick<
    AccountActions,
    'invite' | 'takeBackInvitation' | 'changeRole' | 'dropAccount' | 'leaveHousehold'
  >;
};

/** Who has an account in the household and what each may; one more comes by an invitation. */
export function PeopleHere({ accounts, invitations, isKeeper, actions }: PeopleHereProps) {
  const command = useCommand();
  return (
    <section aria-labelledby="people-here" className={css({ display: 'grid', gap: 1.5 })}>
      <h2 id="people-here" className={css({ textStyle: 'h2', m: 0 })}>
        Accounts in this household
      </h2>
      <ul className={css({ listStyle: 'none', m: 0, p: 0 })}>
        {accounts.map((account) => (
          <AccountRow
            key={account.id}
            isAlone={accounts.length === 1}
            {...{ account, isKeeper, actions, command }}
          />
        ))}
      </ul>
      <Sentence>{command.fault}</Sentence>
      {isKeeper && <Invite {...{ invitations, actions }} />}
    </section>
  );
}

type AccountRowProps = Pick<PeopleHereProps, 'isKeeper' | 'actions'> & {
  readonly account: AccountLine;
  /** There is nobody to hand the house on to. */
  readonly isAlone: boolean;
  readonly command: Commands;
};

function AccountRow({ account, isAlone, isKeeper, actions, command }: AccountRowProps) {
  const { id, email, role, isMe } = account;
  return (
    <li className={LINE}>
      <span className={css({ flex: '1 1 240px', overflowWrap: 'anywhere' })}>
        {email}
        {isMe && ', you'}
      </span>
      {isKeeper && !isAlone ? (
        <NativeSelect
          size="small"
          label="What they may do"
          aria-label={`What they may do: ${email}`}
          value={role}
          options={CHOICES}
          disabled={command.pending}
          onChange={(next) => command.send(actions.changeRole, { account: id, role: next })}
          className={css({ width: 190 })}
        />
      ) : (
        <span className={css({ color: 'quiet' })}>{ROLE_WORDS[role]}</span>
      )}
      {isMe && !isAlone && (
        <Button
          color="inherit"
          disabled={command.pending}
          onClick={() => command.send(actions.leaveHousehold)}
        >
          Leave the household
        </Button>
      )}
      {!isMe && isKeeper && (
        <Button
          color="inherit"
          disabled={command.pending}
          aria-label={`Take the account away: ${email}`}
          onClick={() => command.send(actions.dropAccount, { account: id })}
        >
          Take it away
        </Button>
      )}
    </li>
  );
}

function Invite({ invitations, actions }: Pick<PeopleHereProps, 'invitations' | 'actions'>) {
  const command = useCommand();
  const [role, setRole] = useState<Role>('planner');
  const [link, setLink] = useState<string>();
  const make = () =>
    command.send(
      actions.invite,
      { role },
      { onKept: (token) => setLink(`${window.location.origin}/join/${token}`) },
    );
  return (
    <>
      <div className={css({ display: 'flex', flexWrap: 'wrap', gap: 1.5, alignItems: 'center', mt: 1 })}>
        <NativeSelect
          size="small"
          label="One more who"
          value={role}
          options={CHOICES}
          onChange={(next) => setRole(next as Role)}
          className={css({ width: 220 })}
        />
        <Button variant="outlined" loading={command.pending} onClick={make}>
          Invite
        </Button>
        <span className={css({ flex: '1 1 260px', fontSize: '0.92rem', color: 'quiet' })}>
          {ROLE_WORDS[role]}: {ROLE_USES[role]}.
        </span>
      </div>
      <Sentence>{command.fault}</Sentence>
      <div role="status">
        {link && (
          <div className={css({ display: 'grid', gap: 1 })}>
            <p className={css({ textStyle: 'body', m: 0 })}>
              Hand this link to one person: it is shown once, lets one in, and runs out in a week.
            </p>
            <TextField label="Invitation" readOnly value={link} onFocus={(event) => event.target.select()} />
            <ShareButton title="An invitation to Early Thaw" text={link} />
          </div>
        )}
      </div>
      {invitations.map(({ id, words }) => (
        <div key={id} className={LINE}>
          <span className={css({ flex: '1 1 240px' })}>{words}</span>
          <Button
            color="inherit"
            disabled={command.pending}
            aria-label={`Take back: ${words}`}
            onClick={() => command.send(actions.takeBackInvitation, { id })}
          >
            Take it back
          </Button>
        </div>
      ))}
    </>
  );
}

const LINE = css({
  display: 'flex',
  flexWrap: 'wrap',
  alignItems: 'center',
  gap: 1.5,
  minHeight: 60,
  py: 1,
  borderBottom: '1px solid var(--colors-line)',
});
