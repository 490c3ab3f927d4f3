import ICAL from 'ical.js';
import { instantOf } from '@/core/basics/wall-clock';

/** What every calendar of the product has in common (RFC 5545, RFC 7986). */

const MOST_OCTETS = 75;
/** How often a program that looks an address up does so again. */
const REFRESH = 'PT1H';

export function newCalendar(name: string, about: string): ICAL.Component {
  const calendar = new ICAL.Component(['vcalendar', [], []]);
  calendar.updatePropertyWithValue('version', '2.0');
  calendar.updatePropertyWithValue('prodid', `-//Early Thaw//${about}//EN`);
  calendar.updatePropertyWithValue('method', 'PUBLISH');
  calendar.updatePropertyWithValue('name', name);
  calendar.updatePropertyWithValue('x-wr-calname', name);
  const refresh = new ICAL.Property('refresh-interval');
  refresh.resetType('duration');
  refresh.setValue(ICAL.Duration.fromString(REFRESH));
  calendar.addProperty(refresh);
  calendar.updatePropertyWithValue('x-published-ttl', REFRESH);
  return calendar;
}

/** A time on the wall of the home as a moment. */
export function moment(local: string, timezone: string): ICAL.Time {
  return ICAL.Time.fromJSDate(new Date(instantOf(local, timezone)), true);
}

/** The file, with lines of at most 75 octets, as the standard has them, and not 75 letters. */
export function calendarText(calendar: ICAL.Component): string {
  const lines = calendar.toString().replaceAll('\r\n ', '').split('\r\n');
  return `${lines.map(folded).join('\r\n')}\r\n`;
}

function folded(line: string): string {
  let [text, octets] = ['', 0];
  for (const sign of line) {
    const size = Buffer.byteLength(sign);
    if (octets + size > MOST_OCTETS) {
      text += '\r\n ';
      octets = 1;
    }
    text += sign;
    octets += size;
  }
  return text;
}
