import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';

/** The worker of the day in a browser that is made of maps: what it answers, with a network and without. */

const ORIGIN = 'https://home.example';

class Kept {
  readonly pages = new Map<string, Response>();
  put = async (request: Request, response: Response) => void this.pages.set(request.url, response);
  match = async (request: Request | { url: string }) => this.pages.get(request.url)?.clone();
  keys = async () => [...this.pages.keys()].map((url) => ({ url }));
}

type Handler = (event: Record<string, unknown>) => void;

let kept: Kept;
let network: (request: Request) => Promise<Response>;
let asked: string[];
let handlers: Map<string, Handler>;
let focused: number;

beforeEach(async () => {
  kept = new Kept();
  asked = [];
  focused = 0;
  handlers = new Map();
  network = async ({ url }) => new Response(`fresh ${new URL(url).pathname}`);
  vi.stubGlobal('caches', { open: async () => kept });
  vi.stubGlobal('fetch', (request: Request) => {
    asked.push(new URL(request.url).pathname);
    return network(request);
  });
  vi.stubGlobal('self', {
    location: { origin: ORIGIN },
    skipWaiting: async () => undefined,
    clients: {
      claim: async () => undefined,
      matchAll: async () => [{ focus: async () => void focused++ }],
    },
    addEventListener: (name: string, handler: Handler) => handlers.set(name, handler),
  });
  vi.resetModules();
  // It is a script of its own and exports nothing.
  await import('./day.service-worker' as string);
});
afterEach(() => vi.unstubAllGlobals());

/** What the worker answers; undefined where it leaves the request to the browser. */
type More = { mode?: string; method?: string; destination?: string; window?: string };
async function answer(path: string, { window = '', ...more }: More = {}) {
  let given: Promise<Response> | undefined;
  const request = { method: 'GET', mode: 'cors', destination: '', url: new URL(path, ORIGIN).href, ...more };
  handlers.get('fetch')?.({
    request,
    resultingClientId: window,
    respondWith: (response: Promise<Response>) => {
      given = response;
    },
  });
  const response = await given;
  return response && (response.type === 'error' ? 'no answer' : response.text());
}
const open = (path: string) => answer(path, { mode: 'navigate' });
const cutTheNetwork = () => {
  network = () => Promise.reject(new TypeError('offline'));
};

/** What a window is told that asks whether its page came from the phone. */
function isFromPhone(window: string): unknown {
  let told: unknown;
  handlers.get('message')?.({
    data: 'is this page from the phone?',
    source: { id: window },
    ports: [
      {
        postMessage: (word: unknown) => {
          told = word;
        },
      },
    ],
  });
  return told;
}

describe('a page of the day', () => {
  it('is told whether it came from the phone, and may be older than the server’s', async () => {
    await answer('/supplies', { mode: 'navigate', window: 'fresh' });
    cutTheNetwork();
    expect(await answer('/supplies', { mode: 'navigate', window: 'kept' })).toBe('fresh /supplies');
    expect(['fresh', 'kept', 'another'].map(isFromPhone)).toEqual([false, true, false]);
  });

  it('comes from the network while it answers, and is kept', async () => {
    expect(await open('/day/2027-03-01')).toBe('fresh /day/2027-03-01');
    cutTheNetwork();
    expect(await open('/day/2027-03-01')).toBe('fresh /day/2027-03-01');
  });

  it('is the last day that was opened, where today was never opened by its date', async () => {
    await open('/day/2027-03-01');
    await open('/day/2027-03-02');
    cutTheNetwork();
    expect(await open('/day')).toBe('fresh /day/2027-03-02');
  });

  it('is no answer where nothing was kept, rather than another page', async () => {
    await open('/day/2027-03-01');
    cutTheNetwork();
    expect(await open('/help/abc')).toBe('no answer');
  });

  it('is the one that is kept where the server has none to give, as while its database is away', async () => {
    await open('/day/2027-03-01');
    network = async () => new Response('sorry', { status: 500 });
    expect(await answer('/day/2027-03-01', { mode: 'navigate', window: 'kept' })).toBe(
      'fresh /day/2027-03-01',
    );
    expect(await open('/day')).toBe('fresh /day/2027-03-01');
    expect(isFromPhone('kept')).toBe(true);
    network = async () => new Response('gone', { status: 404 });
    expect(await open('/day/2027-03-01')).toBe('gone');
  });

  it('is shown but not kept where the server says that something is wrong', async () => {
    network = async () => new Response('sorry', { status: 500 });
    expect(await open('/day/2027-03-01')).toBe('sorry');
    cutTheNetwork();
    expect(await open('/day/2027-03-01')).toBe('no answer');
  });
});

describe('what pages are made of', () => {
  it('comes from the phone once it is there', async () => {
    expect(await answer('/_next/static/a.js')).toBe('fresh /_next/static/a.js');
    expect(await answer('/_next/static/a.js')).toBe('fresh /_next/static/a.js');
    expect(asked).toEqual(['/_next/static/a.js']);
  });

  it('is not kept where it was not found', async () => {
    network = async () => new Response('gone', { status: 404 });
    await answer('/_next/static/a.js');
    expect(kept.pages.size).toBe(0);
  });
});

describe('everything else', () => {
  it('is left alone', async () => {
    expect(await answer('/api/day', { method: 'POST' })).toBeUndefined();
    expect(await answer('/api/day')).toBeUndefined();
    expect(await answer('https://elsewhere.example/_next/static/a.js')).toBeUndefined();
    expect(await answer('/_next/static/worker.js', { destination: 'worker' })).toBeUndefined();
  });

  it('brings the day to the front when its notification is pressed', async () => {
    let waited: Promise<unknown> | undefined;
    const close = vi.fn();
    handlers.get('notificationclick')?.({
      notification: { close },
      waitUntil: (promise: Promise<unknown>) => {
        waited = promise;
      },
    });
    await waited;
    expect([close.mock.calls.length, focused]).toEqual([1, 1]);
  });
});
