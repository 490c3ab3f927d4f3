import ICAL from 'ical.js';

/** The parts of an iCalendar file (RFC 5545), each parsed by itself, so that one that makes no sense takes no other with it. */

export type Part = 'VEVENT' | 'VTIMEZONE' | 'VFREEBUSY';

/** The file with its folded lines joined; undefined where it is no calendar as a whole. */
export function calendarText(file: string): string | undefined {
  const text = file.replace(/^\uFEFF/, '').replace(/\r?\n[ \t]/g, '');
  return /^\s*BEGIN:VCALENDAR\s*$/im.test(text) && /^END:VCALENDAR\s*$/im.test(text) ? text : undefined;
}

/** The texts of all parts of a kind; the last one is left out where the file breaks off in it. */
export function partsOf(text: string, kind: Part): string[] {
  const parts: string[] = [];
  const marks = new RegExp(`^(BEGIN|END):${kind}[ \\t]*$`, 'gim');
  let begun: number | undefined;
  for (const mark of text.matchAll(marks)) {
    const isBegin = mark[1]?.toUpperCase() === 'BEGIN';
    if (isBegin) begun ??= mark.index;
    else if (begun !== undefined) {
      parts.push(text.slice(begun, mark.index + mark[0].length));
      begun = undefined;
    }
  }
  return parts;
}

export function parsedPart(text: string): ICAL.Component | undefined {
  try {
    return new ICAL.Component(ICAL.parse(text));
  } catch {
    return undefined;
  }
}

/** A property's value in capitals; empty where there is none. */
export function saysOf(component: ICAL.Component, property: string): string {
  return String(component.getFirstPropertyValue(property) ?? '').toUpperCase();
}
