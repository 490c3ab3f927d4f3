import { describe, expect, it } from 'vitest';
import { happeningLines, sessionLines } from './account-model';

/** Monday 1 March 2027, 17:00 in London and 18:00 in Berlin. */
const AT_S = Date.UTC(2027, 2, 1, 17) / 1000;

describe('an account in words', () => {
  it('says where one is signed in, in the time of the home', () => {
    const open = { device: 'Firefox on Android', openedS: AT_S - 86_400, seenS: AT_S };
    const lines = sessionLines(
      [
        { id: 'a', ...open },
        { id: 'b', ...open },
      ],
      'b',
      'Europe/Berlin',
    );
    expect(lines[0]).toEqual({
      id: 'a',
      device: 'Firefox on Android',
      when: 'last used Mon 1 Mar, 18:00, signed in Sun 28 Feb, 18:00',
      isHere: false,
    });
    expect(lines[1]?.isHere).toBe(true);
  });

  it('says what happened and who did it, as long as they are there', () => {
    const happened = { what: 'made-codes' as const, device: 'Chrome on Linux', atS: AT_S };
    const [known, gone] = happeningLines(
      [
        { ...happened, email: 'ines@example.org' },
        { ...happened, email: undefined },
      ],
      'Europe/London',
    );
    expect(known).toEqual({
      what: 'Made new codes for a forgotten passphrase',
      who: 'ines@example.org, Chrome on Linux',
      when: 'Mon 1 Mar, 17:00',
    });
    expect(gone?.who).toBe('Chrome on Linux');
  });
});
