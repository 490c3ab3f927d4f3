import { type Reader, readerAsked, writeFor } from './present/words/reader';

/** Runs once in each server process, before its first request. */
export async function register(): Promise<void> {
  if (process.env.NEXT_RUNTIME !== 'nodejs') return;
  const { onServerStart } = await import('./server/on-start');
  const { askedBy, followRequests } = await import('./server/process/asked-by');
  followRequests();
  const readers = new WeakMap<object, Reader>();
  writeFor(() => {
    const asked = askedBy();
    if (!asked) return undefined;
    const known = readers.get(asked) ?? readerAsked(asked.cookies, asked.languages);
    readers.set(asked, known);
    return known;
  });
  onServerStart();
}
