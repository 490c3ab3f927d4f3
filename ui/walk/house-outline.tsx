import Box from '@mui/material/Box';
import type { ReactNode } from 'react';

type HouseOutlineProps = { readonly hasRoof: boolean; readonly children: ReactNode };

/** The roof over the house: what lies under it stands between its walls. */
export function HouseOutline({ hasRoof, children }: HouseOutlineProps) {
  return (
    <Box sx={{ maxWidth: 1180 }}>
      {hasRoof && <Roof />}
      {children}
    </Box>
  );
}

/** Eaves reach a little beyond the walls. */
function Roof() {
  return (
    <Box
      component="svg"
      aria-hidden
      viewBox="0 0 1000 60"
      preserveAspectRatio="none"
      sx={{ display: 'block', width: 'calc(100% + 16px)', mx: '-8px', height: { xs: 36, md: 56 } }}
    >
      <path
        d="M2 58 L500 3 L998 58"
        fill="none"
        stroke="var(--mui-palette-text-primary)"
        strokeWidth={2}
        vectorEffect="non-scaling-stroke"
        strokeLinejoin="round"
        strokeLinecap="round"
      />
    </Box>
  );
}

/** Between two walls; under the ground they stand in the earth. */
export const BETWEEN_WALLS = {
  borderInline: '2px solid',
  borderTop: '2px solid',
  borderColor: 'text.primary',
  px: { xs: 1, md: 1.5 },
  py: 1,
} as const;

/** The ground reaches beyond the house on both sides. */
export const ON_GROUND = {
  position: 'relative',
  '&::after': {
    content: '""',
    position: 'absolute',
    insetInline: { xs: '-16px', md: '-32px' },
    bottom: '-2px',
    borderBottom: '3px solid',
    borderColor: 'text.primary',
  },
} as const;

export const IN_EARTH = {
  boxShadow:
    '-32px 0 0 color-mix(in srgb, var(--mui-palette-text-primary) 7%, transparent), 32px 0 0 color-mix(in srgb, var(--mui-palette-text-primary) 7%, transparent)',
  clipPath: { xs: 'inset(0 -16px)', md: 'inset(0 -32px)' },
} as const;
