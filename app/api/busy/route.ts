import { answered } from '@/app/api/answered';
import { upload } from '@/app/api/guard';
import { dayOf, formatDate } from '@/core/basics/local-time';
import type { HouseholdFile } from '@/core/household/household';
import type { Member } from '@/core/people/member';
import type { FileReport } from '@/present/files/file-report';
import { leftOutWords, NOTHING } from '@/present/people/calendar-words';
import { count } from '@/present/words/words';
import { type Fetched, fetchCalendar } from '@/server/calendar/fetch-calendar';
import { changeBy } from '@/server/commands/change';
import type { HouseholdScope } from '@/server/db/scope';
import { readFileAs } from '@/server/file-reader';
import { nowIn } from '@/server/process/clock';
import { config } from '@/server/process/config';
import { busyAddressOf, forgetBusyAddress, keepBusyAddress } from '@/server/repositories/busy-addresses';
import { loadHousehold } from '@/server/repositories/household';

/** So many days are looked at where no clean says until when. */
const USUAL_DAYS = 180;

/** What is handed in: a calendar, the address of one, the wish to read that address again, or to forget all of it. */
type Handed = 'calendar' | 'address' | 'again' | 'forget';

/** Takes the busy times of one person from a calendar, in place of those that were taken before. */
export const POST = answered(async (request: Request): Promise<Response> => {
  const { searchParams } = new URL(request.url);
  const person = searchParams.get('person');
  const handed = (['address', 'again', 'forget'] as const).find((one) => searchParams.has(one)) ?? 'calendar';
  return upload('POST /api/busy', request, async (scope, text, id): Promise<FileReport> => {
    const household = await loadHousehold(scope);
    const member = household.people.find((known) => known.id === person);
    if (!member) return refused('That person is no longer in the household. Nothing was changed.');
    if (handed === 'forget') {
      await takeBusy(scope, id, member.id, []);
      await forgetBusyAddress(scope, member.id);
      return taken(`What ${member.name} is busy with is forgotten. Spread the work again to use the time.`);
    }
    const calendar = await calendarOf(scope, member.id, handed, text);
    if (!calendar.ok) return refused(calendar.sentence);
    const report = await takeCalendar({ scope, id, household, member }, calendar.text);
    if (report.taken && handed === 'address') await keepBusyAddress(scope, member.id, calendar.address);
    return report;
  });
});

async function calendarOf(
  scope: HouseholdScope,
  person: string,
  handed: Exclude<Handed, 'forget'>,
  text: string,
): Promise<Fetched> {
  if (handed === 'calendar') return { ok: true, text, address: '' };
  const address = handed === 'address' ? text : await busyAddressOf(scope, person);
  if (address === undefined)
    return { ok: false, sentence: 'The address is forgotten by now. Nothing was changed.' };
  return fetchCalendar(address, { isPrivateFine: config().privateCalendars });
}

type Taking = {
  readonly scope: HouseholdScope;
  readonly id: string;
  readonly household: Pick<HouseholdFile, 'clean' | 'timezone'>;
  readonly member: Pick<Member, 'id' | 'name'>;
};

async function takeCalendar({ scope, id, household, member }: Taking, text: string): Promise<FileReport> {
  const { clean, timezone } = household;
  const today = nowIn(timezone).slice(0, 10);
  const from = clean && clean.start < today ? clean.start : today;
  const to = clean?.finish ?? formatDate(dayOf(today) + USUAL_DAYS);
  const read = await readFileAs(scope.household, { as: 'calendar', text, range: { timezone, from, to } });
  if (!read.ok) return refused(`${NOTHING[read.why]}${read.leftOut ? leftOutWords(read.leftOut) : ''}`);
  await takeBusy(scope, id, member.id, [...read.busy]);
  return taken(
    `${count(read.events, 'event', 'events')} read; ${member.name} is busy ${count(read.busy.length, 'time', 'times')} before the finish line.${leftOutWords(read.leftOut)} Spread the work again to plan around them.`,
  );
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
