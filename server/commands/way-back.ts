import type { Knex } from 'knex';
import { writeDown } from '../access/log';
import { makePassingCode } from '../access/recovery-codes';
import { HouseholdScope } from '../db/scope';
import { post } from '../mail/post';
import type { Config } from '../process/config';
import { accountsOf, normalEmail } from '../repositories/accounts';

/** Ways back in for whoever has no codes left: a link by mail, or a code from whoever runs the server. */

const BY_MAIL_S = 30 * 60;
const FROM_SERVER_S = 24 * 60 * 60;

type WayBack = { readonly household: string; readonly code: string };

/** A code for each household that an email belongs to; none where nobody knows it. */
async function waysBack(
  db: Knex,
  email: string,
  secret: string,
  seconds: number,
): Promise<(WayBack & { readonly scope: HouseholdScope; readonly account: string })[]> {
  const accounts = await accountsOf(db, email);
  return Promise.all(
    accounts.map(async ({ id, household }) => {
      const scope = new HouseholdScope(db, household);
      const code = await makePassingCode(scope, id, secret, seconds);
      const own: { name: string } | undefined = await scope.own().first('name');
      return { scope, account: id, household: own?.name ?? '', code };
    }),
  );
}

/** Sends a letter with a link for each household of an email; nothing where it is not known. */
export async function sendWayBack(db: Knex, email: string, { secret, mail }: Config): Promise<void> {
  if (mail.by === 'nobody') return;
  const ways = await waysBack(db, email, secret, BY_MAIL_S);
  if (ways.length === 0) return;
  for (const { scope, account } of ways)
    await writeDown(scope, { what: 'asked-for-letter', account, device: 'By mail' });
  await post({ to: normalEmail(email), ...wordsOf(ways, email, mail.address) }, mail);
}

function wordsOf(ways: readonly WayBack[], email: string, address: string) {
  const links = ways.map(({ household, code }) => {
    // Behind the #, so that it is in no log on its way.
    const link = `${address}/recover#${new URLSearchParams({ email, code })}`;
    return `${household}\n${link}`;
  });
  return {
    subject: 'Early Thaw: your way back in',
    text: [
      'Somebody, we hope you, has asked for a way back in to Early Thaw.',
      `Open this link within half an hour and choose a new passphrase:\n\n${links.join('\n\n')}`,
      'If it was not you, there is nothing to do: without this letter nobody gets in.',
    ].join('\n\n'),
  };
}

/** Codes for somebody who has asked whoever runs the server, good for a day. */
export async function giveWayBack(db: Knex, email: string, secret: string): Promise<WayBack[]> {
  const ways = await waysBack(db, email, secret, FROM_SERVER_S);
  for (const { scope, account } of ways)
    await writeDown(scope, { what: 'code-from-server', account, device: 'The server' });
  return ways.map(({ household, code }) => ({ household, code }));
}
