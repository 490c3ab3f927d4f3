import { describe, expect, it } from 'vitest';
import { FIXTURE_KINDS } from '@/core/catalogue/fixture-kinds';
import { markOf } from './kind-icon';

describe('the marks of the strip', () => {
  it('are there for every kind of thing, and for nothing else', () => {
    for (const kind of Object.keys(FIXTURE_KINDS)) expect(markOf(kind), kind).toBeDefined();
    expect(markOf('a kind from elsewhere')).toBeUndefined();
  });
});
