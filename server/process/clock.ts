import { wallClock } from '../../core/basics/wall-clock';
import { config } from './config';

/** The only place where the server asks for the time: the wall clock of a home, as `YYYY-MM-DDTHH:mm`. */
export function nowIn(timezone: string): string {
  const { fixedNow } = config();
  return fixedNow ?? wallClock(Date.now(), timezone);
}

/** The same with its seconds, as `YYYY-MM-DDTHH:mm:ss`. */
export function secondIn(timezone: string): string {
  const { fixedNow } = config();
  const now = new Date();
  const seconds = String(now.getUTCSeconds()).padStart(2, '0');
  return fixedNow ? `${fixedNow}:00` : `${wallClock(now.getTime(), timezone)}:${seconds}`;
}
