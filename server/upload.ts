import { MOST_FILE_BYTES } from '../core/basics/limits';
import { decode, tooLarge, type Upload } from './process/text-of-bytes';

/** A body that does not end for so long is not waited for. */
const MOST_MS = 30_000;

/** Reads the body of a request, not a byte more than is allowed. */
export async function readUpload(
  request: Request,
  mostBytes = MOST_FILE_BYTES,
  mostMs = MOST_MS,
): Promise<Upload> {
  try {
    const bytes = await readBytes(request, mostBytes, mostMs);
    return bytes ? decode(bytes) : { ok: false, sentence: tooLarge(mostBytes) };
  } catch (error) {
    if (error instanceof Unended) return { ok: false, sentence: UNENDED };
    throw error;
  }
}

export const UNENDED = 'The file did not arrive within half a minute. Nothing was changed. Try again.';

/** A body that came too slowly, or broke off. */
export class Unended extends Error {}

/** The body of a request; undefined where it is larger than allowed. Throws `Unended`. */
export async function readBytes(
  request: Request,
  mostBytes: number,
  mostMs = MOST_MS,
): Promise<Uint8Array | undefined> {
  if (Number(request.headers.get('content-length') ?? 0) > mostBytes) return undefined;
  const reader = request.body?.getReader();
  let timer: NodeJS.Timeout | undefined;
  const late = new Promise<never>((_resolve, reject) => {
    timer = setTimeout(() => {
      reject(new Unended());
      void reader?.cancel().catch(() => undefined);
    }, mostMs);
  });
  try {
    return await Promise.race([partsOf(reader, mostBytes), late]);
  } finally {
    clearTimeout(timer);
  }
}

type Reader = ReadableStreamDefaultReader<Uint8Array<ArrayBuffer>>;

async function partsOf(reader: Reader | undefined, mostBytes: number): Promise<Uint8Array | undefined> {
  const parts: Uint8Array[] = [];
  let size = 0;
  for (let part = await reader?.read(); part && !part.done; part = await reader?.read()) {
    size += part.value.length;
    if (size > mostBytes) {
      await reader?.cancel();
      return undefined;
    }
    parts.push(part.value);
  }
  return Buffer.concat(parts);
}
