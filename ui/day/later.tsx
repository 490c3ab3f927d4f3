'use client';
import dynamic from 'next/dynamic';

/** What a day asks for seldom, or at its end: fetched ahead in a quiet moment, so that it is there without a network, too. */

const nameFound = () => import('./name-found').then((module) => module.NameFound);
const sessionEnd = () => import('./session-end').then((module) => module.SessionEnd);

export const NameFoundLater = dynamic(nameFound);
export const SessionEndLater = dynamic(sessionEnd);

export function fetchLater(): void {
  for (const load of [nameFound, sessionEnd]) void load().catch(() => undefined);
}
