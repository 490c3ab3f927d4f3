import { readFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import { describe, expect, it } from 'vitest';
import { readBusy } from './read-busy';

const RANGE = { timezone: 'Europe/Berlin', from: '2027-03-01', to: '2027-04-04' };
const calendar = (...events: string[]) =>
  ['BEGIN:VCALENDAR', 'VERSION:2.0', 'PRODID:-//test//EN', ...events, 'END:VCALENDAR', ''].join('\r\n');
const part = (kind: string, ...lines: string[]) => [`BEGIN:${kind}`, ...lines, `END:${kind}`].join('\r\n');
const event = (...lines: string[]) => part('VEVENT', ...lines);
const read = (text: string, range = RANGE) => {
  const found = readBusy(text, range);
  if (!found.ok) throw new Error(found.why);
  return found;
};
const short = (busy: readonly { start: string; end: string }[]) =>
  busy.map(({ start, end }) => `${start.slice(5)}/${end.slice(5)}`);
const busyIn = (...events: string[]) => short(read(calendar(...events)).busy);

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
    expect(read(calendar(...many))).toMatchObject({ events: 20_000, leftOut: { broken: 0 } });
    expect(read(calendar(...many)).busy).toHaveLength(28);
  });

  it('leave out one event that makes no sense, and keep the rest', () => {
    const found = read(
      calendar(
        event('UID:bad', 'DTSTART:20270303T090000', 'DTEND:20270303T100000', 'RRULE:FREQ=SOMETIMES'),
        event('UID:good', 'DTSTART:20270303T110000', 'DTEND:20270303T120000'),
      ),
    );
    expect(short(found.busy)).toContain('03-03T11:00/03-03T12:00');
    expect(found.leftOut.broken).toBe(1);
  });
});

/** A zone as a calendar describes it: nine hours behind what the clocks of the home show, without a summer time. */
const zone = (name: string, ...more: string[]) =>
  part(
    'VTIMEZONE',
    `TZID:${name}`,
    ...more,
    part('STANDARD', 'DTSTART:16010101T000000', 'TZOFFSETFROM:-0800', 'TZOFFSETTO:-0800'),
  );
const at = (name: string) => event('UID:z', `DTSTART;TZID=${name}:20270302T090000`, 'DURATION:PT1H');

describe('the zones of a calendar', () => {
  it('are those that the calendar describes, where nobody else knows them', () => {
    expect(busyIn(zone('Customized Time Zone'), at('Customized Time Zone'))).toEqual([
      '03-02T18:00/03-02T19:00',
    ]);
  });

  it('are those of a known name, whatever the calendar says of their rules', () => {
    expect(busyIn(zone('America/New_York'), at('America/New_York'))).toEqual(['03-02T15:00/03-02T16:00']);
    expect(busyIn(zone('Home', 'X-LIC-LOCATION:America/New_York'), at('Home'))).toEqual([
      '03-02T15:00/03-02T16:00',
    ]);
  });

  it('go by the names that office programs and makers give them too, described or not', () => {
    for (const name of ['Pacific Standard Time', '/example.org/20210101_1/America/Los_Angeles'])
      expect(busyIn(at(name)), name).toEqual(['03-02T18:00/03-02T19:00']);
  });

  it('are not guessed: what names one that nobody knows is left out, and said', () => {
    const found = read(
      calendar(at('Middle Earth'), event('UID:k', 'DTSTART:20270303T090000', 'DURATION:PT1H')),
    );
    expect(found.busy).toHaveLength(1);
    expect(found.leftOut).toMatchObject({ unknownZone: 1, zones: ['Middle Earth'] });
  });

  it('are read from what a calendar program has written, two calendars in one file', () => {
    const path = fileURLToPath(new URL('./examples/two-in-one-file.ics', import.meta.url));
    const found = read(readFileSync(path, 'utf8'));
    // From 14 March on the clocks there are an hour ahead, from 28 March on here too.
    expect(short(found.busy)).toEqual([
      '03-02T18:00/03-02T19:30',
      '03-05T00:00/03-06T00:00',
      '03-09T18:00/03-09T19:30',
      '03-16T17:00/03-16T18:30',
      '03-23T17:00/03-23T18:30',
      '03-30T18:00/03-30T19:30',
    ]);
  });
});

