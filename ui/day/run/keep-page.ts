/** Pages of the day on the phone, with what they are made of, so that they open again without a network. */

const WORKER = '/day-worker.js';
/** The same name as in workers/day.service-worker.ts. */
const KEPT = 'early-thaw-day';

export async function keepPage(): Promise<void> {
  if (!('serviceWorker' in navigator) || !('caches' in window)) return;
  try {
    const scope = location.pathname.startsWith('/help/') ? '/help/' : '/day';
    await navigator.serviceWorker.register(WORKER, { scope });
    const cache = await caches.open(KEPT);
    if (!cameByWorker()) {
      const page = await fetch(location.href, { headers: { accept: 'text/html' } });
      if (page.ok && !page.redirected) await cache.put(location.href, page);
    }
    const parts = performance
      .getEntriesByType('resource')
      .map(({ name }) => new URL(name))
      .filter((url) => url.origin === location.origin && url.pathname.startsWith('/_next/static/'))
      .map((url) => url.href);
    for (const part of new Set(parts)) if (!(await cache.match(part))) await cache.add(part);
  } catch {
    // Without a network there is nothing new to keep; what was kept stays.
  }
}

/**
 * Whoever opens the front door is signed out: no day of a household opens without a network any more. What is not sent
 * yet stays, and so do the pages of helpers, who have no household here.
 */
export async function forgetPages(): Promise<void> {
  if (!('caches' in window)) return;
  const cache = await caches.open(KEPT);
  for (const request of await cache.keys())
    if (new URL(request.url).pathname.startsWith('/day')) await cache.delete(request);
}

/** Whether this page was loaded as a whole through the worker, which has kept it then. */
function cameByWorker(): boolean {
  const [loaded] = performance.getEntriesByType('navigation') as PerformanceNavigationTiming[];
  return loaded?.name === location.href && loaded.workerStart > 0;
}
