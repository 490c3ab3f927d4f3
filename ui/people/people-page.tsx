import { clockMinutes } from '@/core/basics/local-time';
import type { Member } from '@/core/people/member';
import { sharesOf } from '@/core/plan/shares';
import type { Current } from '@/core/problem/campaign';
import { count, hours } from '@/present/words/words';
import { css } from '@/ui/theme/made/css';
import { PageHead } from '../parts/page-head';
import { AddMember } from './add-member';
import { Machines } from './machines';
import { MemberSection, type TakenOn } from './member-section';
import type { PeopleActions } from './people-actions';

type PeoplePageProps = {
  readonly state: Current;
  /** The people whose link is out. */
  readonly helpers: readonly string[];
  /** The host of the calendar that is read again at a press, by person. */
  readonly calendars: ReadonlyMap<string, string>;
  readonly actions: PeopleActions;
};

/** Who helps, when they have time, how much on one day, and what each must not do. */
export function PeoplePage({ state, helpers, calendars, actions }: PeoplePageProps) {
  const { people } = state.household;
  const shares = sharesIn(state);
  const week = people.reduce((sum, person) => sum + weeklyMinutes(person), 0);
  return (
    <>
      <PageHead title="People">
        {people.length === 0
          ? 'Say who helps, and when each has time. Two evenings a week are a good start.'
          : `${count(people.length, 'person offers', 'people offer')} ${hours(week)} in a usual week.`}
      </PageHead>
      <div className={css({ display: 'flex', flexDirection: 'column', gap: 3, maxWidth: 980 })}>
        {people.map((person) => (
          <MemberSection
            key={person.id}
            member={person}
            minutes={weeklyMinutes(person)}
            share={shares.get(person.id)}
            today={state.today}
            hasLink={helpers.includes(person.id)}
            calendarAt={calendars.get(person.id)}
            actions={actions}
          />
        ))}
        <AddMember save={actions.saveMember} first={people.length === 0} />
        <Machines machines={state.household.machines} edits={state.edits} actions={actions} />
      </div>
    </>
  );
}

/** What each takes off the others, by the plan. */
function sharesIn({ campaign }: Current): ReadonlyMap<string, TakenOn> {
  if (!campaign?.plans || campaign.problem.people.length < 2) return new Map();
  const shares = sharesOf(campaign.problem, campaign.plans.latest.plan);
  const all = shares.reduce((sum, { planned }) => sum + planned, 0);
  return new Map(shares.map(({ person, planned }) => [person, { minutes: planned, all }]));
}

/** Free minutes of a usual week, no day beyond the cap. */
function weeklyMinutes(person: Member): number {
  const byDay = new Map<number, number>();
  for (const { weekday, from, to } of person.hours)
    byDay.set(weekday, (byDay.get(weekday) ?? 0) + clockMinutes(to) - clockMinutes(from));
  return [...byDay.values()].reduce((sum, minutes) => sum + Math.min(minutes, person.dailyCap), 0);
}
