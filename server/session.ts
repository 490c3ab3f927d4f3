import { getIronSession, type IronSession } from 'iron-session';
import { cookies, headers } from 'next/headers';
import { redirect } from 'next/navigation';
import { cache } from 'react';
import { database } from './database';
import { type HouseholdId, HouseholdScope } from './db/scope';
import { config } from './process/config';
import { householdExists } from './repositories/accounts';
import { isSecure } from './visitor';

/** Who is there, in a sealed cookie that scripts can't read. */

type SessionData = { household?: HouseholdId };

const THIRTY_DAYS = 30 * 24 * 60 * 60;

async function session(): Promise<IronSession<SessionData>> {
  return getIronSession<SessionData>(await cookies(), {
    cookieName: 'early-thaw',
    password: config().secret,
    ttl: THIRTY_DAYS,
    cookieOptions: { httpOnly: true, sameSite: 'lax', secure: isSecure(await headers()), path: '/' },
  });
}

export async function enterHousehold(household: HouseholdId): Promise<void> {
  const current = await session();
  current.household = household;
  await current.save();
}

export async function leaveHousehold(): Promise<void> {
  (await session()).destroy();
}

/** What the person of this request may see; undefined when nobody is signed in. */
export const currentScope = cache(async (): Promise<HouseholdScope | undefined> => {
  const { household } = await session();
  if (!household || !(await householdExists(database(), household))) return undefined;
  return new HouseholdScope(database(), household);
});

/** The same for pages: whoever is not signed in is taken to the front door. */
export async function requireScope(): Promise<HouseholdScope> {
  return (await currentScope()) ?? redirect('/');
}

/** True when a request comes from a page of this very site. */
export async function isSameOrigin(): Promise<boolean> {
  const sent = await headers();
  const origin = sent.get('origin');
  const host = sent.get('x-forwarded-host') ?? sent.get('host');
  return origin !== null && URL.canParse(origin) && new URL(origin).host === host;
}
