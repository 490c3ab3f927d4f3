import { describe, expect, it } from 'vitest';
import { siteAt } from './passkeys';

describe('an address that can have passkeys', () => {
  it.each([
    ['https://thaw.home.example', 'thaw.home.example'],
    ['https://thaw.home.example:8443', 'thaw.home.example'],
    ['http://localhost:3000', 'localhost'],
  ])('is %s', (origin, id) => expect(siteAt(origin)).toEqual({ id, origin }));

  it.each([
    'http://thaw.home.example',
    'http://127.0.0.1:3000',
    'https://192.168.1.20',
    'https://[::1]:3000',
  ])('is not %s', (origin) => expect(siteAt(origin)).toBeUndefined());
});
