import { describe, expect, it } from 'vitest';
import { addressFrom, isSecure, originFrom } from './visitor';

const sent = (headers: Record<string, string>) => new Headers(headers);

describe('a visitor', () => {
  it('comes from where the last in the row has seen them, whatever they say themselves', () => {
    expect(addressFrom(sent({ 'x-forwarded-for': '203.0.113.9' }))).toBe('203.0.113.9');
    expect(addressFrom(sent({ 'x-forwarded-for': '1.1.1.1, 203.0.113.9' }))).toBe('203.0.113.9');
    expect(addressFrom(sent({}))).toBe('unknown');
  });

  it('reaches the application by the address and the scheme that whatever stands before it has answered', () => {
    const behind = {
      'x-forwarded-proto': 'https',
      'x-forwarded-host': 'thaw.example',
      host: '127.0.0.1:3000',
    };
    expect(originFrom(sent(behind))).toBe('https://thaw.example');
    expect(isSecure(sent(behind))).toBe(true);
    expect(originFrom(sent({ host: '192.168.1.2:3000' }))).toBe('http://192.168.1.2:3000');
    expect(isSecure(sent({}))).toBe(false);
  });
});
