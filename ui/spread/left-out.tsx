import type { Plan } from '@/core/plan/plan';
import type { LeftOutRow, RoomItems } from '@/present/spread/by-room';
import { count, duration, hours } from '@/present/words/words';
import { css } from '@/ui/theme/made/css';
import { LinkButton } from '../parts/link-button';
import { Unfold } from '../parts/unfold';

type LeftOutProps = { readonly plan: Plan; readonly rooms: readonly RoomItems<LeftOutRow>[] };

/** So many jobs are read at a glance; of more, each room is opened by itself. */
const AT_A_GLANCE = 12;

/** What has no place in the plan, room by room, and what would bring it back. */
export function LeftOut({ plan, rooms }: LeftOutProps) {
  const jobs = plan.unplaced.length;
  if (jobs === 0) return null;
  const { must, should, could } = plan.metrics.unplaced;
  return (
    <section aria-labelledby="left-out">
      <h2 className={css({ textStyle: 'h2', m: 0 })} id="left-out">
        {count(jobs, 'job has', 'jobs have')} no place yet, {hours(must + should + could)} of work
      </h2>
      {must > 0 && <p className={css({ textStyle: 'body', m: 0 })}>{duration(must)} of it must be done.</p>}
      <LinkButton href="/what-if" variant="outlined" className={css({ my: 1 })}>
        What would make it fit
      </LinkButton>
      <div className={css({ columns: { md: 2 }, columnGap: 5 })}>
        {rooms.map((room) => (
          <div key={room.id} className={css({ mb: jobs > AT_A_GLANCE ? 0 : 1.5, breakInside: 'avoid' })}>
            {jobs > AT_A_GLANCE ? <Folded room={room} /> : <Open room={room} />}
          </div>
        ))}
      </div>
    </section>
  );
}

function Folded({ room }: { room: RoomItems<LeftOutRow> }) {
  const { name, items } = room;
  return (
    <Unfold title={`${name}: ${count(items.length, 'job', 'jobs')}`}>
      <Jobs items={items} />
    </Unfold>
  );
}

function Open({ room }: { room: RoomItems<LeftOutRow> }) {
  return (
    <>
      <h3 className={css({ textStyle: 'h3', m: 0 })}>{room.name}</h3>
      <Jobs items={room.items} />
    </>
  );
}

function Jobs({ items }: Pick<RoomItems<LeftOutRow>, 'items'>) {
  return (
    <ul className={css({ pl: 2.5, my: 0.5 })}>
      {items.map(({ task, message }) => (
        <li key={task} className={css({ breakInside: 'avoid', mb: 0.75 })}>
          {message}
        </li>
      ))}
    </ul>
  );
}
