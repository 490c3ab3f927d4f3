'use client';
import Box from '@mui/material/Box';
import ButtonBase from '@mui/material/ButtonBase';
import type { Progress } from '@/core/problem/progress';
import { hours } from '@/present/words/words';
import { PageLink } from '../parts/page-link';
import { CUT, FROST } from '../theme/frost';

type RoomCellProps = {
  readonly href: string;
  readonly name: string;
  readonly minutes: number;
  readonly progress: Progress;
};

/** One room of the house section: frozen from the right, clear water from the left. */
export function RoomCell({ href, name, minutes, progress }: RoomCellProps) {
  const share = progress.total === 0 ? 0 : progress.done / progress.total;
  const isClear = share === 1;
  return (
    <ButtonBase component={PageLink} href={href} sx={{ ...CELL, ...(isClear ? CLEAR : FROZEN) }}>
      <Water share={share} />
      <Box sx={LABEL}>
        <Box
          component="span"
          sx={{ fontWeight: 620, lineHeight: 1.2, overflowWrap: 'anywhere', hyphens: 'auto' }}
        >
          {name}
        </Box>
        <Box component="span" sx={{ fontSize: '0.92rem' }}>
          {isClear ? 'clear' : leftWords(progress, minutes)}
        </Box>
      </Box>
    </ButtonBase>
  );
}

const CELL = {
  flex: 1,
  minHeight: 92,
  minWidth: 0,
  alignItems: 'stretch',
  justifyContent: 'flex-start',
  textAlign: 'start',
  position: 'relative',
  '&:hover': { outline: '2px solid var(--mui-palette-thaw-water)', outlineOffset: -2 },
  '&.Mui-focusVisible': { outline: '3px solid var(--mui-palette-thaw-water)', outlineOffset: -4 },
} as const;
const FROZEN = { background: FROST, clipPath: CUT, borderRadius: 0 };
const CLEAR = { background: 'var(--mui-palette-thaw-waterSoft)', clipPath: 'none', borderRadius: '18px' };

const LABEL = {
  position: 'relative',
  p: 1.5,
  minWidth: 0,
  display: 'flex',
  flexDirection: 'column',
  justifyContent: 'space-between',
  gap: 1,
} as const;

function Water({ share }: { share: number }) {
  return (
    <Box
      aria-hidden
      sx={{
        position: 'absolute',
        inset: 0,
        width: `${share * 100}%`,
        bgcolor: 'var(--mui-palette-thaw-waterSoft)',
        borderRadius: '0 18px 18px 0',
      }}
    />
  );
}

function leftWords({ done, total }: Progress, minutes: number): string {
  return done > 0 ? `${hours(total - done)} of ${hours(total)} left` : hours(minutes);
}
