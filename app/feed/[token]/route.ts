import { answered } from '@/app/api/answered';
import { alarmAsked } from '@/present/calendar/alarm';
import { sessionsCalendar } from '@/server/calendar/sessions-calendar';
import { database } from '@/server/database';
import { feedAt } from '@/server/repositories/feeds';
import { originFrom } from '@/server/visitor';

/** The private address of sessions, a household’s or one person’s; whoever has it sees them, until it is revoked. */
export const GET = answered(
  async (request: Request, { params }: { params: Promise<{ token: string }> }): Promise<Response> => {
    const feed = await feedAt(database(), (await params).token);
    if (!feed) return new Response('There is no calendar at this address.', { status: 404 });
    const text = await sessionsCalendar(feed.scope, {
      person: feed.person,
      alarm: alarmAsked(new URL(request.url).searchParams.get('alarm')),
      origin: originFrom(request.headers),
      calledOff: false,
    });
    return new Response(text, {
      headers: { 'content-type': 'text/calendar; charset=utf-8', 'cache-control': 'no-store' },
    });
  },
);
