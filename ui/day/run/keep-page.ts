/** Keeps the page and what it is made of on the phone, so that it opens again without a network. */

const WORKER = '/day-worker.js';
/** The same name as in workers/day.service-worker.ts. */
const KEPT = 'early-thaw-day';

export async function keepPage(): Promise<void> {
  if (!('serviceWorker' in navigator) || !('caches' in window)) return;
  try {
    const scope = location.pathname.startsWith('/help/') ? '/help/' : '/day';
    await navigator.serviceWorker.register(WORKER, { scope });
    const cache = await caches.open(KEPT);
    const parts = performance
      .getEntriesByType('resource')
      .map(({ name }) => new URL(name))
      .filter((url) => url.origin === location.origin && url.pathname.startsWith('/_next/static/'))
      .map((url) => url.href);
    const page = await fetch(location.href, { headers: { accept: 'text/html' } });
    if (page.ok && !page.redirected) await cache.put(location.href, page);
    for (const part of new Set(parts)) if (!(await cache.match(part))) await cache.add(part);
  } catch {
    // Without a network there is nothing new to keep; what was kept stays.
  }
}
