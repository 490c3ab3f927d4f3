'use client';
import type { Run } from '@/core/day/run';
import type { DayFile } from '@/present/day/day-file';
import { amount, count, daysBetween, longDate } from '@/present/words/words';
import { css } from '@/ui/theme/made/css';
import { TextLink } from '../parts/text-link';

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
    <section aria-labelledby="clear-now" className={css({ display: 'grid', gap: 1.5 })}>
      <h2 className={css({ textStyle: 'h2', m: 0 })} id="clear-now">
        {isAll ? 'Everything of this day is clear.' : 'Enough for today. Clear now'}
      </h2>
      {rooms.map((room) => (
        <div key={room.id}>
          <div className={css({ display: 'flex', justifyContent: 'space-between', gap: 1 })}>
            <span>{room.name}</span>
            <span>
              {room.clear} of {count(room.tasks, 'job', 'jobs')}
            </span>
          </div>
          <Strip cells={room.tasks} clear={room.clear} />
          {!file.helper && (
            <TextLink
              href={`/record/clean?room=${encodeURIComponent(room.id)}#pictures`}
              className={css({ display: 'inline-flex', alignItems: 'center', minHeight: 44 })}
            >
              Take a picture of {room.name}
            </TextLink>
          )}
        </div>
      ))}
      <StillFrozen file={file} run={run} />
      <Reward file={file} />
    </section>
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
    <div aria-hidden className={css({ display: 'flex', gap: '3px', height: 22, mt: 0.5 })}>
      {Array.from({ length: shown }, (_, i) => (
        <div
          // Cells have no other name than their place.
          // biome-ignore lint/suspicious/noArrayIndexKey: they never change places
          key={i}
          className={css({
            flex: 1,
            transition: 'background 600ms, border-radius 600ms',
            ...(i < thawed
              ? { bgcolor: 'var(--colors-water)', borderRadius: '11px' }
              : { background: 'var(--frost)', clipPath: 'var(--cut)' }),
          })}
        />
      ))}
    </div>
  );
}
