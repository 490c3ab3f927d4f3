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
