import { appointmentsOf } from '../../present/calendar/appointments';
import { type Known, type Shown, settle } from '../../present/calendar/identities';
import { minutesOfWaits } from '../../present/calendar/waits';
import { type CalendarSource, eventWords, writeCalendar } from '../../present/calendar/write-calendar';
import type { HouseholdScope } from '../db/scope';
import { type Kept, keptHousehold } from '../household/kept';
import { nowIn } from '../process/clock';
import { keepEvents, loadEvents } from '../repositories/calendar-events';

export type CalendarWish = {
  /** Of one person; of everybody where absent. */
  readonly person?: string | undefined;
  /** So many minutes before a session it rings; none where absent. */
  readonly alarm?: number | undefined;
  /** Where the visitor reaches the application. */
  readonly origin?: string | undefined;
  /** Whether what is gone is called off: a file is read beside what is there, an address takes its place. */
  readonly calledOff: boolean;
};

/** The sessions of a household's plan as an iCalendar file; without a plan it has no events. */
export async function sessionsCalendar(scope: HouseholdScope, wish: CalendarWish): Promise<string> {
  const kept = await keptHousehold(scope);
  const { household, plans } = kept;
  const source = sourceOf(kept, wish);
  const plan = household.clean?.closed ? undefined : plans?.latest.plan;
  const appointments = appointmentsOf(plan ?? { entries: [], sessions: [] }, minutesOfWaits(kept.tasks));
  const shown = appointments.map((appointment): Shown => {
    const { summary, description } = eventWords(appointment, source);
    const { person, date, start, end, entries } = appointment;
    return {
      person,
      date,
      steps: entries.map(({ step }) => step),
      look: [start, end, summary, description].join('\n'),
    };
  });
  const today = nowIn(household.timezone);
  const settled = await identities(scope, shown, household.clean?.id ?? 'clean', today);
  const isWanted = ({ person }: Known) => wish.person === undefined || person === wish.person;
  return writeCalendar(
    [
      ...settled.shown.flatMap((identity, i) => {
        const appointment = appointments[i];
        return isWanted(identity) && appointment ? [{ identity, appointment }] : [];
      }),
      ...(wish.calledOff ? settled.gone : [])
        .filter((identity) => isWanted(identity) && identity.date >= today.slice(0, 10))
        .map((identity) => ({ identity })),
    ],
    source,
  );
}

function sourceOf({ household, tasks }: Kept, { person, alarm, origin }: CalendarWish): CalendarSource {
  const { clean, timezone, name, people } = household;
  const cleanName = clean?.name ?? 'Early Thaw';
  const whose = people.find(({ id }) => id === person)?.name;
  return {
    name: [name, cleanName, ...(whose ? [whose] : [])].join(': '),
    place: name,
    cleanName,
    timezone,
    people: new Map(people.map((member) => [member.id, member.name])),
    tasks: new Map(tasks.map((task) => [task.id, task])),
    origin,
    alarm,
  };
}

/** Which event is which, kept where something about it is new; held, so that two who look at once agree. */
async function identities(scope: HouseholdScope, shown: readonly Shown[], clean: string, now: string) {
  const at = { clean, now };
  const known = await loadEvents(scope);
  const settled = settle(known, shown, at);
  if (isSame(known, [...settled.shown, ...settled.gone])) return settled;
  return scope.transaction(async (inside) => {
    await inside.lock();
    const before = await loadEvents(inside);
    const held = settle(before, shown, at);
    await keepEvents(inside, before, [...held.shown, ...held.gone]);
    return held;
  });
}

function isSame(before: readonly Known[], now: readonly Known[]): boolean {
  const known = new Map(before.map((event) => [event.uid, event]));
  return (
    before.length === now.length &&
    now.every(({ uid, sequence, gone }) => {
      const old = known.get(uid);
      return old?.sequence === sequence && old.gone === gone;
    })
  );
}
