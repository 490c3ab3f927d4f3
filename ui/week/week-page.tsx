import type { Campaign, Current } from '@/core/problem/campaign';
import { mondayOf, type PersonDate, type Piece, weekOf } from '@/present/week/week-model';
import { clock, duration, longDate, plusDays, shortDate } from '@/present/words/words';
import { css } from '@/ui/theme/made/css';
import { LinkButton } from '../parts/link-button';
import { PageHead } from '../parts/page-head';

type WeekPageProps = { readonly state: Current; readonly person: string; readonly date: string };

const DAYS_A_WEEK = 7;

/** The week as one person sees it. */
export function WeekPage({ state, person, date }: WeekPageProps) {
  const { campaign, household, tasks } = state;
  const people = new Map(household.people.map((member) => [member.id, member.name]));
  const name = people.get(person) ?? '';
  const monday = mondayOf(date);
  const week = campaign ? weekOf(campaign, tasks, person, monday) : [];
  const minutes = week.reduce((sum, day) => sum + day.minutes, 0);
  return (
    <>
      <PageHead
        title={`${name}’s week`}
        actions={<Turn campaign={campaign} person={person} monday={monday} />}
      >
        {longDate(monday)} to {longDate(plusDays(monday, DAYS_A_WEEK - 1))}:{' '}
        {minutes === 0 ? 'nothing is planned.' : `${duration(minutes)} of work.`}
      </PageHead>
      <WhoseWeek members={household.people} person={person} monday={monday} />
      <div
        className={css({
          display: 'grid',
          gridTemplateColumns: { lg: 'repeat(7, minmax(0, 1fr))' },
          columnGap: 2,
          rowGap: 2.5,
        })}
      >
        {week.map((day) => (
          <DateColumn key={day.date} day={day} isToday={day.date === state.today} people={people} />
        ))}
      </div>
    </>
  );
}

type WhoseWeekProps = {
  readonly members: Current['household']['people'];
  readonly person: string;
  readonly monday: string;
};

function WhoseWeek({ members, person, monday }: WhoseWeekProps) {
  return (
    <nav
      className={css({ display: 'flex', flexDirection: 'row', flexWrap: 'wrap', gap: 1, mb: 2 })}
      aria-label="Whose week"
    >
      {members.map(({ id, name }) => (
        <LinkButton
          key={id}
          href={`/week/${encodeURIComponent(id)}/${monday}`}
          color="inherit"
          variant={id === person ? 'outlined' : 'text'}
          aria-current={id === person ? 'page' : undefined}
        >
          {name}
        </LinkButton>
      ))}
    </nav>
  );
}

type TurnProps = {
  readonly campaign: Campaign | undefined;
  readonly person: string;
  readonly monday: string;
};

function Turn({ campaign, person, monday }: TurnProps) {
  const to = (days: number) => `/week/${encodeURIComponent(person)}/${plusDays(monday, days)}`;
  const last = campaign ? mondayOf(campaign.clean.finish) : monday;
  return (
    <div className={css({ display: 'flex', flexDirection: 'row', gap: 1 })}>
      <LinkButton href={to(-DAYS_A_WEEK)} color="inherit" variant="outlined">
        Week before
      </LinkButton>
      {monday < last && (
        <LinkButton href={to(DAYS_A_WEEK)} color="inherit" variant="outlined">
          Next week
        </LinkButton>
      )}
    </div>
  );
}

type DateColumnProps = {
  readonly day: PersonDate;
  readonly isToday: boolean;
  readonly people: ReadonlyMap<string, string>;
};

function DateColumn({ day, isToday, people }: DateColumnProps) {
  return (
    <section
      aria-label={longDate(day.date)}
      className={css({
        borderTop: '3px solid',
        borderTopColor: isToday ? 'var(--colors-sun)' : 'line',
        pt: 1,
      })}
    >
      <h2 className={css({ textStyle: 'h2', fontSize: '1.05rem', m: 0 })}>{shortDate(day.date)}</h2>
      <div className={css({ color: 'quiet', fontSize: '0.9rem', mb: 1 })}>
        {day.free.length === 0
          ? 'not free'
          : `free ${day.free.map(({ start, end }) => `${clock(start)}–${clock(end)}`).join(', ')}`}
        {day.minutes > 0 && <div>{duration(day.minutes)} of work</div>}
      </div>
      <ol className={css({ listStyle: 'none', p: 0, m: 0, display: 'grid', gap: 1 })}>
        {day.pieces.map((piece) => (
          <PieceLine key={piece.key} piece={piece} people={people} />
        ))}
      </ol>
      {day.pieces.length > 0 && (
        <LinkButton href={`/spread/${day.date}`} color="inherit" className={css({ mt: 0.5, ml: -1 })}>
          Open this day
        </LinkButton>
      )}
    </section>
  );
}

function PieceLine({ piece, people }: { piece: Piece; people: ReadonlyMap<string, string> }) {
  const others = piece.with.map((id) => people.get(id) ?? id).join(' and ');
  return (
    <li
      className={css({
        bgcolor: 'var(--colors-ice)',
        borderInlineStart: '3px solid var(--colors-ice-edge)',
        px: 1,
        py: 0.5,
        overflowWrap: 'anywhere',
        fontSize: '0.92rem',
        lineHeight: 1.35,
      })}
    >
      <div className={css({ fontVariantNumeric: 'tabular-nums' })}>
        {clock(piece.start)}–{clock(piece.end)}
      </div>
      <div className={css({ fontWeight: 600 })}>{piece.job}</div>
      {piece.manner && <div>{piece.manner}</div>}
      <div className={css({ color: 'quiet' })}>
        {piece.room}
        {others && `, with ${others}`}
      </div>
    </li>
  );
}
