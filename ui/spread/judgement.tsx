import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import type { Plan } from '@/core/plan/plan';
import type { BrokenRow, RoomItems } from '@/present/spread/by-room';
import { type CostRow, costRows, judgedWords } from '@/present/spread/cost-words';
import { duration } from '@/present/words/words';
import { Unfold } from '../parts/unfold';
import { BrokenList } from './broken-list';

type JudgementProps = { readonly plan: Plan; readonly broken: readonly RoomItems<BrokenRow>[] };

/** How the plan was judged: in one line, and in parts one press away. */
export function Judgement({ plan, broken }: JudgementProps) {
  const rows = costRows(plan);
  return (
    <Box component="section" aria-label="How the plan was judged" sx={{ maxWidth: 860 }}>
      <Typography>{judgedWords(plan)}</Typography>
      {rows.length > 0 && (
        <Unfold title="How it was judged, and what was set aside" slim>
          <CostTable rows={rows} />
          {broken.map((room) => (
            <BrokenInRoom key={room.id} room={room} />
          ))}
        </Unfold>
      )}
    </Box>
  );
}

function CostTable({ rows }: { rows: readonly CostRow[] }) {
  return (
    <>
      <Typography variant="body2" sx={{ color: 'text.secondary', mb: 1 }}>
        Counted in minutes’ worth: how much work a person would rather do than have it so. Less is better.
      </Typography>
      <Box component="ul" sx={{ listStyle: 'none', p: 0, m: 0 }}>
        {rows.map(({ part, title, words, minutes }) => (
          <Box
            component="li"
            key={part}
            sx={{ display: 'grid', gridTemplateColumns: '1fr auto', columnGap: 3, py: 0.75 }}
          >
            <span>
              <strong>{title}</strong>
              <br />
              <Box component="span" sx={{ color: 'text.secondary', fontSize: '0.92rem' }}>
                {words}
              </Box>
            </span>
            <Box component="span" sx={{ fontVariantNumeric: 'tabular-nums', textAlign: 'end' }}>
              {duration(minutes)}
            </Box>
          </Box>
        ))}
      </Box>
    </>
  );
}

function BrokenInRoom({ room }: { room: RoomItems<BrokenRow> }) {
  return (
    <Box sx={{ mb: 2 }}>
      <Typography variant="h3">{room.name}</Typography>
      <BrokenList rows={room.items} />
    </Box>
  );
}
