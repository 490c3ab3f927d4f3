import { AsyncLocalStorage } from 'node:async_hooks';
import { subscribe } from 'node:diagnostics_channel';
import type { IncomingMessage } from 'node:http';

/** What a browser says of its reader with each request. */
export type AskedBy = { readonly cookies: string | undefined; readonly languages: string | undefined };

const asked = new AsyncLocalStorage<AskedBy>();

/** From now on, whatever is done for a request knows which one. */
export function followRequests(): void {
  subscribe('http.server.request.start', (message) => {
    const { headers } = (message as { request: IncomingMessage }).request;
    asked.enterWith({ cookies: headers.cookie, languages: headers['accept-language'] });
  });
}

/** The request for which this runs; undefined in the background. */
export function askedBy(): AskedBy | undefined {
  return asked.getStore();
}
