import { describe, expect, it } from 'vitest';
import { AHEAD, isKept, isOfHousehold, partsIn } from './kept-pages';

describe('pages that a phone keeps', () => {
  it('are those that one needs away from the desk, and a helper’s day', () => {
    for (const page of [...AHEAD, '/day/2027-03-01', '/walk/kitchen', '/paper/shopping', '/help/abc'])
      expect(isKept(page), page).toBe(true);
    for (const page of ['/', '/sign-in', '/files', '/people', '/daydream', '/walks', '/api/day/file/x'])
      expect(isKept(page), page).toBe(false);
    expect(isOfHousehold('/help/abc')).toBe(false);
  });

  it('are made of what is named in them, each once', () => {
    const html = `<script src="/_next/static/chunks/a-1~b.js"></script><link href="/_next/static/css/x.css"/>
      <script>self.__next_f.push([1,"I[3,[\\"/_next/static/chunks/a-1~b.js\\"]"])</script><img src="/api/pictures/1">`;
    expect(partsIn(html)).toEqual(['/_next/static/chunks/a-1~b.js', '/_next/static/css/x.css']);
  });
});
