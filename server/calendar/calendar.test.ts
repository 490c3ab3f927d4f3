import { describe, expect, it } from 'vitest';
import type { Plan } from '../../core/formats/plan';
import { readBusy } from './read-calendar';
import { writeCalendar } from './write-calendar';

const RANGE = { timezone: 'Europe/Berlin', from: '2027-03-01', to: '2027-04-04' };
const calendar = (...events: string[]) =>
  ['BEGIN:VCALENDAR', 'VERSION:2.0', 'PRODID:-//test//EN', ...events, 'END:VCALENDAR', ''].join('\r\n');
const event = (...lines: string[]) => ['BEGIN:VEVENT', ...lines, 'END:VEVENT'].join('\r\n');
const busyIn = (...events: string[]) => {
  const read = readBusy(calendar(...events), RANGE);
  if (!read.ok) throw new Error(read.sentence);
  return read.busy.map(({ start, end }) => `${start.slice(5)}/${end.slice(5)}`);
};

describe('busy times in a calendar', () => {
  it('are on the wall clock of the home, over a change of the clocks', () => {
    expect(busyIn(event('UID:a', 'DTSTART:20270327T170000Z', 'DTEND:20270327T180000Z'))).toEqual([
      '03-27T18:00/03-27T19:00',
    ]);
    expect(busyIn(event('UID:b', 'DTSTART:20270328T170000Z', 'DTEND:20270328T180000Z'))).toEqual([
      '03-28T19:00/03-28T20:00',
    ]);
  });

  it('know zones by name, floating times and whole days', () => {
    expect(
      busyIn(
        event(
          'UID:c',
          'DTSTART;TZID=America/New_York:20270302T120000',
          'DTEND;TZID=America/New_York:20270302T130000',
        ),
      ),
    ).toEqual(['03-02T18:00/03-02T19:00']);
    expect(busyIn(event('UID:d', 'DTSTART:20270302T120000', 'DURATION:PT90M'))).toEqual([
      '03-02T12:00/03-02T13:30',
    ]);
    expect(busyIn(event('UID:e', 'DTSTART;VALUE=DATE:20270302', 'DTEND;VALUE=DATE:20270304'))).toEqual([
      '03-02T00:00/03-04T00:00',
    ]);
  });

  it('recur, with what was taken out and what was moved', () => {
    const weekly = event(
      'UID:w',
      'DTSTART:20270301T180000',
      'DTEND:20270301T190000',
      'RRULE:FREQ=WEEKLY;COUNT=4',
      'EXDATE:20270308T180000',
    );
    const moved = event(
      'UID:w',
      'RECURRENCE-ID:20270315T180000',
      'DTSTART:20270316T200000',
      'DTEND:20270316T210000',
    );
    expect(busyIn(weekly, moved)).toEqual([
      '03-01T18:00/03-01T19:00',
      '03-16T20:00/03-16T21:00',
      '03-22T18:00/03-22T19:00',
    ]);
  });

  it('are not what is free, cancelled, over, or without a length; what touches is one', () => {
    const at = (uid: string, from: string, to: string, ...more: string[]) =>
      event(`UID:${uid}`, `DTSTART:20270303T${from}00`, `DTEND:20270303T${to}00`, ...more);
    expect(
      busyIn(
        at('1', '0900', '1000', 'TRANSP:TRANSPARENT'),
        at('2', '0900', '1000', 'STATUS:CANCELLED'),
        at('3', '1100', '1100'),
        event('UID:4', 'DTSTART:20260101T090000', 'DTEND:20260101T100000'),
        at('5', '1200', '1300'),
        at('6', '1300', '1400'),
      ),
    ).toEqual(['03-03T12:00/03-03T14:00']);
  });

  it('of a daily rule without an end stop where the clean does', () => {
    const days = busyIn(
      event('UID:x', 'DTSTART:20200101T070000', 'DTEND:20200101T080000', 'RRULE:FREQ=DAILY'),
    );
    expect(days).toHaveLength(35);
    expect(days.at(-1)).toBe('04-04T07:00/04-04T08:00');
  });

  it('are read from twenty thousand events', () => {
    const many = Array.from({ length: 20_000 }, (_, i) =>
      event(`UID:${i}`, `DTSTART:202703${String((i % 28) + 1).padStart(2, '0')}T090000`, 'DURATION:PT1H'),
    );
    const read = readBusy(calendar(...many), RANGE);
    expect(read).toMatchObject({ ok: true, events: 20_000, skipped: 0 });
    expect(read.ok && read.busy.length).toBe(28);
  });

  it('say so where there is no calendar, and skip one event that makes no sense', () => {
    for (const text of ['', 'hello', 'BEGIN:VCARD\r\nEND:VCARD\r\n', 'BEGIN:VCALENDAR\r\nBEGIN:VEVENT\r\n'])
      expect(readBusy(text, RANGE), text).toMatchObject({
        ok: false,
        sentence: expect.stringContaining('not a calendar'),
      });
    const read = readBusy(
      calendar(
        event('UID:bad', 'DTSTART:20270303T090000', 'DTEND:20270303T100000', 'RRULE:FREQ=SOMETIMES'),
        event('UID:good', 'DTSTART:20270303T110000', 'DTEND:20270303T120000'),
      ),
      RANGE,
    );
    expect(read.ok ? read.busy.map((span) => span.start) : read.sentence).toContain('2027-03-03T11:00');
  });
});

describe('sessions as a calendar', () => {
  const entry = (step: string, start: string, end: string) => ({
    step,
    people: ['ines'],
    start: `2027-${start}`,
    end: `2027-${end}`,
  });
  const session = (start: string, end: string) => ({
    id: `ines@${start}`,
    person: 'ines',
    date: `2027-${start.slice(0, 5)}`,
    start: `2027-${start}`,
    end: `2027-${end}`,
  });
  const plan = {
    entries: [entry('a', '03-27T18:00', '03-27T18:20'), entry('b', '03-28T18:00', '03-28T18:30')],
    sessions: [session('03-27T18:00', '03-27T18:20'), session('03-28T18:00', '03-28T18:30')],
  } as unknown as Plan;
  const source = {
    name: 'Spring',
    cleanId: 'spring',
    timezone: 'Europe/Berlin',
    plan,
    version: 7,
    madeAt: '2027-03-01T08:00',
    people: new Map([['ines', 'Ines']]),
    steps: new Map([
      ['a', { title: 'Wash, rinse; dry', room: 'Bathroom' }],
      ['b', { title: 'Vacuum', room: 'Hall' }],
    ]),
  };

  it('come back as the times that they were, over a change of the clocks', () => {
    const written = writeCalendar(source);
    expect(written).toContain('UID:spring-ines-2027-03-27-1@early-thaw');
    expect(written).toContain('SEQUENCE:7');
    expect(written).toContain('DTSTART:20270327T170000Z');
    expect(written).toContain('DTSTART:20270328T160000Z');
    expect(written).toContain('SUMMARY:Ines: Bathroom');
    expect(written.split('\r\n').every((line) => line.length <= 75)).toBe(true);
    const read = readBusy(written, RANGE);
    expect(read.ok && read.busy).toEqual(source.plan.sessions.map(({ start, end }) => ({ start, end })));
  });

  it('can be those of one person', () => {
    expect(writeCalendar({ ...source, person: 'bram' })).not.toContain('BEGIN:VEVENT');
  });
});
