import { afterEach, describe, expect, it } from 'vitest';
import {
  dateShown,
  NOBODY_KNOWN,
  type Reader,
  reader,
  readerAsked,
  readerOf,
  readerScript,
  timeShown,
  writeFor,
} from './reader';
import { clock, dateWithYear, fromTo, hourOnAxis, longDate, shortDate } from './words';

const [britain, states] = [readerOf('en-GB'), readerOf('en-US')];

afterEach(() => writeFor(() => undefined));

describe('how a reader writes dates and times', () => {
  it('is in the order and with the hours of the language', () => {
    expect(britain).toEqual(NOBODY_KNOWN);
    expect(states).toEqual({ date: 'MM/DD/YYYY', time: 'hh:mm a', twelve: true, monthFirst: true });
    expect(readerOf('en-AU')).toMatchObject({ twelve: true, monthFirst: false });
    expect(readerOf('de-DE').date).toBe('DD.MM.YYYY');
    expect(readerOf('sv-SE').date).toBe('YYYY-MM-DD');
    expect(readerOf('hu-HU').date).toMatch(/^YYYY.MM.DD$/);
  });

  it('is how fields show them before anybody goes there', () => {
    expect([britain, states].map((known) => dateShown('2027-03-09', known))).toEqual([
      '09/03/2027',
      '03/09/2027',
    ]);
    expect(['00:05', '11:59', '12:00', '18:40'].map((time) => timeShown(time, states))).toEqual([
      '12:05 am',
      '11:59 am',
      '12:00 pm',
      '06:40 pm',
    ]);
    expect(timeShown('18:40', britain)).toBe('18:40');
  });

  it('is how every sentence writes them', () => {
    const said = () => [
      longDate('2027-03-26'),
      shortDate('2027-09-04'),
      dateWithYear('2027-03-26'),
      clock('2027-03-26T18:05'),
      fromTo({ from: '00:30', to: '24:00' }),
      ...[0, 8, 12, 20].map(hourOnAxis),
    ];
    expect(said()).toEqual([
      'Friday 26 March',
      'Sat 4 Sept',
      '26 Mar 2027',
      '18:05',
      '00:30 to 24:00',
      ...['0', '8', '12', '20'],
    ]);
    writeFor(() => states);
    expect(said()).toEqual([
      'Friday, March 26',
      'Sat, Sept 4',
      'Mar 26, 2027',
      '6:05 pm',
      '12:30 am to 12:00 am',
      ...['12 am', '8 am', '12 pm', '8 pm'],
    ]);
  });
});

describe('the reader of an answer', () => {
  it('writes as the first language of the browser does, or as was chosen', () => {
    expect(readerAsked(undefined, 'en-US,en;q=0.9')).toEqual(states);
    expect(readerAsked(undefined, 'de-DE;q=0.9, en-US')).toMatchObject({ twelve: false, monthFirst: false });
    expect(readerAsked('a=b; early-thaw-dates=en-GB', 'en-US')).toEqual(britain);
    expect(readerAsked('early-thaw-dates=en-US', undefined)).toEqual(states);
  });

  it('is nobody known where the browser says nothing that is a language', () => {
    for (const languages of [undefined, '', '*', 'x', '!!', 'a'.repeat(5_000), ',,,', '; q=1', 'en_US'])
      expect(readerAsked('early-thaw-dates=device; early-thaw-dates=<script>', languages)).toEqual(
        NOBODY_KNOWN,
      );
  });

  it('is the same in the browser, which is told by a script', () => {
    const hostile: Reader = { ...states, date: '</script>' };
    const script = readerScript(hostile);
    expect(script).not.toContain('<');
    new Function(script)();
    expect(reader()).toEqual(hostile);
  });
});
