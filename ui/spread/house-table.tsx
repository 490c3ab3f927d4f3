import Box from '@mui/material/Box';
import { scaleLinear, scaleSqrt } from 'd3';
import type { Member } from '@/core/formats/household';
import type { PlanSession } from '@/core/formats/plan';
import type { Room } from '@/core/home/room';
import { clockMinutes } from '@/core/time/local-time';
import { TextLink } from '../parts/text-link';
import { clock, dayOfMonth, duration, longDate, weekday } from '../parts/words';
import { FROST } from '../walk/frost';
import type { DayCell, HouseByDay } from './house-model';

type HouseTableProps = {
  readonly house: HouseByDay;
  readonly rooms: readonly Room[];
  readonly people: readonly Member[];
  readonly today: string;
  readonly rainy: ReadonlySet<string>;
};

const SIDE = {
  position: 'sticky',
  insetInlineStart: 0,
  bgcolor: 'background.default',
  zIndex: 1,
  textAlign: 'start',
  pr: 1.5,
  fontWeight: 500,
  whiteSpace: 'nowrap',
  maxWidth: { xs: 120, md: 210 },
  overflow: 'hidden',
  textOverflow: 'ellipsis',
} as const;

/** Rooms against dates: when each opens, how much is done in it, and when it closes. Below, who works when. */
export function HouseTable({ house, rooms, people, today, rainy }: HouseTableProps) {
  const named = new Map(rooms.map((room) => [room.id, room.name]));
  const busiest = Math.max(
    60,
    ...house.rooms.flatMap((room) => room.cells.map((cell) => cell.done + cell.planned)),
  );
  const height = scaleSqrt([0, busiest], [0, 30]);
  return (
    <Box
      role="region"
      aria-label="The house by day"
      tabIndex={0}
      sx={{ overflowX: 'auto', mx: { xs: -2, sm: 0 }, px: { xs: 2, sm: 0 } }}
    >
      <Box component="table" sx={{ borderCollapse: 'collapse', fontSize: '0.9rem', minWidth: '100%' }}>
        <caption className="visually-hidden">
          Minutes of work in each room on each date, and the sessions of each person
        </caption>
        <thead>
          <tr>
            <Box component="th" scope="col" sx={SIDE}>
              <span className="visually-hidden">Room</span>
            </Box>
            {house.dates.map((date) => (
              <Box
                component="th"
                scope="col"
                key={date}
                aria-current={date === today ? 'date' : undefined}
                sx={{
                  fontWeight: date === today ? 700 : 400,
                  p: 0,
                  minWidth: 38,
                  borderBottom: '1px solid',
                  borderColor: 'divider',
                  bgcolor: date === today ? 'var(--mui-palette-thaw-sunSoft)' : 'transparent',
                }}
              >
                <TextLink
                  href={`/day/${date}`}
                  underline="hover"
                  color="inherit"
                  aria-label={`${longDate(date)}${rainy.has(date) ? ', rain' : ''}`}
                  sx={{ display: 'block', py: 0.5, lineHeight: 1.25 }}
                >
                  <Box
                    component="span"
                    sx={{ display: 'block', fontSize: '0.78rem', color: 'text.secondary' }}
                  >
                    {weekday(date)}
                  </Box>
                  {dayOfMonth(date)}
                  {rainy.has(date) && <RainMark />}
                </TextLink>
              </Box>
            ))}
          </tr>
        </thead>
        <tbody>
          {house.rooms.map((room) => (
            <tr key={room.id}>
              <Box
                component="th"
                scope="row"
                sx={{ ...SIDE, borderBottom: '1px solid', borderColor: 'divider' }}
              >
                {named.get(room.id) ?? room.id}
              </Box>
              {room.cells.map((cell, i) => (
                <Cell key={house.dates[i]} cell={cell} height={height} today={house.dates[i] === today} />
              ))}
            </tr>
          ))}
        </tbody>
        <tbody>
          {people.map((person) => (
            <tr key={person.id}>
              <Box component="th" scope="row" sx={SIDE}>
                {person.name}
              </Box>
              {house.dates.map((date) => (
                <Sessions
                  key={date}
                  sessions={(house.sessions.get(date) ?? []).filter(
                    (session) => session.person === person.id,
                  )}
                  today={date === today}
                />
              ))}
            </tr>
          ))}
        </tbody>
      </Box>
    </Box>
  );
}