describe('a series', () => {
  const weekly = event('UID:w', 'DTSTART:20270301T180000', 'DURATION:PT1H', 'RRULE:FREQ=WEEKLY;COUNT=4');
  const starts = (...events: string[]) => busyIn(...events).map((span) => span.slice(0, 11));

  it('loses an occurrence that is cancelled, free or declined', () => {
    for (const gone of [
      'STATUS:CANCELLED',
      'TRANSP:TRANSPARENT',
      'X-MICROSOFT-CDO-BUSYSTATUS:FREE',
      'ATTENDEE;PARTSTAT=DECLINED:mailto:mira@example.org',
    ]) {
      const one = event(
        'UID:w',
        'RECURRENCE-ID:20270308T180000',
        'DTSTART:20270308T180000',
        'DURATION:PT1H',
        gone,
      );
      expect(starts(weekly, one), gone).toEqual(['03-01T18:00', '03-15T18:00', '03-22T18:00']);
    }
  });

  it('moves from one occurrence on, to its end or not at all', () => {
    const from = (...lines: string[]) =>
      event('UID:w', 'RECURRENCE-ID;RANGE=THISANDFUTURE:20270315T180000', ...lines);
    const later = from('DTSTART:20270316T200000', 'DURATION:PT2H');
    expect(busyIn(weekly, later).slice(2)).toEqual(['03-16T20:00/03-16T22:00', '03-23T20:00/03-23T22:00']);
    const over = from('DTSTART:20270315T180000', 'DURATION:PT1H', 'STATUS:CANCELLED');
    expect(starts(weekly, over)).toEqual(['03-01T18:00', '03-08T18:00']);
  });

  it('has its own start besides its extra dates', () => {
    const extra = event(
      'UID:r',
      'DTSTART:20270301T180000',
      'DURATION:PT1H',
      'RDATE:20270303T180000,20270305T180000',
    );
    expect(starts(extra)).toEqual(['03-01T18:00', '03-03T18:00', '03-05T18:00']);
  });

  it('without an end is entered where it matters, in step with its start', () => {
    const every = (rule: string) =>
      starts(event('UID:e', 'DTSTART:19700101T070000', 'DURATION:PT30M', `RRULE:${rule}`));
    // 1 March 2027 is 20,878 days after the start: the next even number is 20,878 itself.
    expect(every('FREQ=DAILY;INTERVAL=2').slice(0, 2)).toEqual(['03-01T07:00', '03-03T07:00']);
    expect(every('FREQ=WEEKLY;BYDAY=TU').slice(0, 2)).toEqual(['03-02T07:00', '03-09T07:00']);
    expect(every('FREQ=MONTHLY;BYMONTHDAY=31')).toEqual(['03-31T07:00']);
    expect(every('FREQ=YEARLY;BYMONTH=3;BYDAY=2MO')).toEqual(['03-08T07:00']);
    expect(every('FREQ=DAILY;UNTIL=20270302T235900').at(-1)).toBe('03-02T07:00');
  });

  it('that takes out a whole day loses what lies on it', () => {
    const out = event(
      'UID:x',
      'DTSTART:20270301T180000',
      'DURATION:PT1H',
      'RRULE:FREQ=DAILY;COUNT=3',
      'EXDATE;VALUE=DATE:20270302',
    );
    expect(starts(out)).toEqual(['03-01T18:00', '03-03T18:00']);
  });
});

