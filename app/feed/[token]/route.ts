import { sessionsCalendar } from '@/server/calendar/sessions-calendar';
import { database } from '@/server/database';
import { householdOfFeed } from '@/server/repositories/feeds';

/** The private address of a household's sessions; whoever has it sees them, until it is revoked. */
export async function GET(_: Request, { params }: { params: Promise<{ token: string }> }): Promise<Response> {
  const scope = await householdOfFeed(database(), (await params).token);
  if (!scope) return new Response('There is no calendar at this address.', { status: 404 });
  return new Response(await sessionsCalendar(scope), {
    headers: { 'content-type': 'text/calendar; charset=utf-8', 'cache-control': 'no-store' },
  });
}
