import { isReady } from '@/server/process/readiness';

/** Says whether the database answered a moment ago. */
export function GET(): Response {
  return Response.json({ ready: isReady() }, { status: isReady() ? 200 : 503 });
}

export const dynamic = 'force-dynamic';
