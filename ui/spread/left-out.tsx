import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import type { Plan } from '@/core/plan/plan';
import type { LeftOutRow, RoomItems } from '@/present/spread/by-room';
import { count, duration, hours } from '@/present/words/words';
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
    <Box component="section" aria-labelledby="left-out">
      <Typography variant="h2" id="left-out">
        {count(jobs, 'job has', 'jobs have')} no place yet, {hours(must + should + could)} of work
      </Typography>
      {must > 0 && <Typography>{duration(must)} of it must be done.</Typography>}
      <LinkButton href="/what-if" variant="outlined" sx={{ my: 1 }}>
        What would make it fit
      </LinkButton>
      <Box sx={{ columns: { md: 2 }, columnGap: 5 }}>
        {rooms.map((room) => (
          <Box key={room.id} sx={{ mb: jobs > AT_A_GLANCE ? 0 : 1.5, breakInside: 'avoid' }}>
            {jobs > AT_A_GLANCE ? <Folded room={room} /> : <Open room={room} />}
          </Box>
        ))}
      </Box>
    </Box>
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
      <Typography variant="h3">{room.name}</Typography>
      <Jobs items={room.items} />
    </>
  );
}

function Jobs({ items }: Pick<RoomItems<LeftOutRow>, 'items'>) {
  return (
    <Box component="ul" sx={{ pl: 2.5, my: 0.5 }}>
      {items.map(({ task, message }) => (
        <Box component="li" key={task} sx={{ breakInside: 'avoid', mb: 0.75 }}>
          {message}
        </Box>
      ))}
    </Box>
  );
}
