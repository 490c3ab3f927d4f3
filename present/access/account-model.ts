import { wallClock } from '@/core/basics/wall-clock';
import type { Happening } from '@/core/household/happenings';
import type { Role } from '@/core/household/roles';
import { clock, shortDate } from '../words/words';
import { HAPPENING_WORDS } from './happening-words';
import { ROLE_WORDS } from './role-words';

/** Sessions and happenings of a household, in the time on the wall of its home. */

export type SessionLine = {
  readonly id: string;
  readonly device: string;
  readonly when: string;
  /** The one that looks at the list. */
  readonly isHere: boolean;
};

export type AccountLine = {
  readonly id: string;
  readonly email: string;
  readonly role: Role;
  readonly isMe: boolean;
};

export type PasskeyLine = { readonly id: string; readonly device: string; readonly when: string };

export type InvitationLine = { readonly id: string; readonly words: string };

export type HappeningLine = { readonly what: string; readonly who: string; readonly when: string };

type Session = {
  readonly id: string;
  readonly device: string;
  readonly openedS: number;
  readonly seenS: number;
};

type Happened = {
  readonly what: Happening;
  readonly device: string;
  readonly atS: number;
  readonly email: string | undefined;
};

export function sessionLines(sessions: readonly Session[], here: string, timezone: string): SessionLine[] {
  return sessions.map(({ id, device, openedS, seenS }) => ({
    id,
    device,
    when: `last used ${instant(seenS, timezone)}, signed in ${instant(openedS, timezone)}`,
    isHere: id === here,
  }));
}

/** `added Mon 1 Mar, 18:40, never used yet`. */
export function passkeyLines(
  passkeys: readonly {
    readonly id: string;
    readonly device: string;
    readonly madeS: number;
    readonly usedS: number | undefined;
  }[],
  timezone: string,
): PasskeyLine[] {
  return passkeys.map(({ id, device, madeS, usedS }) => ({
    id,
    device,
    when: `added ${instant(madeS, timezone)}, ${usedS === undefined ? 'not used yet' : `last used ${instant(usedS, timezone)}`}`,
  }));
}

/** `Helps plan, open until Mon 8 Mar, 18:40`. */
export function invitationLines(
  open: readonly { readonly id: string; readonly role: Role; readonly untilS: number }[],
  timezone: string,
): InvitationLine[] {
  return open.map(({ id, role, untilS }) => ({
    id,
    words: `An invitation: ${ROLE_WORDS[role].toLowerCase()}, open until ${instant(untilS, timezone)}`,
  }));
}

export function happeningLines(log: readonly Happened[], timezone: string): HappeningLine[] {
  return log.map(({ what, device, atS, email }) => ({
    what: HAPPENING_WORDS[what],
    who: email === undefined ? device : `${email}, ${device}`,
    when: instant(atS, timezone),
  }));
}

/** `Mon 1 Mar, 18:40`. */
export function instant(seconds: number, timezone: string): string {
  const local = wallClock(seconds * 1000, timezone);
  return `${shortDate(local.slice(0, 10))}, ${clock(local)}`;
}
