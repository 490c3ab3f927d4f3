import { USUAL_SWEEP } from '@/core/clean/clean';
import { type ThawLine, thawLine } from '@/core/plan/thaw-line';
import type { Campaign, Current } from '@/core/problem/campaign';
import { offeredMinutes, progressByRoom } from '@/core/problem/progress';
import { nextSession } from '@/present/aim/next-session';
import type { CleanForm } from '@/present/forms/schemas';
import { count, daysBetween, hours, longDate, monthOfYear, plusDays, tenths } from '@/present/words/words';
import { css } from '@/ui/theme/made/css';
import { LinkButton } from '../parts/link-button';
import { PageHead } from '../parts/page-head';
import { TextLink } from '../parts/text-link';
import { SpreadButton } from '../spread/spread-button';
import type { CommandAction } from '../state/command';
import { AimFormLater, ChangeAim } from './change-aim';
import { HouseInLittle } from './house-in-little';
import { NextUp } from './next-up';
import { PaceChoice } from './pace-choice';
import { ThawWithFan } from './thaw-with-fan';

type Actions = {
  readonly save: CommandAction;
  readonly pace: CommandAction;
  readonly spread: CommandAction<{ unplaced: number }>;
};

type AimPageProps = {
  readonly state: Current;
  /** What is late and not part of the clean, in a sentence. */
  readonly late: string | undefined;
  readonly actions: Actions;
};

/** The reason and the finish line, and how the work is melting towards it. */
export function AimPage({ state, late, actions }: AimPageProps) {
  const { campaign, today } = state;
  if (!campaign) return <FirstAim today={today} save={actions.save} />;
  const { clean } = campaign;
  if (clean.closed) return <Closed clean={clean} />;
  const days = daysBetween(today, clean.finish);
  return (
    <>
      <PageHead title={clean.name}>
        {clean.reason && <div>{clean.reason}</div>}
        <div>
          Finish line: {longDate(clean.finish)},{' '}
          {days > 0
            ? `in ${count(days, 'day', 'days')}`
            : days === 0
              ? 'today'
              : `${count(-days, 'day', 'days')} ago`}
          . {clean.reward && `Then: ${clean.reward}`}
        </div>
      </PageHead>
      <div className={css({ display: 'flex', flexDirection: 'column', gap: 4 })}>
        {late && (
          <div className={css({ maxWidth: '70ch' })}>
            {late} <TextLink href="/almanac">The almanac</TextLink>
          </div>
        )}
        {campaign.plans ? (
          <>
            <NextUp next={nextSession(state, campaign)} />
            <Thaw state={state} campaign={campaign} />
          </>
        ) : (
          <NotSpread state={state} spread={actions.spread} />
        )}
        <div>
          <PaceChoice action={actions.pace} />
          <ChangeAim clean={formOf(clean)} action={actions.save} />
        </div>
      </div>
    </>
  );
}

/** A clean that is over: what it came to, and what is next. */
function Closed({ clean }: { clean: Campaign['clean'] }) {
  return (
    <>
      <PageHead title={clean.name}>
        Closed{clean.closed ? ` on ${longDate(clean.closed)}` : ''}. {clean.reward && `Now: ${clean.reward}`}
      </PageHead>
      <LinkButton href="/record/clean" variant="contained" size="large">
        How it went, and the next one
      </LinkButton>
    </>
  );
}

function Thaw({ state, campaign }: { state: Current; campaign: Campaign }) {
  const { today, household } = state;
  if (!campaign.plans) return null;
  const { first, latest } = campaign.plans;
  const thaw = thawLine(campaign.problem, latest.plan, first.plan, today);
  return (
    <div className={css({ display: 'flex', flexDirection: 'column', gap: 2 })}>
      <div className={css(BESIDE)}>
        <ThawWithFan thaw={thaw} finish={campaign.clean.finish} today={today} />
        <HouseInLittle home={household.home} progress={progressByRoom(campaign.problem)} />
      </div>
      <p className={css({ textStyle: 'body', m: 0, maxWidth: '70ch' })}>{verdict(thaw, campaign)}</p>
      <div
        className={css({ display: 'flex', flexDirection: 'row', gap: 1.5, flexWrap: 'wrap', rowGap: 1.5 })}
      >
        <LinkButton href="/spread" variant="outlined">
          The house by day
        </LinkButton>
      </div>
    </div>
  );
}

