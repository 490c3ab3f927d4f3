import type { Units } from '@/core/basics/choices';
import type { HomeFacts } from '@/core/home/facts';
import type { Room } from '@/core/home/room';
import { jobName } from '@/core/work/place-of-job';
import { type CleanTask, handsRange } from '@/core/work/tasks';
import { partsOfWork } from '@/present/hours/parts-of-work';
import { count, duration, hourRange, hours } from '@/present/words/words';
import { css } from '@/ui/theme/made/css';
import { PageLink } from '../parts/page-link';
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
    <section aria-label={room.name} className={css({ borderTop: '1px solid var(--colors-line)' })}>
      <PageLink
        href={open ? '/hours' : `/hours/${encodeURIComponent(room.id)}`}
        scroll={false}
        aria-expanded={open}
        className={css({
          display: 'grid',
          gridTemplateColumns: { base: '1fr auto', sm: '220px 1fr 150px' },
          columnGap: 2,
          alignItems: 'center',
          minHeight: 44,
          py: 1.5,
          color: 'inherit',
          textDecoration: 'none',
          fontWeight: 600,
          '&:hover': { color: 'water' },
        })}
      >
        <span>{room.name}</span>
        <PartsBar parts={parts} most={longest} low={range.low} high={range.high} />
        <span className={css({ textAlign: 'end' })}>
          {hours(range.minutes)}
          <span className={css({ display: 'block', fontWeight: 400, fontSize: '0.85rem', color: 'quiet' })}>
            {hourRange(range)}
          </span>
        </span>
      </PageLink>
      {open && <Jobs room={room} tasks={tasks} units={units} facts={facts} />}
    </section>
  );
}

function Jobs({ room, tasks, units, facts }: Pick<RoomHoursProps, 'room' | 'tasks' | 'units' | 'facts'>) {
  return (
    <div className={css({ pl: 2, pb: 2 })}>
      <p className={css({ textStyle: 'small', m: 0, mb: 1 })}>
        {count(tasks.length, 'job', 'jobs')}, in the order of work.{' '}
        <TextLink href={`/walk/${encodeURIComponent(room.id)}`}>See them in the room</TextLink>
      </p>
      <PartsWords parts={partsOfWork(tasks)} />
      {tasks.map((task) => (
        <Unfold key={task.id} title={<JobTitle task={task} />}>
          <TaskEstimateLines task={task} units={units} facts={facts} />
        </Unfold>
      ))}
    </div>
  );
}

function JobTitle({ task }: { task: CleanTask }) {
  return (
    <span
      className={css({
        display: 'flex',
        justifyContent: 'space-between',
        gap: 2,
        width: '100%',
        fontWeight: 450,
      })}
    >
      <span>
        {jobName(task)}
        <span className={css({ color: 'quiet', fontSize: '0.9rem', display: 'block' })}>
          {task.stop.shell ? 'all round' : task.stop.name}
          {task.fixture.count > 1 && `, ${task.fixture.count} of them`}
        </span>
      </span>
      <span>{duration(task.estimate.hands.minutes)}</span>
    </span>
  );
}
