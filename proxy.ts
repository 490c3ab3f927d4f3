import { type NextRequest, NextResponse } from 'next/server';

const NO_ADDRESS = 'This address is cut short or mistyped, and leads nowhere. Go back and try again.\n';

function isReadable(path: string): boolean {
  try {
    decodeURIComponent(path);
    return true;
  } catch {
    return false;
  }
}

const NO_COMMAND = 'This is no command that a page sends. Nothing was changed.\n';
/** So many things a page says with one command. */
const MOST_SAID = 4;
const FIRST_PART = '0';

/** What a page sends is a short list, as text or as the first part of a form; the framework breaks at anything else. */
async function isCommand(request: NextRequest): Promise<boolean> {
  try {
    const said: unknown = JSON.parse(await saidBy(request.clone()));
    return Array.isArray(said) && said.length <= MOST_SAID;
  } catch {
    return false;
  }
}

async function saidBy(request: Request): Promise<string> {
  const isForm = request.headers.get('content-type')?.startsWith('multipart/form-data') === true;
  return isForm ? String((await request.formData()).get(FIRST_PART)) : request.text();
}

/** Scripts run only with this answer's nonce; what else is said on every answer stands in next.config.ts. */
export async function proxy(request: NextRequest): Promise<NextResponse> {
  if (!isReadable(request.nextUrl.pathname)) return new NextResponse(NO_ADDRESS, { status: 400 });
  if (request.headers.has('next-action') && !(await isCommand(request)))
    return new NextResponse(NO_COMMAND, { status: 400 });
  const nonce = btoa(crypto.randomUUID());
  const policy = contentPolicy(nonce, process.env.NODE_ENV !== 'production');
  const headers = new Headers(request.headers);
  headers.set('x-nonce', nonce);
  headers.set('content-security-policy', policy);
  const response = NextResponse.next({ request: { headers } });
  response.headers.set('Content-Security-Policy', policy);
  return response;
}

function contentPolicy(nonce: string, dev: boolean): string {
  return [
    "default-src 'self'",
    `script-src 'self' 'nonce-${nonce}' 'strict-dynamic'${dev ? " 'unsafe-eval'" : ''}`,
    "worker-src 'self'",
    // Components write their styles while they render; a style can't run anything.
    "style-src 'self' 'unsafe-inline'",
    "img-src 'self' data:",
    "font-src 'self'",
    `connect-src 'self'${dev ? ' ws:' : ''}`,
    "object-src 'none'",
    "base-uri 'none'",
    "form-action 'self'",
    "frame-ancestors 'none'",
  ].join('; ');
}

/** All but what is no page and no address that can be cut short. */
export const config = {
  matcher:
    '/((?!_next/static|_next/image|health|api/day/events$|api/day/stream$|api/day/file/[0-9-]+$|api/day/moved/[0-9]+$).*)',
};
