import Box from '@mui/material/Box';
import type { ReactNode } from 'react';

/** A sentence that matters now: what went wrong, or what changed. Read out as soon as it appears. */
export function Sentence({ children, tone = 'fault' }: { children: ReactNode; tone?: 'fault' | 'note' }) {
  if (!children) return null;
  return (
    <Box
      role={tone === 'fault' ? 'alert' : 'status'}
      sx={{
        borderInlineStart: '4px solid',
        borderColor: tone === 'fault' ? 'error.main' : 'var(--mui-palette-thaw-sun)',
        bgcolor: tone === 'fault' ? 'background.paper' : 'var(--mui-palette-thaw-sunSoft)',
        color: 'text.primary',
        px: 2,
        py: 1.25,
      }}
    >
      {children}
    </Box>
  );
}
