import { download } from '@/app/api/guard';
import { sessionsCalendar } from '@/server/calendar/sessions-calendar';

/** The sessions as a calendar file, of everybody or of one person. */
export async function GET(request: Request): Promise<Response> {
  const person = new URL(request.url).searchParams.get('person') ?? undefined;
  return download('early-thaw.ics', 'text/calendar', (scope) => sessionsCalendar(scope, person));
}
