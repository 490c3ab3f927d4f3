import { config } from './config';

/** The only place where the server asks for the time: the wall clock of a home, as `YYYY-MM-DDTHH:mm`. */
export function nowIn(timezone: string): string {
  const { fixedNow } = config();
  return fixedNow ?? wallClock(new Date(), timezone);
}

/** The same with its seconds, as `YYYY-MM-DDTHH:mm:ss`. */
export function secondIn(timezone: string): string {
  const { fixedNow } = config();
  const now = new Date();
  const seconds = String(now.getUTCSeconds()).padStart(2, '0');
  return fixedNow ? `${fixedNow}:00` : `${wallClock(now, timezone)}:${seconds}`;
}

/** What the clock on the wall shows in a time zone. */
export function wallClock(instant: Date, timezone: string): string {
  const parts = new Intl.DateTimeFormat('en-CA', {
    timeZone: timezone,
    year: 'numeric',
    month: '2-digit',
    day: '2-digit',
    hour: '2-digit',
    minute: '2-digit',
    hourCycle: 'h23',
  }).formatToParts(instant);
  const part = (type: Intl.DateTimeFormatPartTypes) => parts.find((item) => item.type === type)?.value ?? '';
  return `${part('year')}-${part('month')}-${part('day')}T${part('hour')}:${part('minute')}`;
}
