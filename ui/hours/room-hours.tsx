import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import type { Units } from '@/core/basics/choices';
import type { HomeFacts } from '@/core/home/facts';
import type { Room } from '@/core/home/room';
import { jobName } from '@/core/work/single-places';
import { type CleanTask, handsRange } from '@/core/work/tasks';
import { partsOfWork } from '@/present/hours/parts-of-work';
import { count, duration, hourRange, hours } from '@/present/words/words';
import { TextLink } from '../parts/text-link';
import { Unfold } from '../parts/unfold';
import { PartsBar, PartsWords } from './parts-bar';
import { TaskEstimateLines } from './task-estimate';

type RoomHoursProps = {
  readonly room: Room;
  readonly tasks: readonly CleanTask[];
  readonly longest: number;
  readonly open: boolean;
  readonly units: Units;
  readonly facts: HomeFacts;
};

/** One room's hours; opened, its jobs with the sum behind each. */
export function RoomHours({ room, tasks, longest, open, units, facts }: RoomHoursProps) {
  const range = handsRange(tasks);
  const parts = partsOfWork(tasks);
  return (
    <Box component="section" aria-label={room.name} sx={{ borderTop: '1px solid', borderColor: 'divider' }}>
      <TextLink
        href={open ? '/hours' : `/hours/${encodeURIComponent(room.id)}`}
        scroll={false}
        aria-expanded={open}
        underline="none"
        color="inherit"
        sx={{
          display: 'grid',
          gridTemplateColumns: { xs: '1fr auto', sm: '220px 1fr 150px' },
          columnGap: 2,
          alignItems: 'center',
          minHeight: 44,
          py: 1.5,
          fontWeight: 600,
          '&:hover': { color: 'primary.main' },
        }}
      >
        <span>{room.name}</span>
        <PartsBar parts={parts} most={longest} low={range.low} high={range.high} />
        <Box component="span" sx={{ textAlign: 'end' }}>
          {hours(range.minutes)}
          <Box
            component="span"
            sx={{ display: 'block', fontWeight: 400, fontSize: '0.85rem', color: 'text.secondary' }}
          >
            {hourRange(range)}
          </Box>
        </Box>
      </TextLink>
      {open && <Jobs room={room} tasks={tasks} units={units} facts={facts} />}
    </Box>
  );
}

function Jobs({ room, tasks, units, facts }: Pick<RoomHoursProps, 'room' | 'tasks' | 'units' | 'facts'>) {
  return (
    <Box sx={{ pl: 2, pb: 2 }}>
      <Typography variant="body2" sx={{ mb: 1 }}>
        {count(tasks.length, 'job', 'jobs')}, in the order of work.{' '}
        <TextLink href={`/walk/${encodeURIComponent(room.id)}`}>See them in the room</TextLink>
      </Typography>
      <PartsWords parts={partsOfWork(tasks)} />
      {tasks.map((task) => (
        <Unfold key={task.id} title={<JobTitle task={task} />}>
          <TaskEstimateLines task={task} units={units} facts={facts} />
        </Unfold>
      ))}
    </Box>
  );
}

function JobTitle({ task }: { task: CleanTask }) {
  return (
    <Box
      component="span"
      sx={{ display: 'flex', justifyContent: 'space-between', gap: 2, width: '100%', fontWeight: 450 }}
    >
      <span>
        {jobName(task)}
        <Box component="span" sx={{ color: 'text.secondary', fontSize: '0.9rem', display: 'block' }}>
          {task.stop.shell ? 'all round' : task.stop.name}
          {task.fixture.count > 1 && `, ${task.fixture.count} of them`}
        </Box>
      </span>
      <span>{duration(task.estimate.hands.minutes)}</span>
    </Box>
  );
}
