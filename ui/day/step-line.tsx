import Box from '@mui/material/Box';
import type { ReactNode } from 'react';
import { clock, duration } from '../parts/words';
import type { StepFace } from './step-face';

export function StepLine({
  step,
  action,
  note,
  clear = false,
}: {
  step: StepFace;
  action: ReactNode;
  /** How it stands with it, where that has to be said. */
  note?: string | undefined;
  clear?: boolean;
}) {
  return (
    <Box
      component="li"
      sx={{
        display: 'grid',
        gridTemplateColumns: '52px 1fr auto',
        columnGap: 1.5,
        alignItems: 'center',
        py: 1,
        borderTop: '1px solid',
        borderColor: 'divider',
        ...(clear && {
          bgcolor: 'var(--mui-palette-thaw-waterSoft)',
          borderRadius: '20px',
          border: 0,
          px: 1.5,
          mb: 0.75,
        }),
      }}
    >
      <Box component="span" sx={{ alignSelf: 'start', pt: 0.25, color: 'text.secondary' }}>
        {clock(step.item.start)}
      </Box>
      <Box sx={{ minWidth: 0 }}>
        <Box sx={{ fontWeight: 560, overflowWrap: 'anywhere' }}>{step.title}</Box>
        <Box sx={{ color: 'text.secondary', fontSize: '0.92rem' }}>
          {[step.where, duration(step.item.step.minutes), step.who, note].filter(Boolean).join(' · ')}
        </Box>
      </Box>
      {action}
    </Box>
  );
}
