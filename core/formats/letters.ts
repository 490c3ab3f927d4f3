/** Bytes of a text file as text, whichever letters it was saved in. */

export type Letters = 'UTF-8' | 'UTF-16' | 'Windows-1252';

export type ReadLetters = {
  readonly text: string;
  readonly letters: Letters;
  /** Whether it had been saved once with the letters of another character set, and was put right. */
  readonly mended: boolean;
};

const UTF8_MARK = [0xef, 0xbb, 0xbf];
const UTF16_LITTLE_MARK = [0xff, 0xfe];
const UTF16_BIG_MARK = [0xfe, 0xff];
/** So many bytes tell whether every other one is nothing, as in UTF-16 that does not say so. */
const LOOKED_AT = 400;

/** What UTF-8 looks like that was read as Windows-1252 and saved again: `Ã¼`, `â€™`. */
const WRONG_LETTERS = /[ÂÃ][\u0080-\u00bf\u0152-\u2122]|â(?:€|‚)[\u0080-\u2122]/;

export function readLetters(bytes: Uint8Array): ReadLetters {
  const starts = (mark: readonly number[]) => mark.every((byte, i) => bytes[i] === byte);
  const little = starts(UTF16_LITTLE_MARK) || (!starts(UTF8_MARK) && isEmptyAt(bytes, 1));
  const big = starts(UTF16_BIG_MARK) || (!starts(UTF8_MARK) && isEmptyAt(bytes, 0));
  if (little || big)
    return { text: decoded(bytes, little ? 'utf-16le' : 'utf-16be'), letters: 'UTF-16', mended: false };
  try {
    const text = new TextDecoder('utf-8', { fatal: true }).decode(bytes);
    const mended = WRONG_LETTERS.test(text) ? mend(text) : undefined;
    return { text: mended ?? text, letters: 'UTF-8', mended: mended !== undefined };
  } catch {
    return { text: fromWindows(bytes), letters: 'Windows-1252', mended: false };
  }
}

function decoded(bytes: Uint8Array, encoding: string): string {
  return new TextDecoder(encoding).decode(bytes);
}

/** Whether nearly every other byte from one on is nothing, and the rest is not. */
function isEmptyAt(bytes: Uint8Array, from: 0 | 1): boolean {
  const some = bytes.subarray(0, LOOKED_AT);
  const empty = (start: number) => some.filter((byte, i) => i % 2 === start && byte === 0).length;
  return some.length >= 4 && empty(from) > some.length * 0.4 && empty(1 - from) < some.length * 0.05;
}

/** Back to the bytes that it was read from, and read as what it was; undefined where that is no text. */
function mend(text: string): string | undefined {
  const bytes: number[] = [];
  for (const sign of text) {
    const byte = BYTE_OF.get(sign);
    if (byte === undefined) return undefined;
    bytes.push(byte);
  }
  try {
    return new TextDecoder('utf-8', { fatal: true }).decode(Uint8Array.from(bytes));
  } catch {
    return undefined;
  }
}

/** Windows-1252 from 0x80 to 0x9f, where it differs from Latin-1; Node’s own decoder takes the one for the other. */
const FROM_0X80 = '€\u0081‚ƒ„…†‡ˆ‰Š‹Œ\u008dŽ\u008f\u0090‘’“”•–—˜™š›œ\u009džŸ';
const SIGNS: readonly string[] = Array.from({ length: 256 }, (_, byte) =>
  byte >= 0x80 && byte <= 0x9f ? (FROM_0X80[byte - 0x80] as string) : String.fromCharCode(byte),
);
const BYTE_OF: ReadonlyMap<string, number> = new Map(SIGNS.map((sign, byte) => [sign, byte]));

function fromWindows(bytes: Uint8Array): string {
  return Array.from(bytes, (byte) => SIGNS[byte]).join('');
}
