import { describe, expect, it } from 'vitest';
import { dateShown, formatsOf, timeShown } from './reader-formats';

describe('how a reader writes dates and times', () => {
  it('is in the order and with the hours of the language', () => {
    expect(formatsOf('en-GB')).toEqual({ date: 'DD/MM/YYYY', time: 'HH:mm', twelve: false });
    expect(formatsOf('en-US')).toEqual({ date: 'MM/DD/YYYY', time: 'hh:mm a', twelve: true });
    expect(formatsOf('de-DE').date).toBe('DD.MM.YYYY');
    expect(formatsOf('sv-SE').date).toBe('YYYY-MM-DD');
    expect(formatsOf('hu-HU').date).toMatch(/^YYYY.MM.DD$/);
  });

  it('is how they are shown before anybody goes to the field', () => {
    const [britain, states] = [formatsOf('en-GB'), formatsOf('en-US')];
    expect([britain, states].map((formats) => dateShown('2027-03-09', formats))).toEqual([
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
});
