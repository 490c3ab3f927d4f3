import { readerAsked, writeFor } from './present/words/reader';

/** Runs once in each server process, before its first request. */
export async function register(): Promise<void> {
  if (process.env.NEXT_RUNTIME !== 'nodejs') return;
  const { onServerStart } = await import('./server/on-start');
  const { askedBy, followRequests } = await import('./server/process/asked-by');
  followRequests();
  writeFor(() => {
    const asked = askedBy();
    return asked && readerAsked(asked.cookies, asked.languages);
  });
  onServerStart();
}
