import { roomsOf } from '@/core/home/room';
import type { Campaign, Current } from '@/core/problem/campaign';
import { askedOn } from '@/present/spread/asked-rows';
import { assumptionsOf } from '@/present/spread/assumptions';
import { brokenAt, brokenByRoom, brokenOn, leftOutByRoom } from '@/present/spread/by-room';
import { endWords } from '@/present/spread/done-words';
import { houseByDay } from '@/present/spread/house-model';
import { lanesOf } from '@/present/spread/lanes-model';
import { longDate } from '@/present/words/words';
import { css } from '@/ui/theme/made/css';
import { LinkButton } from '../parts/link-button';
import { PageHead } from '../parts/page-head';
import { TextLink } from '../parts/text-link';
import type { CommandAction } from '../state/command';
import { Assumed } from './assumed';
import { HouseTable } from './house-table';
import { Judgement } from './judgement';
import { Lanes } from './lanes';
import { LeftOut } from './left-out';
import { Shares } from './shares';
import { SpreadButton } from './spread-button';
import type { SteeringActions } from './steering-actions';

type Spread = CommandAction<{ unplaced: number }>;

type SpreadPageProps = {
  readonly state: Current;
  /** The date that is opened into lanes; the first with work where none is given. */
  readonly date: string | undefined;
  readonly spread: Spread;
  readonly steering: SteeringActions;
};

/** The house by day, and one day of it opened. */
export function SpreadPage({ state, date, spread, steering }: SpreadPageProps) {
  const { campaign } = state;
  if (!campaign) return <NoFinishYet />;
  const { plans, clean } = campaign;
  if (clean.closed) return <Closed closed={clean.closed} />;
  return (
    <>
      <PageHead
        title={TITLE}
        actions={<SpreadActions hasPlan={plans !== undefined} spread={spread} />}
        {...(plans && { paper: '/paper/plan' })}
      >
        {plans
          ? endWords(plans.latest.plan, clean.finish)
          : `Everything up to ${longDate(clean.finish)} is still open. One press finds a day for each job.`}
      </PageHead>
      {plans && <Plan state={state} campaign={campaign} date={date} steering={steering} />}
      {plans && (
        <TextLink
          href="/files#calendars"
          className={css({ display: 'inline-flex', alignItems: 'center', minHeight: 44 })}
        >
          Sessions in a calendar, and the plan as a file
        </TextLink>
      )}
    </>
  );
}

const TITLE = 'The house by day';

function NoFinishYet() {
  return (
    <>
      <PageHead title={TITLE}>Work is spread towards a finish line, and there is none yet.</PageHead>
      <LinkButton href="/aim" variant="contained" size="large">
        Set the finish line
      </LinkButton>
    </>
  );
}

/** Nothing more is spread of a clean that is over. */
function Closed({ closed }: { closed: string }) {
  return (
    <>
      <PageHead title={TITLE}>
        The clean was closed on {longDate(closed)}. Open it again, or set out on the next.
      </PageHead>
      <LinkButton href="/record/clean" variant="contained" size="large">
        How it went, and the next one
      </LinkButton>
    </>
  );
}

function SpreadActions({ hasPlan, spread }: { hasPlan: boolean; spread: Spread }) {
  return (
    <>
      {hasPlan && (
        <>
          <LinkButton href="/spread/asked" color="inherit">
            Ask for a time
          </LinkButton>
          <LinkButton href="/what-if" color="inherit">
            What if
          </LinkButton>
          <LinkButton href="/spread/versions" color="inherit">
            Plans so far
          </LinkButton>
        </>
      )}
      <SpreadButton action={spread} label={hasPlan ? 'Spread the work again' : 'Spread the work'} />
    </>
  );
}

type PlanProps = Pick<SpreadPageProps, 'state' | 'date' | 'steering'> & { readonly campaign: Campaign };

function Plan({ state, campaign, date, steering }: PlanProps) {
  const { household, tasks, today } = state;
  const latest = campaign.plans?.latest.plan;
  const shown = date ?? nextWorkDate(campaign, today);
  const pinned = new Set(household.steering.pins.map((pin) => pin.step));
  const people = household.people.map(nameOf);
  const broken = brokenByRoom(state, campaign);
  const rainy = new Set(campaign.problem.days?.filter((day) => !day.dry).map((day) => day.date));
  return (
    <div className={css({ display: 'flex', flexDirection: 'column', gap: 4, mt: 2 })}>
      {latest && (
        <div>
          <Judgement plan={latest} broken={broken} />
          <Assumed assumptions={assumptionsOf(household)} />
        </div>
      )}
      <HouseTable
        house={houseByDay(campaign)}
        rooms={roomsOf(state.household.home).map(nameOf)}
        people={state.household.people.map(nameOf)}
        today={state.today}
        open={shown}
        rainy={rainy}
        broken={brokenAt(broken)}
      />
      <Legend />
      <Lanes
        key={date ?? 'next'}
        day={lanesOf(campaign, tasks, people, pinned, shown)}
        choices={{ people, last: campaign.clean.finish }}
        asked={askedOn(shown, household, campaign)}
        broken={brokenOn(shown, broken)}
        isFree={household.steering.free.includes(shown)}
        isDry={!rainy.has(shown)}
        edits={state.edits}
        actions={steering}
      />
      {latest && <LeftOut plan={latest} rooms={leftOutByRoom(state, campaign)} />}
      <Shares campaign={campaign} people={people} />
    </div>
  );
}

function nextWorkDate({ plans, clean }: Campaign, today: string): string {
  const dates = plans?.latest.plan.sessions.map((session) => session.date) ?? [];
  return dates.filter((date) => date >= today).sort()[0] ?? clean.start;
}

const nameOf = ({ id, name }: { id: string; name: string }) => ({ id, name });

function Legend() {
  return (
    <p className={css({ textStyle: 'small', m: 0, color: 'quiet', maxWidth: '70ch' })}>
      Figures are minutes of hands-on work: hatched ice is planned, clear water is done. The line along the
      bottom runs from the day a room is opened to the day it closes. A cut corner is a wish for the order
      that was set aside, with its sentence on that day. Above the rooms, when each person works. Press a date
      to open that day below; drag work from there to another date, time or person.
    </p>
  );
}
