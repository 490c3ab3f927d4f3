import { TZDate } from '@date-fns/tz';
import ICAL from 'ical.js';
import { wallClock } from '../clock';

/** Times at which somebody is busy, in the wall clock of the home. */
export type Busy = { readonly start: string; readonly end: string };

export type ReadCalendar =
  | { readonly ok: true; readonly busy: readonly Busy[]; readonly events: number; readonly skipped: number }
  | { readonly ok: false; readonly sentence: string };

type Range = { readonly timezone: string; readonly from: string; readonly to: string };

/** Where a rule has no end, it is followed for so many occurrences at the most. */
const MOST_OCCURRENCES = 20_000;
/** Stretches of busy time that are kept, after those that touch have been joined. */
const MOST_KEPT = 5_000;

/**
 * The busy times in an iCalendar file (RFC 5545) between two dates, both included: recurrence, exceptions, time zones
 * and all-day events. Free and cancelled events are left out; what has no end lasts no time and is left out too.
 */
export function readBusy(text: string, range: Range): ReadCalendar {
  if (!/^\uFEFF?\s*BEGIN:VCALENDAR/i.test(text) || !/END:VCALENDAR\s*$/i.test(text))
    return { ok: false, sentence: UNREADABLE };
  for (const zone of blocks(text, 'VTIMEZONE').flatMap((block) => parsed(block, 'vtimezone') ?? [])) {
    const { tzid } = new ICAL.Timezone(zone);
    if (tzid) ICAL.TimezoneService.register(zone, tzid);
  }
  try {
    const found = blocks(text, 'VEVENT').map((block) => parsed(block, 'vevent'));
    const events = found.filter((event) => event !== undefined).filter(takesTime);
    const changed = exceptionsByUid(events);
    let skipped = found.filter((event) => event === undefined).length;
    const busy = events.flatMap((component) => {
      try {
        return occurrencesOf(component, changed, range);
      } catch {
        skipped++;
        return [];
      }
    });
    return { ok: true, busy: joined(busy).slice(0, MOST_KEPT), events: found.length, skipped };
  } finally {
    ICAL.TimezoneService.reset();
  }
}

const UNREADABLE =
  'This is not a calendar that can be read. Nothing was changed. Export it as iCalendar (.ics) and try again.';

/** The parts of one kind. Each is parsed by itself, so that one that makes no sense takes no other with it. */
function blocks(text: string, kind: 'VEVENT' | 'VTIMEZONE'): string[] {
  const parts: string[] = [];
  const [begin, end] = [`BEGIN:${kind}`, `END:${kind}`];
  for (let from = text.indexOf(begin); from >= 0; from = text.indexOf(begin, from)) {
    const to = text.indexOf(end, from);
    if (to < 0) break;
    parts.push(text.slice(from, to + end.length));
    from = to;
  }
  return parts;
}

function parsed(block: string, name: string): ICAL.Component | undefined {
  try {
    const component = new ICAL.Component(ICAL.parse(block));
    return component.name === name ? component : undefined;
  } catch {
    return undefined;
  }
}

function takesTime(event: ICAL.Component): boolean {
  const said = (name: string) => String(event.getFirstPropertyValue(name) ?? '').toUpperCase();
  return said('transp') !== 'TRANSPARENT' && said('status') !== 'CANCELLED' && event.hasProperty('dtstart');
}

/** Single occurrences that were changed, by the event that they belong to. */
function exceptionsByUid(events: readonly ICAL.Component[]): Map<string, ICAL.Component[]> {
  const found = new Map<string, ICAL.Component[]>();
  for (const event of events) {
    if (!event.hasProperty('recurrence-id')) continue;
    const uid = String(event.getFirstPropertyValue('uid'));
    found.set(uid, [...(found.get(uid) ?? []), event]);
  }
  return found;
}

function occurrencesOf(
  component: ICAL.Component,
  changed: ReadonlyMap<string, readonly ICAL.Component[]>,
  range: Range,
): Busy[] {
  if (component.hasProperty('recurrence-id')) return within([spanOf(component, range)], range);
  const event = new ICAL.Event(component);
  if (!event.isRecurring()) return within([spanOf(component, range)], range);
  const tzid = zoneOf(component);
  const moved = new Set(
    (changed.get(event.uid) ?? []).map((other) =>
      local(other.getFirstPropertyValue('recurrence-id') as ICAL.Time, tzid, range),
    ),
  );
  const length = event.duration.toSeconds();
  const found: Busy[] = [];
  const iterator = event.iterator();
  for (let i = 0; i < MOST_OCCURRENCES; i++) {
    const next: ICAL.Time | undefined = iterator.next() ?? undefined;
    if (!next) break;
    const start = local(next, tzid, range);
    if (start.slice(0, 10) > range.to) break;
    const ends = next.clone();
    ends.addDuration(ICAL.Duration.fromSeconds(length));
    if (!moved.has(start)) found.push({ start, end: local(ends, tzid, range) });
  }
  return within(found, range);
}

function spanOf(component: ICAL.Component, range: Range): Busy {
  const event = new ICAL.Event(component);
  const tzid = zoneOf(component);
  return {
    start: local(event.startDate, tzid, range),
    end: local(event.endDate, zoneOf(component, 'dtend') ?? tzid, range),
  };
}

/** The zone that a time names, where the file does not describe it. */
function zoneOf(component: ICAL.Component, name = 'dtstart'): string | undefined {
  const tzid = component.getFirstProperty(name)?.getParameter('tzid');
  return typeof tzid === 'string' ? tzid : undefined;
}

/** A time of the calendar on the wall clock of the home. Dates and floating times are the home's own. */
function local(time: ICAL.Time, tzid: string | undefined, { timezone }: Range): string {
  const two = (part: number) => String(part).padStart(2, '0');
  const wall = `${time.year}-${two(time.month)}-${two(time.day)}T${two(time.isDate ? 0 : time.hour)}:${two(time.isDate ? 0 : time.minute)}`;
  if (time.isDate) return wall;
  if (time.zone !== ICAL.Timezone.localTimezone) return wallClock(time.toJSDate(), timezone);
  if (tzid === undefined || !isZone(tzid)) return wall;
  return wallClock(
    new Date(new TZDate(time.year, time.month - 1, time.day, time.hour, time.minute, tzid).getTime()),
    timezone,
  );
}

function isZone(name: string): boolean {
  try {
    new Intl.DateTimeFormat('en', { timeZone: name });
    return true;
  } catch {
    return false;
  }
}

function within(busy: readonly Busy[], { from, to }: Range): Busy[] {
  return busy.filter(({ start, end }) => end > `${from}T00:00` && start.slice(0, 10) <= to && start < end);
}

/** In order, with those that overlap or touch as one. */
function joined(busy: readonly Busy[]): Busy[] {
  const sorted = [...busy].sort((a, b) => a.start.localeCompare(b.start));
  const out: { start: string; end: string }[] = [];
  for (const span of sorted) {
    const last = out[out.length - 1];
    if (last && span.start <= last.end) last.end = span.end > last.end ? span.end : last.end;
    else out.push({ ...span });
  }
  return out;
}
