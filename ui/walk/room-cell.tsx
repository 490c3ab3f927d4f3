'use client';
import Box from '@mui/material/Box';
import ButtonBase from '@mui/material/ButtonBase';
import type { Progress } from '@/core/problem/progress';
import { hours } from '@/present/words/words';
import { PageLink } from '../parts/page-link';
import { CUT, FROST } from '../theme/frost';

/** One room of the house section: frozen from the right, clear water from the left. */
export function RoomCell({
  href,
  name,
  minutes,
  progress,
}: {
  href: string;
  name: string;
  minutes: number;
  progress: Progress;
}) {
  const share = progress.total === 0 ? 0 : progress.done / progress.total;
  const clear = share === 1;
  const words = clear
    ? 'clear'
    : progress.done > 0
      ? `${hours(progress.total - progress.done)} of ${hours(progress.total)} left`
      : hours(minutes);
  return (
    <ButtonBase
      component={PageLink}
      href={href}
      sx={{
        flex: 1,
        minHeight: 92,
        minWidth: 0,
        alignItems: 'stretch',
        justifyContent: 'flex-start',
        textAlign: 'start',
        background: clear ? 'var(--mui-palette-thaw-waterSoft)' : FROST,
        clipPath: clear ? 'none' : CUT,
        borderRadius: clear ? '18px' : 0,
        position: 'relative',
        '&:hover': { outline: '2px solid var(--mui-palette-thaw-water)', outlineOffset: -2 },
        '&.Mui-focusVisible': { outline: '3px solid var(--mui-palette-thaw-water)', outlineOffset: -4 },
      }}
    >
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
      <Box
        sx={{
          position: 'relative',
          p: 1.5,
          minWidth: 0,
          display: 'flex',
          flexDirection: 'column',
          justifyContent: 'space-between',
          gap: 1,
        }}
      >
        <Box
          component="span"
          sx={{ fontWeight: 620, lineHeight: 1.2, overflowWrap: 'anywhere', hyphens: 'auto' }}
        >
          {name}
        </Box>
        <Box component="span" sx={{ fontSize: '0.92rem' }}>
          {words}
        </Box>
      </Box>
    </ButtonBase>
  );
}
