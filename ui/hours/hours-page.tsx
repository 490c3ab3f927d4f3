import Box from '@mui/material/Box';
import Stack from '@mui/material/Stack';
import Typography from '@mui/material/Typography';
import type { Current } from '@/core/clean/campaign';
import { offeredMinutes, progressByRoom, sumProgress } from '@/core/clean/progress';
import { type CleanTask, handsRange } from '@/core/clean/tasks';
import type { Room } from '@/core/home/room';
import { inWorkingOrder } from '@/core/order/precedence';
import { LinkButton } from '../parts/link-button';
import { PageHead } from '../parts/page-head';
import { TextLink } from '../parts/text-link';
import { Unfold } from '../parts/unfold';
import { count, duration, hourRange, hours } from '../parts/words';
import { TaskEstimateLines } from './task-estimate';

/** How long everything takes, room by room, each figure opened to its sum. */
export function HoursPage({ state }: { state: Current }) {
  const { household, tasks } = state;
  const rooms = household.home.floors.flatMap((floor) => floor.rooms);
  if (tasks.length === 0) return <NothingYet rooms={rooms.length} />;
  const longest = Math.max(...rooms.map((room) => handsRange(inRoom(tasks, room)).minutes));
  const total = handsRange(tasks);
  return (
    <>
      <PageHead title={`${hours(total.minutes)} of hands-on work`}>
        {hourRange(total)}, four times in five. {offered(state)} Open a room for its jobs, and a job for the
        sum behind it.
      </PageHead>
      <Stack sx={{ maxWidth: 900 }}>
        {rooms
          .filter((room) => inRoom(tasks, room).length > 0)
          .map((room) => (
            <RoomHours key={room.id} room={room} tasks={inRoom(tasks, room)} longest={longest} />
          ))}
      </Stack>
    </>
  );
}

function inRoom(tasks: readonly CleanTask[], room: Room): CleanTask[] {
  return tasks.filter((task) => task.room.id === room.id);
}

function offered({ campaign }: Current): string {
  if (!campaign) return '';
  const { total, done } = sumProgress(progressByRoom(campaign.problem).values());
  return `${hours(total - done)} are left to do; ${hours(offeredMinutes(campaign.problem))} are offered until the finish line.`;
}

function RoomHours({ room, tasks, longest }: { room: Room; tasks: readonly CleanTask[]; longest: number }) {
  const range = handsRange(tasks);
  return (
    <Unfold
      title={
        <Box
          component="span"
          sx={{
            display: 'grid',
            gridTemplateColumns: { xs: '1fr auto', sm: '220px 1fr 150px' },
            columnGap: 2,
            alignItems: 'center',
            width: '100%',
          }}
        >
          <span>{room.name}</span>
          <RangeBar low={range.low / longest} at={range.minutes / longest} high={range.high / longest} />
          <Box component="span" sx={{ textAlign: 'end' }}>
            {hours(range.minutes)}
            <Box
              component="span"
              sx={{ display: 'block', fontWeight: 400, fontSize: '0.85rem', color: 'text.secondary' }}
            >
              {hourRange(range)}
            </Box>
          </Box>
        </Box>
      }
    >
      <Box sx={{ pl: 2 }}>
        <Typography variant="body2" sx={{ mb: 1 }}>
          {count(tasks.length, 'job', 'jobs')}, ceiling to floor.{' '}
          <TextLink href={`/walk/${encodeURIComponent(room.id)}`}>See them in the room</TextLink>
        </Typography>
        {inWorkingOrder(tasks).map((task) => (
          <Unfold
            key={task.id}
            title={
              <Box
                component="span"
                sx={{
                  display: 'flex',
                  justifyContent: 'space-between',
                  gap: 2,
                  width: '100%',
                  fontWeight: 450,
                }}
              >
                <span>
                  {task.method.title}
                  <Box
                    component="span"
                    sx={{ color: 'text.secondary', fontSize: '0.9rem', display: 'block' }}
                  >
                    {task.stop.shell ? 'all round' : task.stop.name}
                    {task.fixture.count > 1 && `, ${task.fixture.count} of them`}
                  </Box>
                </span>
                <span>{duration(task.estimate.hands.minutes)}</span>
              </Box>
            }
          >
            <TaskEstimateLines task={task} />
          </Unfold>
        ))}
      </Box>
    </Unfold>
  );
}

/** The estimate as a bar, and its range as the part that may still grow or melt away. */
function RangeBar({ low, at, high }: { low: number; at: number; high: number }) {
  const percent = (share: number) => `${Math.min(100, share * 88)}%`;
  return (
    <Box
      component="span"
      aria-hidden
      sx={{ display: { xs: 'none', sm: 'block' }, position: 'relative', height: 16 }}
    >
      <Box
        component="span"
        sx={{
          position: 'absolute',
          insetBlock: 0,
          left: 0,
          width: percent(low),
          bgcolor: 'var(--mui-palette-thaw-water)',
          opacity: 0.85,
        }}
      />
      <Box
        component="span"
        sx={{
          position: 'absolute',
          insetBlock: 0,
          left: percent(low),
          right: `calc(100% - ${percent(high)})`,
          bgcolor: 'var(--mui-palette-thaw-ice)',
          borderRadius: '0 8px 8px 0',
        }}
      />
      <Box
        component="span"
        sx={{ position: 'absolute', insetBlock: -2, left: percent(at), width: 2, bgcolor: 'text.primary' }}
      />
    </Box>
  );
}

function NothingYet({ rooms }: { rooms: number }) {
  return (
    <>
      <PageHead title="Hours">
        {rooms === 0
          ? 'Hours come from what stands in the rooms. Walk one first.'
          : 'The rooms are still empty. Open one and add what stands in it.'}
      </PageHead>
      <LinkButton href="/walk" variant="contained" size="large">
        Go to the walk
      </LinkButton>
    </>
  );
}