function Cell({
  cell,
  height,
  today,
}: {
  cell: DayCell;
  height: (minutes: number) => number;
  today: boolean;
}) {
  const minutes = cell.done + cell.planned;
  return (
    <Box
      component="td"
      sx={{
        p: 0,
        height: 44,
        position: 'relative',
        borderBottom: '1px solid',
        borderColor: 'divider',
        verticalAlign: 'bottom',
        bgcolor: today ? 'var(--mui-palette-thaw-sunSoft)' : 'transparent',
      }}
    >
      {cell.open && (
        <Box
          aria-hidden
          sx={{
            position: 'absolute',
            insetInline: 0,
            bottom: 0,
            height: 3,
            bgcolor: 'var(--mui-palette-thaw-iceEdge)',
          }}
        />
      )}
      {minutes > 0 && (
        <Box
          title={duration(minutes)}
          sx={{
            position: 'absolute',
            insetInline: 3,
            bottom: 0,
            height: 12 + height(minutes),
            display: 'flex',
            alignItems: 'flex-start',
            justifyContent: 'center',
            fontSize: '0.76rem',
            pt: '1px',
            ...(cell.planned > 0
              ? { background: FROST }
              : { bgcolor: 'var(--mui-palette-thaw-waterSoft)', borderRadius: '10px 10px 0 0' }),
          }}
        >
          {minutes}
          <span className="visually-hidden">{cell.planned > 0 ? ' minutes planned' : ' minutes done'}</span>
        </Box>
      )}
    </Box>
  );
}

const timeOfDay = scaleLinear([7 * 60, 21 * 60], [3, 49]).clamp(true);

/** One person's sessions of a date, from morning at the top to evening at the bottom. */
function Sessions({ sessions, today }: { sessions: readonly PlanSession[]; today: boolean }) {
  return (
    <Box
      component="td"
      sx={{
        p: 0,
        height: 54,
        position: 'relative',
        borderBottom: '1px solid',
        borderColor: 'divider',
        bgcolor: today ? 'var(--mui-palette-thaw-sunSoft)' : 'transparent',
      }}
    >
      {sessions.map((session) => {
        const top = timeOfDay(clockMinutes(clock(session.start)));
        const length = timeOfDay(clockMinutes(clock(session.end))) - top;
        return (
          <Box
            key={session.id}
            title={`${clock(session.start)} to ${clock(session.end)}`}
            sx={{ position: 'absolute', insetInline: 2, top, fontSize: '0.7rem', lineHeight: 1, pl: '7px' }}
          >
            <Box
              component="span"
              aria-hidden
              sx={{
                position: 'absolute',
                insetInlineStart: 0,
                top: 0,
                width: 4,
                height: Math.max(4, length),
                borderRadius: 2,
                bgcolor: 'var(--mui-palette-thaw-water)',
              }}
            />
            {clock(session.start)}
            <span className="visually-hidden"> to {clock(session.end)}</span>
          </Box>
        );
      })}
    </Box>
  );
}

function RainMark() {
  return (
    <svg
      width="12"
      height="10"
      viewBox="0 0 12 10"
      aria-hidden="true"
      style={{ display: 'block', margin: '0 auto' }}
    >
      <path
        d="M2 1 L1 5 M6 1 L5 9 M10 1 L9 5"
        stroke="var(--mui-palette-thaw-water)"
        strokeWidth="1.6"
        strokeLinecap="round"
      />
    </svg>
  );
}
