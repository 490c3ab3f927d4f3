import { describe, expect, it } from 'vitest';
import { leftOutWords, NOTHING } from './calendar-words';

const nothing = { broken: 0, tooOften: 0, unknownZone: 0, zones: [] };

describe('what became of a calendar', () => {
  it('needs no word where every event was taken', () => {
    expect(leftOutWords(nothing)).toBe('');
  });

  it('counts what was left out, and says why', () => {
    expect(leftOutWords({ broken: 1, tooOften: 1, unknownZone: 1, zones: ['Mars'] })).toBe(
      ' 1 event made no sense and was left out. 1 event repeats too often and was left out.' +
        ' 1 event was left out, since the time zone “Mars” is not known here.',
    );
    expect(leftOutWords({ broken: 2, tooOften: 3, unknownZone: 4, zones: ['Mars', 'Moon'] })).toBe(
      ' 2 events made no sense and were left out. 3 events repeat too often and were left out.' +
        ' 4 events were left out, since the time zones “Mars” and “Moon” are not known here.',
    );
  });

  it('says of each failure that nothing was changed', () => {
    for (const sentence of Object.values(NOTHING)) expect(sentence).toMatch(/nothing was changed/i);
  });
});
