import type { ReactNode } from 'react';
import { css } from '@/ui/theme/made/css';

type HouseOutlineProps = { readonly hasRoof: boolean; readonly children: ReactNode };

/** The roof over the house: what lies under it stands between its walls. */
export function HouseOutline({ hasRoof, children }: HouseOutlineProps) {
  return (
    <div className={css({ maxWidth: 1180 })}>
      {hasRoof && <Roof />}
      {children}
    </div>
  );
}

/** Eaves reach a little beyond the walls. */
function Roof() {
  return (
    <svg
      aria-hidden
      viewBox="0 0 1000 60"
      preserveAspectRatio="none"
      className={css({
        display: 'block',
        width: 'calc(100% + 16px)',
        mx: '-8px',
        height: { base: 36, md: 56 },
      })}
    >
      <path
        d="M2 58 L500 3 L998 58"
        fill="none"
        stroke="var(--colors-ink)"
        strokeWidth={2}
        vectorEffect="non-scaling-stroke"
        strokeLinejoin="round"
        strokeLinecap="round"
      />
    </svg>
  );
}

/** Between two walls; under the ground they stand in the earth. */
export const BETWEEN_WALLS = css({
  borderInline: '2px solid var(--colors-ink)',
  borderTop: '2px solid var(--colors-ink)',
  px: { base: 1, md: 1.5 },
  py: 1,
});

/** The ground reaches beyond the house on both sides. */
export const ON_GROUND = css({
  position: 'relative',
  '&::after': {
    content: '""',
    position: 'absolute',
    insetInline: { base: '-16px', md: '-32px' },
    bottom: '-2px',
    borderBottom: '3px solid var(--colors-ink)',
  },
});

export const IN_EARTH = css({
  boxShadow:
    '-32px 0 0 color-mix(in srgb, var(--colors-ink) 7%, transparent), 32px 0 0 color-mix(in srgb, var(--colors-ink) 7%, transparent)',
  clipPath: { base: 'inset(0 -16px)', md: 'inset(0 -32px)' },
});
