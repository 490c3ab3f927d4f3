/** A file that came from outside, as text; or a sentence that says why it could not be read. */
export type Upload =
  | { readonly ok: true; readonly text: string }
  | { readonly ok: false; readonly sentence: string };

const UTF16_LITTLE = [0xff, 0xfe];
const UTF16_BIG = [0xfe, 0xff];

export function tooLarge(mostBytes: number): string {
  return `This file is larger than ${mostBytes / 1e6} MB. Nothing was read.`;
}

/** UTF-8, or UTF-16 that says so at its beginning. */
export function decode(bytes: Uint8Array): Upload {
  const starts = (mark: readonly number[]) => mark.every((byte, i) => bytes[i] === byte);
  const encoding = starts(UTF16_LITTLE) ? 'utf-16le' : starts(UTF16_BIG) ? 'utf-16be' : 'utf-8';
  try {
    return { ok: true, text: new TextDecoder(encoding, { fatal: true }).decode(bytes) };
  } catch {
    return {
      ok: false,
      sentence:
        'This file is not in UTF-8, so its letters cannot be told. Save it as UTF-8 and choose it again. Nothing was read.',
    };
  }
}
