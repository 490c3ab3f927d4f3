import { wallClock } from '@/core/basics/wall-clock';
import type { Happening } from '@/core/household/happenings';
import { shortDate } from '../words/words';
import { HAPPENING_WORDS } from './happening-words';

/** Sessions and happenings of a household, in the time on the wall of its home. */

export type SessionLine = {
  readonly id: string;
  readonly device: string;
  readonly when: string;
  /** The one that looks at the list. */
  readonly isHere: boolean;
};

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
  return `${shortDate(local.slice(0, 10))}, ${local.slice(11, 16)}`;
}
