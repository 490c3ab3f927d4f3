import { describe, expect, it } from 'vitest';
import { readLetters } from './letters';

const TEXT = 'floor,room\nErdgeschoß,Teodor’s Küche\n';
const utf16 = (bigEndian: boolean, mark: boolean) => {
  const bytes = Buffer.from(`${mark ? '\ufeff' : ''}${TEXT}`, 'utf16le');
  return bigEndian ? bytes.swap16() : bytes;
};
/** As a spreadsheet of the West saves it. */
const windows = Uint8Array.from([...TEXT].map((sign) => (sign === '’' ? 0x92 : sign.charCodeAt(0))));

describe('the letters of a file', () => {
  it.each([
    ['UTF-8', Buffer.from(TEXT)],
    ['UTF-8', Buffer.from(`\ufeff${TEXT}`)],
    ['UTF-16', utf16(false, true)],
    ['UTF-16', utf16(true, true)],
    ['UTF-16', utf16(false, false)],
    ['UTF-16', utf16(true, false)],
    ['Windows-1252', windows],
  ])('are told: %s', (letters, bytes) => {
    expect(readLetters(bytes)).toEqual({ text: TEXT, letters, mended: false });
  });

  it('are put right where they were saved as those of another set', () => {
    const wrong = 'floor,room\nErdgeschoÃŸ,Teodorâ€™s KÃ¼che\n';
    expect(readLetters(Buffer.from(wrong))).toEqual({ text: TEXT, letters: 'UTF-8', mended: true });
  });

  it('are left as they are where they only look so, or where there is nothing', () => {
    const portuguese = 'Colchões; Ã sesta';
    expect(readLetters(Buffer.from(portuguese)).text).toBe(portuguese);
    expect(readLetters(new Uint8Array())).toEqual({ text: '', letters: 'UTF-8', mended: false });
  });
});
