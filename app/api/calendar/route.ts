import { answered } from '@/app/api/answered';
import { download } from '@/app/api/guard';
import { alarmAsked } from '@/present/calendar/alarm';
import { sessionsCalendar } from '@/server/calendar/sessions-calendar';
import { originFrom } from '@/server/visitor';

/** The sessions as a calendar file, of everybody or of one person. */
export const GET = answered(async (request: Request): Promise<Response> => {
  const asked = new URL(request.url).searchParams;
  return download('GET /api/calendar', 'early-thaw.ics', 'text/calendar', (scope) =>
    sessionsCalendar(scope, {
      person: asked.get('person') ?? undefined,
      alarm: alarmAsked(asked.get('alarm')),
      origin: originFrom(request.headers),
      calledOff: true,
    }),
  );
});
