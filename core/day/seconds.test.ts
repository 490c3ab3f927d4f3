import { describe, expect, it } from 'vitest';
import { formatSecond, isClockWrong, rightTime, secondOf } from './seconds';

describe('seconds of the wall clock', () => {
  it('go there and back', () => {
    expect(formatSecond(secondOf('2027-03-01T23:59:59') + 1)).toBe('2027-03-02T00:00:00');
  });

  it('believe how long ago something was, and not a clock that is wrong by a day', () => {
    const now = '2027-03-01T18:00:00';
    expect(rightTime('2027-03-02T17:50:00', '2027-03-02T18:00:00', now)).toBe('2027-03-01T17:50:00');
    expect(rightTime('2027-02-28T17:50:00', '2027-02-28T18:00:00', now)).toBe('2027-03-01T17:50:00');
    expect(isClockWrong('2027-03-02T18:00:00', now)).toBe(true);
  });

  it('leave a clock alone that is a little off, and never look ahead', () => {
    const now = '2027-03-01T18:00:00';
    expect(rightTime('2027-03-01T17:59:10', '2027-03-01T18:00:50', now)).toBe('2027-03-01T17:59:10');
    expect(rightTime('2027-03-01T18:00:40', '2027-03-01T18:00:50', now)).toBe(now);
    expect(isClockWrong('2027-03-01T18:00:50', now)).toBe(false);
  });
});
