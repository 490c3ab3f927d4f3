import { describe, expect, it } from 'vitest';
import { noticeFor } from './notice';

describe('who looks at what others change', () => {
  it.each(['/aim', '/walk/bathroom', '/spread/2027-03-01', '/almanac/seasons', '/people'])(
    'is told so on %s, where they help on the day',
    (path) => {
      expect(noticeFor(path, 'helper')).toMatch(
        /^You can look at all of this\. Those who keep house or help plan/,
      );
      expect(noticeFor(path, 'planner')).toBeUndefined();
    },
  );

  it.each(['/day/2027-03-01', '/supplies', '/almanac/today', '/account', '/walking'])(
    'is told nothing on %s',
    (path) => expect(noticeFor(path, 'helper')).toBeUndefined(),
  );

  it('is told of the file where they help plan', () => {
    expect(noticeFor('/files', 'planner')).toContain('tables and calendars are yours');
    expect(noticeFor('/files', 'keeper')).toBeUndefined();
  });
});
