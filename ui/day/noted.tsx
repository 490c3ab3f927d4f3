'use client';
import type { FoundThing } from '@/core/day/run';
import { FIND_WORDS } from '@/present/day/came-up';
import { css } from '@/ui/theme/made/css';
import { Button } from '../parts/button';

type NotedProps = {
  readonly thing: FoundThing;
  readonly onName: () => void;
  readonly onClose: () => void;
};

/** That it is written down, over the thumb bar: nothing on the page has moved by it. */
export function Noted({ thing, onName, onClose }: NotedProps) {
  return (
    <div className={OVER_BAR}>
      <div role="status" className={css(NOTE)}>
        <span className={css({ flex: '1 1 90px' })}>
          Written down: {FIND_WORDS[thing.find].toLowerCase()}.
        </span>
        <Button color="inherit" variant="outlined" onClick={onName}>
          Say what it is
        </Button>
        <Button color="inherit" onClick={onClose}>
          Later
        </Button>
      </div>
    </div>
  );
}

const OVER_BAR = css({
  position: 'fixed',
  zIndex: 20,
  insetInline: { base: '8px', sm: 'auto' },
  left: { sm: '50%' },
  bottom: {
    base: 'calc(var(--bar-height, 57px) + var(--thumb-height, 0px) + 8px)',
    sm: 'calc(var(--thumb-height, 0px) + 24px)',
  },
  transform: { sm: 'translateX(-50%)' },
});

const NOTE = {
  display: 'flex',
  gap: 1,
  alignItems: 'center',
  pl: 2,
  pr: 1,
  py: 1,
  width: '100%',
  bgcolor: 'ink',
  color: 'paper',
  borderRadius: '3px',
} as const;
