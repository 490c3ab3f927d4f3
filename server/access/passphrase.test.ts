import { describe, expect, it } from 'vitest';
import { isEasilyGuessed } from './passphrase';

describe('a passphrase', () => {
  it.each([
    'password12',
    '1234567890',
    'aaaaaaaaaa',
    '          ',
    'qwertyuiop',
    'iloveyou123',
    'P@ssw0rd2024',
    'letmein2027',
    'abcabcabcabc',
  ])('is too easy where many take it: %s', (passphrase) => expect(isEasilyGuessed(passphrase)).toBe(true));

  it('is too easy where it says the household or the email', () => {
    expect(isEasilyGuessed('larchmews1', ['Larch Mews', 'someone@example.org'])).toBe(true);
    expect(isEasilyGuessed('someone2027', ['Larch Mews', 'someone@example.org'])).toBe(true);
  });

  it.each(['three dry towels', 'gutter moss in november', 'kJ8#vw2!qLx9', 'Grünkohl am Fenster 7'])(
    'does where nobody thinks of it: %s',
    (passphrase) => expect(isEasilyGuessed(passphrase)).toBe(false),
  );

  it('is looked at in a moment, however long', () => {
    const began = performance.now();
    isEasilyGuessed('wet cloth '.repeat(2_000));
    expect(performance.now() - began).toBeLessThan(2_000);
  });
});
