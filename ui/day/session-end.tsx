'use client';
import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import type { Run } from '@/core/day/run';
import type { DayFile } from '@/present/day/day-file';
import { amount, count, daysBetween, longDate } from '@/present/words/words';
import { TextLink } from '../parts/text-link';
import { CUT, FROST } from '../theme/frost';

const MOST_CELLS = 40;

type SessionEndProps = {
  readonly file: DayFile;
  readonly run: Run;
  /** Nothing of the day is left. */
  readonly isAll: boolean;
};

/** What is clear now, what the forecast says, and how near the reward is: to look at for five seconds. */
export function SessionEnd({ file, run, isAll }: SessionEndProps) {
  const rooms = file.todaysRooms.map((room) => ({ ...room, clear: clearIn(room, file, run) }));
  return (
    <Box component="section" aria-labelledby="clear-now" sx={{ display: 'grid', gap: 1.5 }}>
      <Typography variant="h2" id="clear-now">
        {isAll ? 'Everything of this day is clear.' : 'Enough for today. Clear now'}
      </Typography>
      {rooms.map((room) => (
        <Box key={room.id}>
          <Box sx={{ display: 'flex', justifyContent: 'space-between', gap: 1 }}>
            <span>{room.name}</span>
            <span>
              {room.clear} of {count(room.tasks, 'job', 'jobs')}
            </span>
          </Box>
          <Strip cells={room.tasks} clear={room.clear} />
          {!file.helper && (
            <TextLink
              href={`/record/clean?room=${encodeURIComponent(room.id)}#pictures`}
              sx={{ display: 'inline-flex', alignItems: 'center', minHeight: 44 }}
            >
              Take a picture of {room.name}
            </TextLink>
          )}
        </Box>
      ))}
      <StillFrozen file={file} run={run} />
      <Reward file={file} />
    </Box>
  );
}

function StillFrozen({ file, run }: Pick<SessionEndProps, 'file' | 'run'>) {
  const { hoursLeft, ends, out } = file.forecast;
  const steps = new Set(file.pack.tasks.flatMap((task) => task.steps).map(({ id }) => id));
  const today = [...run.done].filter(([step, { at }]) => steps.has(step) && at.slice(0, 10) === file.date);
  return (
    <div>
      {today.length > 0 && `${count(today.length, 'step', 'steps')} of today done. `}
      {amount(hoursLeft)} hours are still frozen
      {ends && `; the last of them is planned for ${longDate(ends)}`}.
      {out > 0 && ` ${count(out, 'job has', 'jobs have')} no place yet.`}
    </div>
  );
}

function Reward({ file: { date, forecast } }: Pick<SessionEndProps, 'file'>) {
  const days = daysBetween(date, forecast.finish);
  if (forecast.reward === '') return null;
  return (
    <div>
      {days > 0 ? `${count(days, 'day', 'days')} to go until then: ` : 'And now: '}
      {forecast.reward}
    </div>
  );
}

/** Jobs of a room that are done by now: those of this morning, and those that were finished since. */
function clearIn(room: DayFile['todaysRooms'][number], { pack }: DayFile, run: Run): number {
  const before = new Set(pack.done.map(({ step }) => step));
  const isClear = (done: (step: string) => boolean) => (task: (typeof pack.tasks)[number]) =>
    task.room === room.id && task.steps.every((step) => step.mode === 'wait' || done(step.id));
  const now = pack.tasks.filter(isClear((step) => run.done.has(step))).length;
  const then = pack.tasks.filter(isClear((step) => before.has(step))).length;
  return Math.min(room.tasks, room.clear + now - then);
}

/** The room as a strip: what is clear has thawed. */
function Strip({ cells, clear }: { cells: number; clear: number }) {
  const shown = Math.min(cells, MOST_CELLS);
  const thawed = Math.round((clear / Math.max(1, cells)) * shown);
  return (
    <Box aria-hidden sx={{ display: 'flex', gap: '3px', height: 22, mt: 0.5 }}>
      {Array.from({ length: shown }, (_, i) => (
        <Box
          // Cells have no other name than their place.
          // biome-ignore lint/suspicious/noArrayIndexKey: they never change places
          key={i}
          sx={{
            flex: 1,
            transition: 'background 600ms, border-radius 600ms',
            ...(i < thawed
              ? { bgcolor: 'var(--mui-palette-thaw-water)', borderRadius: '11px' }
              : { background: FROST, clipPath: CUT }),
          }}
        />
      ))}
    </Box>
  );
}
