import { database } from '@/server/database';

/** Says whether the application and its database answer. */
export async function GET(): Promise<Response> {
  await database().raw('SELECT 1');
  return Response.json({ ok: true });
}

export const dynamic = 'force-dynamic';
