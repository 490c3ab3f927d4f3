import type ICAL from 'ical.js';
import { formatMinute, MINUTES_A_DAY, minuteOf } from '../../basics/local-time';
import { calendarText, parsedPart, partsOf, saysOf } from './components';
import { type Budget, startsOf, TooMany } from './occurrences';
import { isDeclined, ownerOf } from './owner';
import { UnknownZone, Zones } from './zones';

/** Times at which somebody is busy, in the wall clock of the home. */
export type Busy = { readonly start: string; readonly end: string };

/** Events that could not be used, and why; `zones` as the calendar names them. */
export type LeftOut = {
  readonly broken: number;
  readonly tooOften: number;
  readonly unknownZone: number;
  readonly zones: readonly string[];
};

export type ReadCalendar =
  | { readonly ok: true; readonly busy: readonly Busy[]; readonly events: number; readonly leftOut: LeftOut }
  | {
      readonly ok: false;
      readonly why: 'no-calendar' | 'nothing-read' | 'too-often';
      readonly leftOut?: LeftOut;
    };

export type BusyRange = { readonly timezone: string; readonly from: string; readonly to: string };

/** Occurrences that are followed in one file, of all its events together. */
const MOST_OCCURRENCES = 100_000;
/** Stretches of busy time that are kept, after those that touch have been joined. */
const MOST_KEPT = 5_000;

/**
 * The busy times in an iCalendar file (RFC 5545) between two dates, both included: recurrence with its exceptions, time
 * zones, all-day events, and times that are only said to be busy. Left out is what is free, cancelled or declined, and
 * what lasts no time. Fails where nothing could be read at all, so that nothing that was known is lost by it.
 */
export function readBusy(file: string, range: BusyRange): ReadCalendar {
  const text = calendarText(file);
  if (text === undefined) return { ok: false, why: 'no-calendar' };
  const reader = new Reader(text, range);
  try {
    return reader.read();
  } catch (error) {
    if (error instanceof TooMany) return { ok: false, why: 'too-often' };
    throw error;
  }
}

/** A later part of a series on other times. */
type Shift = {
  readonly from: string;
  readonly by: number;
  readonly minutes: number;
  readonly isOver: boolean;
};

/** Exceptions of one series: single occurrences by the time that they had, and what holds from one on. */
type Exceptions = { readonly replaced: Set<string>; readonly shifts: Shift[] };

const NO_EXCEPTIONS: Exceptions = { replaced: new Set(), shifts: [] };

class Reader {
  private readonly zones: Zones;
  private readonly budget: Budget = { occurrences: MOST_OCCURRENCES };
  private broken = 0;
  private tooOften = 0;
  private unknownZone = 0;
  private readonly unknown = new Set<string>();

  constructor(
    private readonly text: string,
    private readonly range: BusyRange,
  ) {
    this.zones = new Zones(text, range.timezone);
  }

  read(): ReadCalendar {
    const events = this.parsed('VEVENT');
    const lists = this.parsed('VFREEBUSY');
    const owner = ownerOf(events);
    const exceptions = this.exceptionsByUid(events);
    const busy = [
      ...events.flatMap((event) => this.guarded(() => this.timesOf(event, owner, exceptions))),
      ...lists.flatMap((list) => this.guarded(() => this.saidBusy(list))),
    ];
    const used = events.length + lists.length - this.tooOften - this.unknownZone;
    if (used <= 0) return { ok: false, why: 'nothing-read', leftOut: this.leftOut() };
    return {
      ok: true,
      busy: joined(within(busy, this.range)).slice(0, MOST_KEPT),
      events: events.length + lists.length,
      leftOut: this.leftOut(),
    };
  }

  private leftOut(): LeftOut {
    const { broken, tooOften, unknownZone } = this;
    return { broken, tooOften, unknownZone, zones: [...this.unknown] };
  }

  private parsed(kind: 'VEVENT' | 'VFREEBUSY'): ICAL.Component[] {
    return partsOf(this.text, kind).flatMap((part) => {
      const component = parsedPart(part);
      if (component && (kind === 'VFREEBUSY' || component.hasProperty('dtstart'))) return [component];
      this.broken++;
      return [];
    });
  }

  /** What one event comes to; one that can't be used is counted, and takes no other with it. */
  private guarded(times: () => Busy[]): Busy[] {
    try {
      return times();
    } catch (error) {
      if (error instanceof TooMany && this.budget.occurrences <= 0) throw error;
      if (error instanceof TooMany) this.tooOften++;
      else if (error instanceof UnknownZone) {
        this.unknownZone++;
        this.unknown.add(error.zone);
      } else this.broken++;
      return [];
    }
  }

  private exceptionsByUid(events: readonly ICAL.Component[]): ReadonlyMap<string, Exceptions> {
    const found = new Map<string, { replaced: Set<string>; shifts: Shift[] }>();
    for (const event of events) {
      const of = event.getFirstProperty('recurrence-id');
      if (!of) continue;
      const uid = uidOf(event);
      const known = found.get(uid) ?? { replaced: new Set(), shifts: [] };
      found.set(uid, known);
      this.guarded(() => {
        const had = this.zones.local(of.getFirstValue() as ICAL.Time, zoneOf(event, 'recurrence-id'));
        if (String(of.getParameter('range') ?? '').toUpperCase() === 'THISANDFUTURE')
          known.shifts.push(this.shiftFrom(event, had));
        else known.replaced.add(had);
        return [];
      });
    }
    return found;
  }

