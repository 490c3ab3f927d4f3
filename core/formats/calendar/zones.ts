import ICAL from 'ical.js';
import { findIana } from 'windows-iana';
import { instantOf, isTimezone, wallClock } from '../../basics/wall-clock';
import { parsedPart, partsOf } from './components';

/** A time zone is named in a calendar that neither this machine nor the calendar itself knows. */
export class UnknownZone extends Error {
  constructor(readonly zone: string) {
    super(`Unknown time zone: ${zone}`);
  }
}

/** How the zones that a calendar names are understood, and its times brought to the wall clock of the home. */
export class Zones {
  /** What the calendar says of its zones itself. */
  private readonly described = new Map<string, ICAL.Timezone>();
  private readonly known = new Map<string, string | undefined>();

  constructor(
    text: string,
    private readonly home: string,
  ) {
    for (const block of partsOf(text, 'VTIMEZONE')) {
      const component = parsedPart(block);
      const zone = component && new ICAL.Timezone(component);
      if (!zone?.tzid) continue;
      this.described.set(zone.tzid, zone);
      const place = component?.getFirstPropertyValue('x-lic-location');
      if (typeof place === 'string' && isTimezone(place)) this.known.set(zone.tzid, place);
    }
  }

  /** The wall clock of the home at a time of the calendar, `YYYY-MM-DDTHH:mm`. Dates and floating times are the home's own. */
  local(time: ICAL.Time, tzid: string | undefined): string {
    const wall = wallOf(time);
    if (time.isDate) return wall;
    if (time.zone === ICAL.Timezone.utcTimezone) return wallClock(utcOf(wall), this.home);
    if (tzid === undefined) return wall;
    const zone = this.zoneOf(tzid);
    if (zone !== undefined) return zone === this.home ? wall : wallClock(instantOf(wall, zone), this.home);
    const own = this.described.get(tzid);
    if (!own) throw new UnknownZone(tzid);
    return wallClock(utcOf(wall) - own.utcOffset(time) * 1000, this.home);
  }

  /** The machine's own name for a zone: the same, one with a maker's prefix, or that of a widespread office system. */
  private zoneOf(tzid: string): string | undefined {
    if (!this.known.has(tzid)) this.known.set(tzid, machineName(tzid));
    return this.known.get(tzid);
  }
}

function machineName(tzid: string): string | undefined {
  const bare = tzid.trim();
  const tail = bare.split('/').slice(-2).join('/');
  return [bare, findIana(bare)[0], bare.startsWith('/') ? tail : undefined].find(
    (name) => name !== undefined && name !== '' && isTimezone(name),
  );
}

function wallOf(time: ICAL.Time): string {
  const two = (part: number) => String(part).padStart(2, '0');
  const clock = time.isDate ? '00:00' : `${two(time.hour)}:${two(time.minute)}`;
  return `${String(time.year).padStart(4, '0')}-${two(time.month)}-${two(time.day)}T${clock}`;
}

function utcOf(wall: string): number {
  return Date.parse(`${wall}:00Z`);
}
