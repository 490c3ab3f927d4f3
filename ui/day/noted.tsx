'use client';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Snackbar from '@mui/material/Snackbar';
import type { FoundThing } from '@/core/day/run';
import { FIND_WORDS } from '@/present/day/came-up';

type NotedProps = {
  readonly thing: FoundThing;
  readonly onName: () => void;
  readonly onClose: () => void;
};

/** That it is written down, over the thumb bar: nothing on the page has moved by it. */
export function Noted({ thing, onName, onClose }: NotedProps) {
  return (
    <Snackbar
      open
      anchorOrigin={{ vertical: 'bottom', horizontal: 'center' }}
      sx={{ bottom: { xs: 'calc(var(--bar-height, 57px) + var(--thumb-height, 0px) + 8px) !important' } }}
    >
      <Box role="status" sx={NOTE}>
        <Box component="span" sx={{ flex: '1 1 90px' }}>
          Written down: {FIND_WORDS[thing.find].toLowerCase()}.
        </Box>
        <Button color="inherit" variant="outlined" onClick={onName}>
          Say what it is
        </Button>
        <Button color="inherit" onClick={onClose}>
          Later
        </Button>
      </Box>
    </Snackbar>
  );
}

const NOTE = {
  display: 'flex',
  gap: 1,
  alignItems: 'center',
  pl: 2,
  pr: 1,
  py: 1,
  width: '100%',
  bgcolor: 'text.primary',
  color: 'background.paper',
  borderRadius: '3px',
} as const;
