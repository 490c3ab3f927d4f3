import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import type { Plan } from '@/core/plan/plan';
import type { LeftOutRow, RoomItems } from '@/present/spread/by-room';
import { count, hours } from '@/present/words/words';
import { LinkButton } from '../parts/link-button';

type LeftOutProps = { readonly plan: Plan; readonly rooms: readonly RoomItems<LeftOutRow>[] };

/** What has no place in the plan, room by room, and what would bring it back. */
export function LeftOut({ plan, rooms }: LeftOutProps) {
  if (plan.unplaced.length === 0) return null;
  const { must, should, could } = plan.metrics.unplaced;
  return (
    <Box component="section" aria-labelledby="left-out">
      <Typography variant="h2" id="left-out">
        {count(plan.unplaced.length, 'job has', 'jobs have')} no place yet, {hours(must + should + could)} of
        work
      </Typography>
      <LinkButton href="/what-if" variant="outlined" sx={{ my: 1 }}>
        What would make it fit
      </LinkButton>
      <Box sx={{ columns: { md: 2 }, columnGap: 5 }}>
        {rooms.map(({ id, name, items }) => (
          <Box key={id} sx={{ mb: 1.5 }}>
            <Typography variant="h3">{name}</Typography>
            <Box component="ul" sx={{ pl: 2.5, my: 0.5 }}>
              {items.map(({ task, message }) => (
                <Box component="li" key={task} sx={{ breakInside: 'avoid', mb: 0.75 }}>
                  {message}
                </Box>
              ))}
            </Box>
          </Box>
        ))}
      </Box>
    </Box>
  );
}
