import type {
  AccountLine,
  HappeningLine,
  InvitationLine,
  PasskeyLine,
  SessionLine,
} from '@/present/access/account-model';
import { css } from '@/ui/theme/made/css';
import { PageHead } from '../parts/page-head';
import { TextLink } from '../parts/text-link';
import { Unfold } from '../parts/unfold';
import type { AccountActions } from './account-actions';
import { ChangePassphrase } from './change-passphrase';
import { DeleteHousehold } from './delete-household';
import { NewCodes } from './new-codes';
import { OnThisDevice } from './on-this-device';
import { Passkeys } from './passkeys';
import { PeopleHere } from './people-here';
import { SignedIn } from './signed-in';

type AccountPageProps = {
  readonly email: string;
  readonly household: string;
  readonly sessions: readonly SessionLine[];
  readonly passkeys: readonly PasskeyLine[];
  /** This address can have keys. */
  readonly isFitForKeys: boolean;
  /** So many codes are left. */
  readonly codes: number;
  readonly log: readonly HappeningLine[];
  readonly accounts: readonly AccountLine[];
  readonly invitations: readonly InvitationLine[];
  readonly isKeeper: boolean;
  /** Somebody has asked for the household to go. */
  readonly goes: boolean;
  readonly actions: AccountActions;
};

/** Who is in, the ways in, and what happened at the door. */
export function AccountPage(props: AccountPageProps) {
  const { email, household, sessions, codes, log, goes, accounts, invitations, isKeeper, actions } = props;
  const { passkeys, isFitForKeys } = props;
  return (
    <>
      <PageHead title="Your account">
        {email}, in the household “{household}”.
      </PageHead>
      <div className={css({ display: 'flex', flexDirection: 'column', gap: 4, maxWidth: 720 })}>
        <OnThisDevice />
        <SignedIn sessions={sessions} actions={actions} />
        <PeopleHere {...{ accounts, invitations, isKeeper, actions }} />
        <Passkeys passkeys={passkeys} isFit={isFitForKeys} actions={actions} />
        <NewCodes left={codes} make={actions.makeCodes} />
        <ChangePassphrase action={actions.changePassphrase} />
        <Happened log={log} />
        {isKeeper && !goes && <DeleteHousehold name={household} action={actions.deleteHousehold} />}
      </div>
    </>
  );
}

function Happened({ log }: Pick<AccountPageProps, 'log'>) {
  return (
    <Unfold title="What happened at the door">
      <ul className={css({ listStyle: 'none', m: 0, p: 0 })}>
        {log.map((line, i) => (
          <li
            // Lines have no other name than their place, and the list is only read.
            // biome-ignore lint/suspicious/noArrayIndexKey: they never change places
            key={i}
            className={css({ py: 1, borderBottom: '1px solid var(--colors-line)' })}
          >
            {line.what}
            <span className={css({ display: 'block', fontSize: '0.9rem', color: 'quiet' })}>
              {line.when}. {line.who}
            </span>
          </li>
        ))}
      </ul>
    </Unfold>
  );
}

/** Whoever looks round the demo has no account yet. */
export function DemoAccountPage() {
  return (
    <>
      <PageHead title="Your account">
        You are looking round the demo household, which is yours for three days and has no account. To keep
        what you do, <TextLink href="/?begin">begin with your own home</TextLink>.
      </PageHead>
      <OnThisDevice />
    </>
  );
}