/** The line and the house are looked at together where there is room for both. */
const BESIDE = {
  display: 'grid',
  gridTemplateColumns: { base: 'minmax(0, 1fr)', lg: 'minmax(0, 1fr) 240px' },
  gap: 3,
  alignItems: 'center',
} as const;

/** What the line says, in words. */
function verdict(thaw: ThawLine, { problem, plans, clean }: Campaign): string {
  const left = thaw.planned[0]?.minutes ?? 0;
  const offered = offeredMinutes(problem);
  const last = plans?.latest.plan.metrics.finish?.slice(0, 10);
  const spare = last === undefined ? 0 : daysBetween(last, clean.finish);
  const when =
    last === undefined
      ? thaw.unplaced > 0
        ? 'Nothing fits into the time that is left'
        : 'Nothing is left to plan'
      : `The last work is planned for ${longDate(last)}, ${spareWords(spare)}`;
  const fit =
    thaw.unplaced > 0 ? ` ${hours(thaw.unplaced)} of work have no place yet; see The house by day.` : '';
  return `${tenths(thaw.total - left)} of ${tenths(thaw.total)} are clear. ${tenths(left)} are left, and ${tenths(offered)} are offered for them. ${when}.${fit}`;
}

/** What dries or soaks last may do so past midnight. */
function spareWords(days: number): string {
  if (days < 0) return 'when the last of it is ready, after the finish line';
  return days === 0
    ? 'the very day of the finish line'
    : `${count(days, 'day', 'days')} before the finish line`;
}

function NotSpread({ state, spread }: { state: Current; spread: Actions['spread'] }) {
  const { household, tasks } = state;
  const rooms = household.home.floors.flatMap((floor) => floor.rooms);
  const hasHours = household.people.some((person) => person.hours.length > 0);
  if (rooms.length === 0)
    return (
      <Step
        sentence="The finish line stands. Now walk the house, one room to begin with."
        href="/walk"
        label="Walk the first room"
      />
    );
  if (!hasHours)
    return (
      <Step
        sentence={`${count(tasks.length, 'job is', 'jobs are')} listed. Now say who helps, and when they have time.`}
        href="/people"
        label="Say who helps"
      />
    );
  return (
    <div className={css({ display: 'flex', flexDirection: 'column', gap: 2, alignItems: 'flex-start' })}>
      <p className={css({ textStyle: 'body', m: 0 })}>
        {count(tasks.length, 'job is', 'jobs are')} listed and somebody has time. The work can be spread over
        the days now.
      </p>
      <SpreadButton action={spread} label="Spread the work" />
    </div>
  );
}

function Step({ sentence, href, label }: { sentence: string; href: string; label: string }) {
  return (
    <div className={css({ display: 'flex', flexDirection: 'column', gap: 2, alignItems: 'flex-start' })}>
      <p className={css({ textStyle: 'body', m: 0 })}>{sentence}</p>
      <LinkButton href={href} variant="contained" size="large">
        {label}
      </LinkButton>
    </div>
  );
}

const WEEKS_FOR_A_NEW_CLEAN = 4;

function FirstAim({ today, save }: { today: string; save: Actions['save'] }) {
  const clean: CleanForm = {
    name: `Deep clean, ${monthOfYear(today)}`,
    reason: '',
    reward: '',
    start: today,
    finish: plusDays(today, WEEKS_FOR_A_NEW_CLEAN * 7),
    spread: 'early',
    grouping: 'room',
    firstJob: 'dreaded',
    matters: 'usual',
    block: { kind: 'fixed' },
    belongings: 'stop',
    sweep: USUAL_SWEEP,
    estimates: 'rates',
    products: 'pantry',
  };
  return (
    <>
      <PageHead title="What is it for, and by when?">
        A finish line makes the rest simple: everything is planned towards it. It can be moved at any time.
      </PageHead>
      <AimFormLater clean={clean} action={save} isFirst />
    </>
  );
}

function formOf(clean: Campaign['clean']): CleanForm {
  const {
    name,
    reason,
    reward,
    start,
    finish,
    spread,
    grouping,
    firstJob,
    matters,
    block,
    belongings,
    sweep,
    estimates,
    products,
  } = clean;
  return {
    name,
    reason,
    reward,
    start,
    finish,
    spread,
    grouping,
    firstJob,
    matters,
    block,
    belongings,
    sweep,
    estimates,
    products,
  };
}
