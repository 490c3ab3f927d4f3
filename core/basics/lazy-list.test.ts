import { describe, expect, it } from 'vitest';
import { lazyList } from './lazy-list';

describe('a list that is taken as far as it is looked at', () => {
  it('asks for each thing once, and no further than somebody looks', () => {
    let asked = 0;
    const list = lazyList(
      (function* () {
        for (const letter of 'abc') {
          asked++;
          yield letter;
        }
      })(),
    );
    expect(asked).toBe(0);
    for (const letter of list) if (letter === 'b') break;
    expect(asked).toBe(2);
    expect([...list]).toEqual(['a', 'b', 'c']);
    expect([...list]).toEqual(['a', 'b', 'c']);
    expect(asked).toBe(3);
  });
});
