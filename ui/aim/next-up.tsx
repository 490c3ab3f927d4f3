import Box from '@mui/material/Box';
import type { NextSession } from '@/present/aim/next-session';
import { LinkButton } from '../parts/link-button';

/** What comes next, in one strip with one press: when, who and where, and the first thing to do. */
export function NextUp({ next }: { next: NextSession | undefined }) {
  if (!next) return null;
  return (
    <Box
      component="section"
      aria-label="Next"
      sx={{
        display: 'flex',
        flexWrap: 'wrap',
        gap: 2,
        alignItems: 'center',
        maxWidth: 980,
        p: 2,
        bgcolor: 'var(--mui-palette-thaw-waterSoft)',
        borderRadius: '3px 24px 24px 3px',
      }}
    >
      <Box sx={{ flex: '1 1 280px', minWidth: 0, overflowWrap: 'anywhere' }}>
        <Box sx={{ fontWeight: 600 }}>{next.when}</Box>
        <Box>{next.what}.</Box>
        {next.first && <Box>First: {next.first}.</Box>}
      </Box>
      <LinkButton href={next.href} variant="contained" size="large">
        To the day
      </LinkButton>
    </Box>
  );
}
