import type { Metadata } from 'next';
import { redirect } from 'next/navigation';
import {
  changePassphrase,
  changeRole,
  deleteHousehold,
  dropAccount,
  endOtherSessions,
  endSession,
  invite,
  leaveHousehold,
  makeCodes,
  takeBackInvitation,
} from '@/app/actions/account';
import { addPasskey, dropPasskey, passkeyToAdd } from '@/app/actions/passkeys';
import { happeningLines, invitationLines, passkeyLines, sessionLines } from '@/present/access/account-model';
import { openInvitations } from '@/server/access/invitations';
import { goesAt } from '@/server/access/leaving';
import { readLog } from '@/server/access/log';
import { passkeysOf, siteAt } from '@/server/access/passkeys';
import { countRecoveryCodes } from '@/server/access/recovery-codes';
import { current } from '@/server/current';
import { accountsIn, emailOf } from '@/server/repositories/accounts';
import { currentVisit, sessions } from '@/server/session';
import { visitorOrigin } from '@/server/visitor';
import { AccountPage, DemoAccountPage } from '@/ui/account/account-page';

export const metadata: Metadata = { title: 'Your account' };

const LINES = 50;

const ACTIONS = {
  changePassphrase,
  changeRole,
  deleteHousehold,
  dropAccount,
  endOtherSessions,
  endSession,
  invite,
  leaveHousehold,
  makeCodes,
  passkeyToAdd,
  addPasskey,
  dropPasskey,
  takeBackInvitation,
};

export default async function Page() {
  const visit = await currentVisit();
  if (!visit) redirect('/');
  const { scope, account, role, id } = visit;
  const isKeeper = role === 'keeper';
  if (!account) return <DemoAccountPage />;
  const [{ household }, email, open, codes, log, goes, accounts, invitations, passkeys, origin] =
    await Promise.all([
      current(),
      emailOf(scope, account),
      sessions().of(scope, account),
      countRecoveryCodes(scope, account),
      readLog(scope, LINES),
      goesAt(scope),
      accountsIn(scope),
      isKeeper ? openInvitations(scope) : [],
      passkeysOf(scope, account),
      visitorOrigin(),
    ]);
  return (
    <AccountPage
      email={email ?? ''}
      household={household.name}
      sessions={sessionLines(open, id, household.timezone)}
      passkeys={passkeyLines(passkeys, household.timezone)}
      isFitForKeys={siteAt(origin) !== undefined}
      codes={codes}
      log={happeningLines(log, household.timezone)}
      goes={goes !== undefined}
      accounts={accounts.map((one) => ({ ...one, isMe: one.id === account }))}
      invitations={invitationLines(invitations, household.timezone)}
      isKeeper={isKeeper}
      actions={ACTIONS}
    />
  );
}
