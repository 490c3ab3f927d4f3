import { upload } from '@/app/api/guard';
import { dayOf, formatDate } from '@/core/basics/local-time';
import type { Member } from '@/core/people/member';
import type { FileReport } from '@/present/files/file-report';
import { leftOutWords, NOTHING } from '@/present/people/calendar-words';
import { count } from '@/present/words/words';
import { changeBy } from '@/server/commands/change';
import type { HouseholdScope } from '@/server/db/scope';
import { readFileAs } from '@/server/file-reader';
import { nowIn } from '@/server/process/clock';
import { loadHousehold } from '@/server/repositories/household';

/** So many days are looked at where no clean says until when. */
const USUAL_DAYS = 180;

/** Takes the busy times of one person from a calendar, in place of those that were taken before. */
export async function POST(request: Request): Promise<Response> {
  const { searchParams } = new URL(request.url);
  const person = searchParams.get('person');
  const forget = searchParams.has('forget');
  return upload(request, async (scope, text, id): Promise<FileReport> => {
    const { clean, people, timezone } = await loadHousehold(scope);
    const member = people.find((known) => known.id === person);
    if (!member) return refused('That person is no longer in the household. Nothing was changed.');
    if (forget) {
      await takeBusy(scope, id, member.id, []);
      return taken(`What ${member.name} is busy with is forgotten. Spread the work again to use the time.`);
    }
    const today = nowIn(timezone).slice(0, 10);
    const from = clean && clean.start < today ? clean.start : today;
    const to = clean?.finish ?? formatDate(dayOf(today) + USUAL_DAYS);
    const read = await readFileAs({ as: 'calendar', text, range: { timezone, from, to } });
    if (!read.ok) return refused(`${NOTHING[read.why]}${read.leftOut ? leftOutWords(read.leftOut) : ''}`);
    await takeBusy(scope, id, member.id, [...read.busy]);
    return taken(
      `${count(read.events, 'event', 'events')} read; ${member.name} is busy ${count(read.busy.length, 'time', 'times')} before the finish line.${leftOutWords(read.leftOut)} Spread the work again to plan around them.`,
    );
  });
}

async function takeBusy(
  scope: HouseholdScope,
  id: string,
  person: string,
  busy: Member['busy'],
): Promise<void> {
  await changeBy<null, 'gone'>(scope, id, ({ household }) => {
    const member = household.people.find((known) => known.id === person);
    if (!member) return { ok: false, why: 'gone' };
    const words = `Busy times of ${member.name}`;
    return { ok: true, change: { do: 'put-member', member: { ...member, busy } }, words, value: null };
  });
}

function taken(sentence: string): FileReport {
  return { taken: true, sentence, faults: [] };
}

function refused(sentence: string): FileReport {
  return { taken: false, sentence, faults: [] };
}