  private shiftFrom(event: ICAL.Component, had: string): Shift {
    const { start, end } = this.spanOf(event);
    return {
      from: had,
      by: minuteOf(start) - minuteOf(had),
      minutes: minuteOf(end) - minuteOf(start),
      isOver: isFree(event),
    };
  }

  private timesOf(
    event: ICAL.Component,
    owner: string | undefined,
    exceptions: ReadonlyMap<string, Exceptions>,
  ): Busy[] {
    if (isFree(event) || isDeclined(event, owner)) return [];
    const moved = event.getFirstProperty('recurrence-id');
    if (moved && String(moved.getParameter('range') ?? '') !== '') return [];
    const span = this.spanOf(event);
    const minutes = minuteOf(span.end) - minuteOf(span.start);
    if (minutes <= 0) return [];
    if (moved || !(event.hasProperty('rrule') || event.hasProperty('rdate'))) return [span];
    return this.series(event, minutes, exceptions.get(uidOf(event)) ?? NO_EXCEPTIONS);
  }

  private series(event: ICAL.Component, minutes: number, { replaced, shifts }: Exceptions): Busy[] {
    const tzid = zoneOf(event);
    const start = event.getFirstPropertyValue('dtstart') as ICAL.Time;
    const out = this.takenOut(event);
    // Those that were moved to later times may come from before the range.
    const furthest = Math.max(0, ...shifts.map(({ by, minutes: long }) => Math.abs(by) + long));
    const length = minutes * 60 + furthest * 60;
    return startsOf(event, start, length, this.range, this.budget)
      .map((time) => this.zones.local(time, tzid))
      .filter((had) => !out.has(had) && !replaced.has(had))
      .flatMap((had) => {
        const shift = shifts
          .filter(({ from }) => from <= had)
          .sort(byFrom)
          .at(-1);
        if (shift?.isOver) return [];
        const begins = minuteOf(had) + (shift?.by ?? 0);
        return [{ start: formatMinute(begins), end: formatMinute(begins + (shift?.minutes ?? minutes)) }];
      });
  }

  /** The occurrences that were taken out; a date alone takes out all of its day. */
  private takenOut(event: ICAL.Component): { has(had: string): boolean } {
    const times = new Set<string>();
    const dates = new Set<string>();
    for (const property of event.getAllProperties('exdate'))
      for (const value of property.getValues() as ICAL.Time[]) {
        const tzid = property.getParameter('tzid');
        const had = this.zones.local(value, typeof tzid === 'string' ? tzid : undefined);
        if (value.isDate) dates.add(had.slice(0, 10));
        else times.add(had);
      }
    return { has: (had) => times.has(had) || dates.has(had.slice(0, 10)) };
  }

  private spanOf(event: ICAL.Component): Busy {
    const start = event.getFirstPropertyValue('dtstart') as ICAL.Time;
    const begins = this.zones.local(start, zoneOf(event));
    const end = event.getFirstPropertyValue('dtend') as ICAL.Time | null;
    if (end) return { start: begins, end: this.zones.local(end, zoneOf(event, 'dtend') ?? zoneOf(event)) };
    const duration = event.getFirstPropertyValue('duration') as ICAL.Duration | null;
    const minutes = duration ? Math.round(duration.toSeconds() / 60) : start.isDate ? MINUTES_A_DAY : 0;
    return { start: begins, end: formatMinute(minuteOf(begins) + minutes) };
  }

  /** Times that are only said to be busy, without what for. */
  private saidBusy(list: ICAL.Component): Busy[] {
    return list.getAllProperties('freebusy').flatMap((property) => {
      const type = String(property.getParameter('fbtype') ?? 'BUSY').toUpperCase();
      if (type === 'FREE') return [];
      return (property.getValues() as ICAL.Period[]).map((period) => ({
        start: this.zones.local(period.start, undefined),
        end: this.zones.local(period.getEnd(), undefined),
      }));
    });
  }
}

function byFrom(a: Shift, b: Shift): number {
  return a.from.localeCompare(b.from);
}

/** What takes nobody's time, in the words of the standard and of a widespread office program. */
const FREE: readonly (readonly [property: string, value: string])[] = [
  ['transp', 'TRANSPARENT'],
  ['status', 'CANCELLED'],
  ['x-microsoft-cdo-busystatus', 'FREE'],
];

function isFree(event: ICAL.Component): boolean {
  return FREE.some(([property, value]) => saysOf(event, property) === value);
}

function uidOf(event: ICAL.Component): string {
  return String(event.getFirstPropertyValue('uid'));
}

/** The zone that a time names. */
function zoneOf(component: ICAL.Component, name = 'dtstart'): string | undefined {
  const tzid = component.getFirstProperty(name)?.getParameter('tzid');
  return typeof tzid === 'string' ? tzid : undefined;
}

function within(busy: readonly Busy[], { from, to }: BusyRange): Busy[] {
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
