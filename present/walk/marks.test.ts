import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { FIXTURE_KINDS } from '@/core/catalogue/fixture-kinds';
import { MARKS, markOf } from './marks';

describe('the marks of the strip', () => {
  it('are there for every kind of thing, and for nothing else', () => {
    for (const kind of Object.keys(FIXTURE_KINDS)) expect(markOf(kind), kind).toBeDefined();
    expect(markOf('a kind from elsewhere')).toBeUndefined();
  });

  it('are all drawn in the picture that holds them', () => {
    const picture = readFileSync(new URL('../../public/icons/marks.svg', import.meta.url), 'utf8');
    const drawn = [...picture.matchAll(/<symbol id="([^"]+)"[^>]*>[^\n]*<(?:path|circle)/g)].map(
      ([, id]) => id,
    );
    expect(drawn.sort()).toEqual([...new Set(MARKS.map(([mark]) => mark))].sort());
  });
});
