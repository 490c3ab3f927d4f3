import { MOST_FILE_BYTES } from '../core/basics/limits';
import { decode, tooLarge, type Upload } from './process/text-of-bytes';

/** Reads the body of a request, not a byte more than is allowed. */
export async function readUpload(request: Request, mostBytes = MOST_FILE_BYTES): Promise<Upload> {
  const bytes = await readBytes(request, mostBytes);
  if (!bytes) return { ok: false, sentence: tooLarge(mostBytes) };
  return decode(bytes);
}

/** The body of a request; undefined where it is larger than allowed. */
export async function readBytes(request: Request, mostBytes: number): Promise<Uint8Array | undefined> {
  if (Number(request.headers.get('content-length') ?? 0) > mostBytes) return undefined;
  const reader = request.body?.getReader();
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
