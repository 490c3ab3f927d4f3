import Box from '@mui/material/Box';
import { shortDate } from '@/present/words/words';

/** Until when something is good, or that it no longer is. */
export function GoodUntil({ date, today }: { readonly date: string; readonly today: string }) {
  const isPast = date < today;
  return (
    <Box component="span" sx={{ color: isPast ? 'error.main' : 'text.secondary' }}>
      {' · '}
      {isPast ? `past its date, ${shortDate(date)}` : `good until ${shortDate(date)}`}
    </Box>
  );
}
