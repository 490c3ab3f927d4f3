'use client';
import type { Progress } from '@/core/problem/progress';
import { hours } from '@/present/words/words';
import { css } from '@/ui/theme/made/css';
import { PageLink } from '../parts/page-link';

type RoomCellProps = {
  readonly href: string;
  readonly name: string;
  readonly minutes: number;
  readonly progress: Progress;
  /** Under the roof. */
  readonly isLoft: boolean;
};

/** One room of the house section: frozen from the right, clear water from the left. */
export function RoomCell({ href, name, minutes, progress, isLoft }: RoomCellProps) {
  const share = progress.total === 0 ? 0 : progress.done / progress.total;
  const isClear = share === 1;
  return (
    <PageLink href={href} className={css(CELL, isClear ? CLEAR : FROZEN, isLoft && SLOPED)}>
      <Water share={share} />
      <div className={css(LABEL)}>
        <span
          className={css({ fontWeight: 620, lineHeight: 1.2, overflowWrap: 'anywhere', hyphens: 'auto' })}
        >
          {name}
        </span>
        <span className={css({ fontSize: '0.92rem' })}>
          {isClear ? 'clear' : leftWords(progress, minutes)}
        </span>
      </div>
    </PageLink>
  );
}

const CELL = {
  flex: 1,
  minHeight: 92,
  minWidth: 0,
  display: 'flex',
  alignItems: 'stretch',
  color: 'inherit',
  textAlign: 'start',
  textDecoration: 'none',
  position: 'relative',
  '&:hover': { outline: '2px solid var(--colors-water)', outlineOffset: -2 },
  '&:focus-visible': { outline: '3px solid var(--colors-water)', outlineOffset: -4 },
} as const;
const FROZEN = { background: 'var(--frost)', clipPath: 'var(--cut)', borderRadius: 0 };
const CLEAR = { background: 'var(--colors-water-soft)', clipPath: 'none', borderRadius: '18px' };

const SLOPED = { clipPath: 'polygon(0 0, 62% 0, 100% 56%, 100% 100%, 0 100%)', borderRadius: 0 };

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
    <div
      aria-hidden
      className={css({
        position: 'absolute',
        inset: 0,
        bgcolor: 'var(--colors-water-soft)',
        borderRadius: '0 18px 18px 0',
      })}
      style={{ width: `${share * 100}%` }}
    />
  );
}

function leftWords({ done, total }: Progress, minutes: number): string {
  return done > 0 ? `${hours(total - done)} of ${hours(total)} left` : hours(minutes);
}
