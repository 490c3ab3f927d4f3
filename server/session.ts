import { cookies, headers } from 'next/headers';
import { redirect } from 'next/navigation';
import { cache } from 'react';
import type { Happening } from '../core/household/happenings';
import type { Role } from '../core/household/roles';
import { deviceName } from './access/device-name';
import { writeDown } from './access/log';
import { database } from './database';
import { type HouseholdId, HouseholdScope } from './db/scope';
import { config } from './process/config';
import { MOST_SESSION_SECONDS, Sessions } from './repositories/sessions';
import { isSecure } from './visitor';

/** Who is there: a token in a cookie that scripts can't read, and what the database knows of it. */

export type CurrentVisit = {
  readonly scope: HouseholdScope;
  /** None for a visitor of the demo. */
  readonly account: string | undefined;
  readonly role: Role;
  /** Of the session. */
  readonly id: string;
};

const NAME = 'early-thaw';

/** Over https a cookie that only this very host can have set. */
const cookieName = (secure: boolean) => (secure ? `__Host-${NAME}` : NAME);

export function sessions(): Sessions {
  return new Sessions(database(), config().secret);
}

async function token(): Promise<string | undefined> {
  const secure = isSecure(await headers());
  return (await cookies()).get(cookieName(secure))?.value;
}

/** What the browser of this request is called. */
export async function currentDevice(): Promise<string> {
  return deviceName((await headers()).get('user-agent'));
}

/** Opens a session in place of the one that was there, so that no token outlives what it was given for. */
export async function enterHousehold(household: HouseholdId, account?: string): Promise<void> {
  await endCurrent();
  const secure = isSecure(await headers());
  const opened = await sessions().open({ household, account, device: await currentDevice() });
  (await cookies()).set(cookieName(secure), opened, {
    httpOnly: true,
    sameSite: 'lax',
    secure,
    path: '/',
    maxAge: MOST_SESSION_SECONDS,
  });
}

export async function leaveHousehold(): Promise<void> {
  await endCurrent();
  (await cookies()).delete(cookieName(isSecure(await headers())));
}

async function endCurrent(): Promise<void> {
  const held = await token();
  if (held) await sessions().end(held);
}

/** Who asks; undefined when nobody is signed in. */
export const currentVisit = cache(async (): Promise<CurrentVisit | undefined> => {
  const held = await token();
  const found = held && (await sessions().at(held));
  if (!found) return undefined;
  const { household, account, role, id } = found;
  return { scope: new HouseholdScope(database(), household), account, role, id };
});

/** What the person of this request may see; undefined when nobody is signed in. */
export const currentScope = cache(
  async (): Promise<HouseholdScope | undefined> => (await currentVisit())?.scope,
);

/** The same for pages: whoever is not signed in is taken to the front door. */
export async function requireScope(): Promise<HouseholdScope> {
  return (await currentScope()) ?? redirect('/');
}

/** Writes down for the household what somebody has just done at its door. */
export async function note(what: Happening): Promise<void> {
  const visit = await currentVisit();
  if (visit) await writeDown(visit.scope, { what, account: visit.account, device: await currentDevice() });
}

/** True when a request comes from a page of this very site. */
export async function isSameOrigin(): Promise<boolean> {
  const sent = await headers();
  const origin = sent.get('origin');
  const host = sent.get('x-forwarded-host') ?? sent.get('host');
  return origin !== null && URL.canParse(origin) && new URL(origin).host === host;
}
