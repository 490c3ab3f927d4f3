import Box from '@mui/material/Box';
import type { BrokenRow } from '@/present/spread/by-room';
import { duration } from '@/present/words/words';

/** Wishes that the plan sets aside, each with its cost and its reason. */
export function BrokenList({ rows }: { rows: readonly BrokenRow[] }) {
  return (
    <Box component="ul" sx={{ pl: 2.5, my: 0.5 }}>
      {rows.map(({ id, after, before, reason, cost }) => (
        <li key={id}>
          “{after}” comes before “{before}”: worth {duration(cost)}. {reason}
        </li>
      ))}
    </Box>
  );
}
