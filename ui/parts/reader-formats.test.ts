import { describe, expect, it } from 'vitest';
import { formatsOf } from './reader-formats';

describe('how a reader writes dates and times', () => {
  it('is in the order and with the hours of the language', () => {
    expect(formatsOf('en-GB')).toEqual({ date: 'DD/MM/YYYY', time: 'HH:mm', twelve: false });
    expect(formatsOf('en-US')).toEqual({ date: 'MM/DD/YYYY', time: 'hh:mm a', twelve: true });
    expect(formatsOf('de-DE').date).toBe('DD.MM.YYYY');
    expect(formatsOf('sv-SE').date).toBe('YYYY-MM-DD');
    expect(formatsOf('hu-HU').date).toMatch(/^YYYY.MM.DD$/);
  });
});
