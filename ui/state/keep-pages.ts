import { AHEAD, isOfHousehold, KEPT, partsIn } from '@/present/offline/kept-pages';

/** Pages on the phone, with what they are made of, so that they open again without a network. */

const WORKER = '/day-worker.js';

const canKeep = () => 'serviceWorker' in navigator && 'caches' in window;

/** Keeps the page that is open. */
export async function keepPage(): Promise<void> {
  if (!canKeep()) return;
  try {
    await register();
    const cache = await caches.open(KEPT);
    if (!cameByWorker()) await keepOne(cache, location.href);
    const parts = performance
      .getEntriesByType('resource')
      .map(({ name }) => new URL(name))
      .filter((url) => url.origin === location.origin && url.pathname.startsWith('/_next/static/'))
      .map((url) => url.href);
    await keepParts(cache, parts);
  } catch {
    // Without a network there is nothing new to keep; what was kept stays.
  }
}

/** Keeps what one will need away from the desk before anybody has opened it. */
export async function keepAhead(): Promise<void> {
  if (!canKeep() || !isTimeToKeep()) return;
  try {
    await register();
    const cache = await caches.open(KEPT);
    for (const page of AHEAD) await keepOne(cache, new URL(page, location.origin).href);
  } catch {
    // The next page that is opened with a network tries again.
  }
}

/** So often are pages kept anew. */
const KEEP_AGAIN_MS = 15 * 60_000;
const KEPT_AT = 'early-thaw-kept-at';

function isTimeToKeep(): boolean {
  if (Date.now() - Number(sessionStorage.getItem(KEPT_AT) ?? 0) < KEEP_AGAIN_MS) return false;
  sessionStorage.setItem(KEPT_AT, String(Date.now()));
  return true;
}

async function register(): Promise<void> {
  const scope = location.pathname.startsWith('/help/') ? '/help/' : '/';
  await navigator.serviceWorker.register(WORKER, { scope });
}

async function keepOne(cache: Cache, address: string): Promise<void> {
  const page = await fetch(address, { headers: { accept: 'text/html' } });
  if (!page.ok || page.redirected) return;
  await cache.put(address, page.clone());
  await keepParts(cache, partsIn(await page.text()));
}

async function keepParts(cache: Cache, parts: readonly string[]): Promise<void> {
  for (const part of new Set(parts)) if (!(await cache.match(part))) await cache.add(part);
}

/**
 * Whoever opens the front door is signed out: no page of a household opens without a network any more. What is not sent
 * yet stays, and so do the pages of helpers, who have no household here.
 */
export async function forgetPages(): Promise<void> {
  if (!('caches' in window)) return;
  sessionStorage.removeItem(KEPT_AT);
  const cache = await caches.open(KEPT);
  for (const request of await cache.keys())
    if (isOfHousehold(new URL(request.url).pathname)) await cache.delete(request);
}

/** Whether this page was loaded as a whole through the worker, which has kept it then. */
function cameByWorker(): boolean {
  const [loaded] = performance.getEntriesByType('navigation') as PerformanceNavigationTiming[];
  return loaded?.name === location.href && loaded.workerStart > 0;
}
