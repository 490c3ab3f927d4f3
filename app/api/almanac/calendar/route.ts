import { answered } from '@/app/api/answered';
import { download } from '@/app/api/guard';
import { tradesOf } from '@/core/almanac/trades';
import { almanacCalendar } from '@/present/almanac/almanac-calendar';
import { almanacNow } from '@/server/almanac';

/** What is due as a calendar file. */
export const GET = answered(async (): Promise<Response> => {
  return download('GET /api/almanac/calendar', 'early-thaw-almanac.ics', 'text/calendar', async (scope) => {
    const { kept, entries, today } = await almanacNow(scope);
    const { name, almanac } = kept.household;
    return almanacCalendar({ name, entries, today, trades: tradesOf(almanac, today) });
  });
});
