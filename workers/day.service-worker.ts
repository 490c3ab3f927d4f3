/// <reference lib="webworker" />

import { IS_IT_KEPT, isKept, KEPT } from '../present/offline/kept-pages';

/**
 * Opens what one needs away from the desk without a network: such pages come from the network while it answers, else from the
 * phone; what they are made of never changes under its name, and comes from the phone at once. Everything else is left alone.
 */

const worker = self as unknown as ServiceWorkerGlobalScope;
const START = '/start';
const PARTS = '/_next/static/';
const ANSWER_MS = 4_000;

worker.addEventListener('install', () => void worker.skipWaiting());
worker.addEventListener('activate', (event) => event.waitUntil(worker.clients.claim()));

worker.addEventListener('fetch', (event) => {
  const { request } = event;
  const url = new URL(request.url);
  if (request.method !== 'GET' || url.origin !== worker.location.origin) return;
  if (request.mode === 'navigate') {
    if (url.pathname === START) event.respondWith(start(request));
    else if (isKept(url.pathname)) event.respondWith(page(request, event.resultingClientId));
  } else if (url.pathname.startsWith(PARTS) && request.destination !== 'worker')
    event.respondWith(part(request));
});

/** Brings the day to the front when its notification is pressed. */
worker.addEventListener('notificationclick', (event) => {
  event.notification.close();
  event.waitUntil(
    worker.clients.matchAll({ type: 'window' }).then((pages) => pages[0]?.focus().then(() => undefined)),
  );
});

/** Where it begins is for the server to say; without one, it begins with the day. */
async function start(request: Request): Promise<Response> {
  try {
    return await fetch(request, { signal: AbortSignal.timeout(ANSWER_MS) });
  } catch {
    return Response.redirect(new URL('/day', worker.location.origin).href);
  }
}

/** Windows whose page came from the phone, the last few. */
const fromPhone = new Set<string>();
const MOST_WINDOWS = 50;

worker.addEventListener('message', ({ data, source, ports }) => {
  if (data === IS_IT_KEPT) ports[0]?.postMessage(fromPhone.has((source as Client | null)?.id ?? ''));
});

/** The server's page, or the one that is kept where it can't be reached or can't make one, as while its database is away. */
async function page(request: Request, window: string): Promise<Response> {
  const cache = await caches.open(KEPT);
  const fresh = await fetch(request, { signal: AbortSignal.timeout(ANSWER_MS) }).catch(() =>
    Response.error(),
  );
  if (fresh.ok) void cache.put(request, fresh.clone()).catch(() => undefined);
  if (!isFailure(fresh)) return fresh;
  const kept = (await cache.match(request)) ?? (await lastOf(cache, new URL(request.url).pathname));
  if (kept) remember(window);
  return kept ?? fresh;
}

function isFailure({ type, status }: Response): boolean {
  return type === 'error' || status >= SERVER_FAILS;
}

const SERVER_FAILS = 500;

function remember(window: string): void {
  fromPhone.add(window);
  const [oldest] = fromPhone;
  if (fromPhone.size > MOST_WINDOWS && oldest !== undefined) fromPhone.delete(oldest);
}

/** Who asks for today without its date gets the last day that was opened. */
async function lastOf(cache: Cache, path: string): Promise<Response | undefined> {
  const pages = (await cache.keys()).filter(({ url }) => new URL(url).pathname.startsWith(`${path}/`));
  const last = pages.at(-1);
  return last && cache.match(last);
}

async function part(request: Request): Promise<Response> {
  const cache = await caches.open(KEPT);
  const kept = await cache.match(request);
  if (kept) return kept;
  const fresh = await fetch(request);
  if (fresh.ok) await cache.put(request, fresh.clone());
  return fresh;
}
