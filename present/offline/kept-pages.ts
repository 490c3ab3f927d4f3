/** Which pages a phone keeps, so that they open without a network. */

/** The name under which it keeps them, and what they are made of. */
export const KEPT = 'early-thaw-day';

/** What a page asks once it is there: whether it came from the phone, and may be older than the server's. */
export const IS_IT_KEPT = 'is this page from the phone?';

/** What one needs away from the desk. */
const AWAY = ['/day', '/walk', '/supplies', '/almanac', '/paper'] as const;
/** A day of a helper, who has no household here. */
const OF_HELPERS = '/help/';

/** Fetched ahead, so that they are there before anybody has opened them. */
export const AHEAD = ['/day', '/walk', '/supplies', '/supplies/mix', '/almanac', '/almanac/today'] as const;

export function isKept(path: string): boolean {
  return path.startsWith(OF_HELPERS) || isOfHousehold(path);
}

/** Goes from the device with whoever signs out. */
export function isOfHousehold(path: string): boolean {
  return AWAY.some((page) => path === page || path.startsWith(`${page}/`));
}

/** The parts of which a page is made, by the addresses in it. */
export function partsIn(html: string): string[] {
  return [...new Set(html.match(/\/_next\/static\/[\w./~-]+\.(?:js|css|woff2)/g) ?? [])];
}
