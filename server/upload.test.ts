import { describe, expect, it } from 'vitest';
import { MOST_FILE_BYTES } from '../core/basics/limits';
import { readBytes, readUpload, UNENDED, Unended } from './upload';

const read = (body: BodyInit | null, headers: Record<string, string> = {}) =>
  readUpload(new Request('http://127.0.0.1/', { method: 'POST', body, headers }));

describe('readUpload', () => {
  it('reads UTF-8 with and without its mark, UTF-16 with it, and nothing', async () => {
    expect(await read('Café')).toEqual({ ok: true, text: 'Café' });
    expect(await read('\uFEFFCafé')).toEqual({ ok: true, text: 'Café' });
    expect(await read(Buffer.from('\uFEFFCafé', 'utf16le'))).toEqual({ ok: true, text: 'Café' });
    expect(await read(null)).toEqual({ ok: true, text: '' });
  });

  it('says so of another encoding, and of a file that is too large, whatever its head says', async () => {
    expect(await read(Buffer.from('Caf\xe9', 'latin1'))).toMatchObject({
      ok: false,
      sentence: expect.stringMatching(/not in UTF-8/),
    });
    const fiftyMegabytes = new Uint8Array(50e6).fill(44);
    expect(await read(fiftyMegabytes)).toMatchObject({
      ok: false,
      sentence: expect.stringMatching(/larger than 5 MB/),
    });
    const large = new Uint8Array(MOST_FILE_BYTES + 1);
    expect(await read(large)).toMatchObject({
      ok: false,
      sentence: expect.stringMatching(/larger than 5 MB/),
    });
    expect(await read('x', { 'content-length': String(MOST_FILE_BYTES + 1) })).toMatchObject({ ok: false });
    expect((await read(new Uint8Array(MOST_FILE_BYTES).fill(32))).ok).toBe(true);
  });

  it('does not wait for a body that never ends', async () => {
    const body = new ReadableStream({ start: (stream) => stream.enqueue(new Uint8Array(8)) });
    const request = new Request('http://127.0.0.1/', { method: 'POST', body, duplex: 'half' } as RequestInit);
    await expect(readBytes(request.clone(), MOST_FILE_BYTES, 50)).rejects.toBeInstanceOf(Unended);
    expect(await readUpload(request, MOST_FILE_BYTES, 50)).toMatchObject({ ok: false, sentence: UNENDED });
  });
});
