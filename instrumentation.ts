/** Runs once in each server process, before its first request. */
export async function register(): Promise<void> {
  if (process.env.NEXT_RUNTIME !== 'nodejs') return;
  const { onServerStart } = await import('./server/on-start');
  onServerStart();
}
