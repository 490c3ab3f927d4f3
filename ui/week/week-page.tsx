import Box from '@mui/material/Box';
import Stack from '@mui/material/Stack';
import Typography from '@mui/material/Typography';
import type { Campaign, Current } from '@/core/problem/campaign';
import { mondayOf, type PersonDate, type Piece, weekOf } from '@/present/week/week-model';
import { clock, duration, longDate, plusDays, shortDate } from '@/present/words/words';
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
      <Box
        sx={{
          display: 'grid',
          gridTemplateColumns: { lg: 'repeat(7, minmax(0, 1fr))' },
          columnGap: 2,
          rowGap: 2.5,
        }}
      >
        {week.map((day) => (
          <DateColumn key={day.date} day={day} isToday={day.date === state.today} people={people} />
        ))}
      </Box>
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
    <Stack direction="row" sx={{ flexWrap: 'wrap', gap: 1, mb: 2 }} component="nav" aria-label="Whose week">
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
    </Stack>
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
    <Stack direction="row" spacing={1}>
      <LinkButton href={to(-DAYS_A_WEEK)} color="inherit" variant="outlined">
        Week before
      </LinkButton>
      {monday < last && (
        <LinkButton href={to(DAYS_A_WEEK)} color="inherit" variant="outlined">
          Next week
        </LinkButton>
      )}
    </Stack>
  );
}

type DateColumnProps = {
  readonly day: PersonDate;
  readonly isToday: boolean;
  readonly people: ReadonlyMap<string, string>;
};

function DateColumn({ day, isToday, people }: DateColumnProps) {
  return (
    <Box
      component="section"
      aria-label={longDate(day.date)}
      sx={{ borderTop: '3px solid', borderColor: isToday ? 'var(--mui-palette-thaw-sun)' : 'divider', pt: 1 }}
    >
      <Typography variant="h2" sx={{ fontSize: '1.05rem', m: 0 }}>
        {shortDate(day.date)}
      </Typography>
      <Box sx={{ color: 'text.secondary', fontSize: '0.9rem', mb: 1 }}>
        {day.free.length === 0
          ? 'not free'
          : `free ${day.free.map(({ start, end }) => `${clock(start)}–${clock(end)}`).join(', ')}`}
        {day.minutes > 0 && <Box>{duration(day.minutes)} of work</Box>}
      </Box>
      <Box component="ol" sx={{ listStyle: 'none', p: 0, m: 0, display: 'grid', gap: 1 }}>
        {day.pieces.map((piece) => (
          <PieceLine key={piece.key} piece={piece} people={people} />
        ))}
      </Box>
      {day.pieces.length > 0 && (
        <LinkButton href={`/spread/${day.date}`} color="inherit" sx={{ mt: 0.5, ml: -1 }}>
          Open this day
        </LinkButton>
      )}
    </Box>
  );
}

function PieceLine({ piece, people }: { piece: Piece; people: ReadonlyMap<string, string> }) {
  const others = piece.with.map((id) => people.get(id) ?? id).join(' and ');
  return (
    <Box
      component="li"
      sx={{
        bgcolor: 'var(--mui-palette-thaw-ice)',
        borderInlineStart: '3px solid var(--mui-palette-thaw-iceEdge)',
        px: 1,
        py: 0.5,
        overflowWrap: 'anywhere',
        fontSize: '0.92rem',
        lineHeight: 1.35,
      }}
    >
      <Box sx={{ fontVariantNumeric: 'tabular-nums' }}>
        {clock(piece.start)}–{clock(piece.end)}
      </Box>
      <Box sx={{ fontWeight: 600 }}>{piece.job}</Box>
      {piece.manner && <Box>{piece.manner}</Box>}
      <Box sx={{ color: 'text.secondary' }}>
        {piece.room}
        {others && `, with ${others}`}
      </Box>
    </Box>
  );
}
