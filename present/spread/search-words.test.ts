import { describe, expect, it } from 'vitest';
import { searchWords } from './search-words';

describe('searchWords', () => {
  it('says nothing before a plan is found', () => {
    expect(searchWords({ seconds: 0.1 })).toBe('');
  });

  it('says how many are before while it waits', () => {
    expect(searchWords({ seconds: 3, before: 0 })).toBe('Others are planning just now; yours is next.');
    expect(searchWords({ seconds: 3, before: 2 })).toBe(
      'Others are planning just now; 2 homes before yours.',
    );
  });

  it('says what has no place yet, and what the plan costs', () => {
    expect(searchWords({ seconds: 1, best: { cost: 135, leftOut: 0 } })).toBe(
      'So far: all has its place; drawbacks worth 2 h.',
    );
    expect(searchWords({ seconds: 1, best: { cost: 50, leftOut: 25 } })).toBe(
      'So far: 25 min of work has no place; drawbacks worth 50 min.',
    );
  });
});
