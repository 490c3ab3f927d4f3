import type { DayFile, DayPerson } from '@/present/day/day-file';
import { dayText } from '@/present/day/day-text';
import type { KitScreen } from '@/present/supplies/supplies-model';
import { clock, longDate, plusDays } from '@/present/words/words';
import { css } from '@/ui/theme/made/css';
import { LinkButton } from '../parts/link-button';
import { PageHead } from '../parts/page-head';
import { Sentence } from '../parts/sentence';
import { ShareButton } from '../parts/share-button';
import type { DayAsks } from './ask-button';
import { DayBoard } from './day-board';
import { Kits } from './kits';

type DayPageProps = {
  readonly file: DayFile;
  readonly kits: readonly KitScreen[];
  /** What was missed on earlier days and has new ones by now, in a sentence. */
  readonly rolled: string | undefined;
  readonly asks: DayAsks;
};

/** One day in the hand: now, while you wait, next. */
export function DayPage({ file, kits, rolled, asks }: DayPageProps) {
  const { date, today, person, people } = file;
  return (
    <div className={css({ maxWidth: 860 })}>
      <PageHead title={date === today ? 'Today' : longDate(date)}>
        {date === today && `${longDate(date)}. `}
        {sessionWords(file)}
      </PageHead>
      <ShareButton title={longDate(date)} text={dayText(file)} href={`/day/${date}`} />
      <div className={css({ display: 'flex', flexDirection: 'column', gap: 2.5 })}>
        <Whose people={people} person={person} date={date} />
        <Sentence tone="note">{rolled && `What was missed has new days. ${rolled}`}</Sentence>
        {file.calls.map((call) => (
          <Sentence key={call.id} tone="note">
            For a professional today: <strong>{call.what}</strong>
            {call.note && `. ${call.note}`}
          </Sentence>
        ))}
        <DayBoard key={`${date} ${person}`} file={file} base="/api/day" asks={asks}>
          <Kits kits={kits} />
        </DayBoard>
        <OtherDays date={date} today={today} next={file.nextDate} paper={paperOf(date, person)} />
      </div>
    </div>
  );
}

function paperOf(date: string, person: string | undefined): string {
  return `/paper/day/${date}${person === undefined ? '' : `?person=${encodeURIComponent(person)}`}`;
}

type HelperPageProps = {
  readonly file: DayFile;
  readonly kits: readonly KitScreen[];
  readonly base: string;
};

/** A helper's day: only what that person does, and nothing else of the household. */
export function HelperPage({ file, kits, base }: HelperPageProps) {
  const name = file.people[0]?.name ?? '';
  return (
    // No bar at the bottom of a helper's phone: there is nowhere else to go.
    <main className={css({ '--bar-height': '0px', maxWidth: 860, mx: 'auto', p: { base: 2, sm: 3 } })}>
      <PageHead title={`Today, for ${name}`}>
        {longDate(file.date)}. {sessionWords(file)}
      </PageHead>
      <div className={css({ display: 'flex', flexDirection: 'column', gap: 2.5 })}>
        <DayBoard file={file} base={base}>
          <Kits kits={kits} />
        </DayBoard>
      </div>
    </main>
  );
}

function sessionWords({ sessions, people }: DayFile): string {
  if (sessions.length === 0) return 'No session is planned.';
  const name = (id: string) => people.find((person) => person.id === id)?.name ?? id;
  const who = sessions.map(
    (session) => `${name(session.person)} ${clock(session.start)} to ${clock(session.end)}`,
  );
  return `${who.join(', ')}.`;
}

type WhoseProps = {
  readonly people: readonly Pick<DayPerson, 'id' | 'name'>[];
  readonly person: string | undefined;
  readonly date: string;
};

function Whose({ people, person, date }: WhoseProps) {
  if (people.length < 2) return null;
  const choices = [{ id: undefined, name: 'Everybody' }, ...people];
  return (
    <nav
      aria-label="Whose day"
      // One row on a phone, however many there are: the work is what one came for.
      className={css(ONE_ROW)}
    >
      {choices.map(({ id, name }) => (
        <LinkButton
          key={name}
          href={`/day/${date}${id === undefined ? '' : `?person=${encodeURIComponent(id)}`}`}
          variant={id === person ? 'contained' : 'outlined'}
          aria-current={id === person ? 'true' : undefined}
        >
          {name}
        </LinkButton>
      ))}
    </nav>
  );
}

const ONE_ROW = {
  display: 'flex',
  flexWrap: { md: 'wrap' },
  gap: 1,
  overflowX: 'auto',
  // Room for the ring of the focus.
  p: '3px',
  m: '-3px',
  '& > *': { flexShrink: 0 },
} as const;

type OtherDaysProps = {
  readonly date: string;
  readonly today: string;
  readonly next: string | undefined;
  readonly paper: string;
};

/** Other days, and this one on paper: at the foot, since the work is what one came for. */
function OtherDays({ date, today, next, paper }: OtherDaysProps) {
  return (
    <nav aria-label="Other days" className={css({ display: 'flex', flexWrap: 'wrap', gap: 1, pt: 1 })}>
      <LinkButton href={`/day/${plusDays(date, -1)}`} color="inherit">
        The day before
      </LinkButton>
      {date !== today && (
        <LinkButton href={`/day/${today}`} color="inherit">
          Today
        </LinkButton>
      )}
      {next && (
        <LinkButton href={`/day/${next}`} color="inherit">
          Next work: {longDate(next)}
        </LinkButton>
      )}
      <LinkButton href={paper} color="inherit">
        On paper
      </LinkButton>
    </nav>
  );
}

export function NoDay({ hasAim }: { hasAim: boolean }) {
  return (
    <>
      <PageHead title="Today">
        {hasAim
          ? 'The work is not spread over the days yet.'
          : 'There is no clean yet. It begins with a reason and a finish line.'}
      </PageHead>
      <div className={css({ textStyle: 'body', m: 0 })}>
        <LinkButton href={hasAim ? '/spread' : '/aim'} variant="contained" size="large">
          {hasAim ? 'Spread the work' : 'Set the finish line'}
        </LinkButton>
      </div>
    </>
  );
}
