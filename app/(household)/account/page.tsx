import type { Metadata } from 'next';
import { redirect } from 'next/navigation';
import {
  changePassphrase,
  deleteHousehold,
  endOtherSessions,
  endSession,
  makeCodes,
} from '@/app/actions/account';
import { happeningLines, sessionLines } from '@/present/access/account-model';
import { goesAt } from '@/server/access/leaving';
import { readLog } from '@/server/access/log';
import { countRecoveryCodes } from '@/server/access/recovery-codes';
import { current } from '@/server/current';
import { emailOf } from '@/server/repositories/accounts';
import { currentVisit, sessions } from '@/server/session';
import { AccountPage, DemoAccountPage } from '@/ui/account/account-page';

export const metadata: Metadata = { title: 'Your account' };

const LINES = 50;

export default async function Page() {
  const visit = await currentVisit();
  if (!visit) redirect('/');
  const { scope, account, id } = visit;
  if (!account) return <DemoAccountPage />;
  const [{ household }, email, open, codes, log, goes] = await Promise.all([
    current(),
    emailOf(scope, account),
    sessions().of(scope, account),
    countRecoveryCodes(scope, account),
    readLog(scope, LINES),
    goesAt(scope),
  ]);
  return (
    <AccountPage
      email={email ?? ''}
      household={household.name}
      sessions={sessionLines(open, id, household.timezone)}
      codes={codes}
      log={happeningLines(log, household.timezone)}
      goes={goes !== undefined}
      actions={{ changePassphrase, deleteHousehold, endSession, endOtherSessions, makeCodes }}
    />
  );
}
