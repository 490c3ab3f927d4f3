import { minuteOf } from './local-time';

/** What the clock on the wall shows at an instant in a time zone, and the way back. */

/** Making one takes a hundred times as long as using it. */
const formatters = new Map<string, Intl.DateTimeFormat>();

function formatterOf(timezone: string): Intl.DateTimeFormat {
  let known = formatters.get(timezone);
  if (!known) {
    known = new Intl.DateTimeFormat('en-CA', {
      timeZone: timezone,
      year: 'numeric',
      month: '2-digit',
      day: '2-digit',
      hour: '2-digit',
      minute: '2-digit',
      hourCycle: 'h23',
    });
    formatters.set(timezone, known);
  }
  return known;
}

/** True for a name that this machine knows as a time zone, such as Europe/Berlin. */
export function isTimezone(name: string): boolean {
  try {
    formatterOf(name);
    return true;
  } catch {
    return false;
  }
}

/** The wall clock, `YYYY-MM-DDTHH:mm`, at an instant in milliseconds since 1970. */
export function wallClock(instantMs: number, timezone: string): string {
  const parts: Record<string, string> = {};
  for (const { type, value } of formatterOf(timezone).formatToParts(instantMs)) parts[type] = value;
  return `${parts.year}-${parts.month}-${parts.day}T${parts.hour}:${parts.minute}`;
}

/**
 * The instant, in milliseconds since 1970, at which a wall clock shows a time. Where the clocks are put forward and a
 * time is skipped, it is read as if they had not been; where a time comes twice, either may be meant.
 */
export function instantOf(wall: string, timezone: string): number {
  const asUtc = minuteOf(wall) * 60_000;
  const offsetAt = (instant: number) => minuteOf(wallClock(instant, timezone)) * 60_000 - instant;
  const near = asUtc - offsetAt(asUtc);
  return asUtc - offsetAt(near);
}
