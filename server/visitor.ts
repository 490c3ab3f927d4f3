import { headers } from 'next/headers';

/** How a visitor reaches the application: links and cookies follow it. */

/** Sent by whatever stands in front of the server and speaks https for it. */
const FORWARDED_BY = { proto: 'x-forwarded-proto', host: 'x-forwarded-host' } as const;

/** `https://thaw.home.example`, as the visitor has it in the browser. */
export async function visitorOrigin(): Promise<string> {
  return originFrom(await headers());
}

export function originFrom(sent: Pick<Headers, 'get'>): string {
  const host = first(sent.get(FORWARDED_BY.host)) ?? sent.get('host') ?? 'localhost';
  return `${isSecure(sent) ? 'https' : 'http'}://${host}`;
}

/** Whether the visitor’s own connection is encrypted. */
export function isSecure(sent: Pick<Headers, 'get'>): boolean {
  return first(sent.get(FORWARDED_BY.proto)) === 'https';
}

/** The first of several: that of who stands nearest to the visitor. */
function first(value: string | null): string | undefined {
  return value?.split(',')[0]?.trim() || undefined;
}

/** Where a request comes from, as the server or whatever stands in front of it has seen it. */
export async function visitorAddress(): Promise<string> {
  return addressFrom(await headers());
}

/** The last of several: what stood before it was said by the visitor, who may say anything. */
export function addressFrom(sent: Pick<Headers, 'get'>): string {
  return sent.get('x-forwarded-for')?.split(',').at(-1)?.trim() || 'unknown';
}
