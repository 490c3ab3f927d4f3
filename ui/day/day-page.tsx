import Box from '@mui/material/Box';
import Stack from '@mui/material/Stack';
import Typography from '@mui/material/Typography';
import type { Current } from '@/core/clean/campaign';
import type { ActionResult } from '../forms/result';
import { LinkButton } from '../parts/link-button';
import { PageHead } from '../parts/page-head';
import { Sentence } from '../parts/sentence';
import { clock, count, duration, longDate, plusDays } from '../parts/words';
import { SpreadButton } from '../spread/spread-button';
import { kitsOn } from '../supplies/supplies-model';
import { DayBoard } from './day-board';
import { type DayScreen, dayScreen } from './day-model';
import { Kits } from './kits';

export type DayActions = {
  readonly tick: (input: unknown) => Promise<ActionResult>;
  readonly untick: (input: unknown) => Promise<ActionResult>;
  readonly spread: () => Promise<ActionResult<{ unplaced: number }>>;
};

/** One day in the hand: now, while you wait, next. */
export function DayPage({
  state,
  date,
  person,
  actions,
}: {
  state: Current;
  date: string;
  person: string | undefined;
  actions: DayActions;
}) {
  const { campaign, household, today } = state;
  if (!campaign?.plans) return <NoPlan hasAim={campaign !== undefined} />;
  const screen = dayScreen(state, campaign, date, person);
  const title = date === today ? 'Today' : longDate(date);
  return (
    <Box sx={{ maxWidth: 860 }}>
      <PageHead title={title}>
        {date === today && `${longDate(date)}. `}
        {sessionWords(screen)}
      </PageHead>
      <Stack spacing={2.5}>
        <Whose people={household.people} person={person} date={date} />
        {screen.slipped > 0 && (
          <Sentence tone="note">
            <Stack
              direction={{ xs: 'column', sm: 'row' }}
              spacing={2}
              sx={{ alignItems: { sm: 'center' }, justifyContent: 'space-between' }}
            >
              <span>{count(screen.slipped, 'step', 'steps')} of earlier days still wait for a new day.</span>
              <SpreadButton action={actions.spread} label="Find new days" />
            </Stack>
          </Sentence>
        )}
        {screen.calls.map((call) => (
          <Sentence key={call.id} tone="note">
            For a professional today: <strong>{call.what}</strong>
            {call.note && `. ${call.note}`}
          </Sentence>
        ))}
        <Kits kits={kitsOn(state, date, person)} />
        <DayBoard screen={screen} isToday={date === today} tick={actions.tick} untick={actions.untick} />
        <OtherDays date={date} today={today} next={screen.nextDate} />
      </Stack>
    </Box>
  );
}

function sessionWords({ sessions, minutes }: DayScreen): string {
  if (sessions.length === 0) return minutes.done + minutes.open === 0 ? 'A day without work.' : '';
  const who = sessions
    .map((session) => `${session.name} ${clock(session.start)} to ${clock(session.end)}`)
    .join(', ');
  return `${who}. ${duration(minutes.open)} of work are open, ${duration(minutes.done)} done.`;
}

function Whose({
  people,
  person,
  date,
}: {
  people: Current['household']['people'];
  person: string | undefined;
  date: string;
}) {
  if (people.length < 2) return null;
  const choices = [{ id: undefined, name: 'Everybody' }, ...people];
  return (
    <Box component="nav" aria-label="Whose day" sx={{ display: 'flex', flexWrap: 'wrap', gap: 1 }}>
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
    </Box>
  );
}

function OtherDays({ date, today, next }: { date: string; today: string; next: string | undefined }) {
  return (
    <Box component="nav" aria-label="Other days" sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, pt: 1 }}>
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
    </Box>
  );
}

function NoPlan({ hasAim }: { hasAim: boolean }) {
  return (
    <>
      <PageHead title="Today">
        {hasAim
          ? 'The work is not spread over the days yet.'
          : 'There is no clean yet. It begins with a reason and a finish line.'}
      </PageHead>
      <Typography component="div">
        <LinkButton href={hasAim ? '/spread' : '/aim'} variant="contained" size="large">
          {hasAim ? 'Spread the work' : 'Set the finish line'}
        </LinkButton>
      </Typography>
    </>
  );
}