describe('what else may be in a calendar', () => {
  it('are times that are only said to be busy', () => {
    const list = part(
      'VFREEBUSY',
      'DTSTART:20270301T000000Z',
      'FREEBUSY:20270302T090000Z/20270302T100000Z,20270303T090000Z/PT30M',
      'FREEBUSY;FBTYPE=FREE:20270304T090000Z/20270304T100000Z',
    );
    expect(busyIn(list)).toEqual(['03-02T10:00/03-02T11:00', '03-03T10:00/03-03T10:30']);
  });

  it('are names in small letters and folded lines', () => {
    const small =
      'begin:vcalendar\r\nbegin:vevent\r\nuid:s\r\ndtstart:20270302T0900\r\n 00\r\nduration:PT1H\r\nend:vevent\r\nend:vcalendar\r\n';
    expect(short(read(small).busy)).toEqual(['03-02T09:00/03-02T10:00']);
  });

  it('are invitations of others: the owner is who is in most of them', () => {
    const meeting = (day: string, mira: string, sol: string) =>
      event(
        `UID:${day}`,
        `DTSTART:202703${day}T090000`,
        'DURATION:PT1H',
        `ATTENDEE;PARTSTAT=${mira}:mailto:mira@example.org`,
        `ATTENDEE;PARTSTAT=${sol}:mailto:${day}@example.org`,
      );
    expect(
      busyIn(meeting('02', 'ACCEPTED', 'DECLINED'), meeting('03', 'DECLINED', 'ACCEPTED')).map((s) =>
        s.slice(0, 5),
      ),
    ).toEqual(['03-02']);
  });
});

describe('a file that gives nothing', () => {
  const whyOf = (text: string) => {
    const found = readBusy(text, RANGE);
    return found.ok ? 'read' : found.why;
  };

  it('is no calendar', () => {
    for (const text of ['', 'hello', 'BEGIN:VCARD\r\nEND:VCARD\r\n', 'BEGIN:VCALENDAR\r\nBEGIN:VEVENT\r\n'])
      expect(whyOf(text), text).toBe('no-calendar');
  });

  it('has nothing in it that can be read, and does not count as an empty one', () => {
    expect(whyOf(calendar(part('VTODO', 'UID:t', 'SUMMARY:Paint')))).toBe('nothing-read');
    expect(whyOf(calendar('BEGIN:VEVENT', 'UID:cut', 'DTSTART:20270302T090000'))).toBe('nothing-read');
    expect(whyOf(calendar(at('Middle Earth')))).toBe('nothing-read');
    // Events that are over, or free, are read all the same.
    expect(whyOf(calendar(event('UID:o', 'DTSTART:20250302T090000', 'DURATION:PT1H')))).toBe('read');
  });
});

describe('a file that repeats without measure', () => {
  const seconds = (uid: string) =>
    event(`UID:${uid}`, 'DTSTART:19700101T000000', 'DURATION:PT1M', 'RRULE:FREQ=SECONDLY');

  it('loses the event that does, and keeps the rest', () => {
    const found = read(calendar(seconds('a'), event('UID:k', 'DTSTART:20270303T090000', 'DURATION:PT1H')));
    expect(found).toMatchObject({ busy: [{ start: '2027-03-03T09:00' }], leftOut: { tooOften: 1 } });
  });

  it('is refused where there are many of them', () => {
    const many = Array.from({ length: 30 }, (_, i) => seconds(`${i}`));
    expect(readBusy(calendar(...many), RANGE)).toEqual({ ok: false, why: 'too-often' });
  });

  it('is not one with many honest appointments', () => {
    const honest = Array.from({ length: 60 }, (_, i) =>
      event(
        `UID:${i}`,
        `DTSTART:202101${String((i % 28) + 1).padStart(2, '0')}T090000`,
        'DURATION:PT1H',
        'RRULE:FREQ=WEEKLY',
      ),
    );
    expect(read(calendar(...honest)).leftOut).toMatchObject({ tooOften: 0 });
  });
});
