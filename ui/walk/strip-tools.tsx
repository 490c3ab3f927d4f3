'use client';
import { memo } from 'react';
import { css } from '@/ui/theme/made/css';
import { Button } from '../parts/button';
import type { EditWords } from '../parts/change-actions';
import { UndoButtons } from '../parts/undo-buttons';
import { useAnswered } from '../parts/use-answered';
import type { Changes } from '../parts/use-changes';
import type { StripMode } from './strip';

const MODE_WORDS: Record<Exclude<StripMode, 'choose'>, string> = {
  count: 'Count',
  rate: 'Rate',
  order: 'Order',
  move: 'Move',
};

const HINTS: Partial<Record<StripMode, string>> = {
  count: 'keep, count or throw off what is usual',
  rate: 'one thing after the other',
  order: 'step through with the arrow keys',
};

/** Pressed by its attribute, so that pressing it makes no new style. */
const MODE = {
  minHeight: 44,
  px: { base: 1.25, md: 2 },
  minWidth: 44,
  '&[aria-pressed=true]': { bgcolor: 'water', color: 'onWater' },
} as const;
const MOVE = { ...MODE, display: { md: 'none' } } as const;

type StripToolsProps = Pick<Changes, 'undo' | 'redo'> & {
  readonly mode: StripMode;
  readonly onMode: (mode: StripMode) => void;
  readonly edits: EditWords;
};

/** What one does on the strip; within reach of a thumb on a phone. */
export const StripTools = memo(function StripTools({ mode, onMode, edits, undo, redo }: StripToolsProps) {
  // The button answers at once; the strip turns over after that.
  const [pressed, press] = useAnswered(mode, onMode);
  return (
    <div
      role="toolbar"
      aria-label="On the strip"
      className={css({
        position: { base: 'fixed', md: 'static' },
        insetInline: { base: 0, md: 'auto' },
        bottom: { base: 'calc(56px + env(safe-area-inset-bottom))', md: 'auto' },
        zIndex: 9,
        px: { base: 1, md: 0 },
        display: 'flex',
        alignItems: 'center',
        gap: { base: 0.5, md: 1 },
        bgcolor: { base: 'paper', md: 'transparent' },
        borderTop: { base: '1px solid var(--colors-line)', md: 0 },
      })}
    >
      {(['count', 'rate', 'order', 'move'] as const).map((one) => (
        <Button
          key={one}
          aria-pressed={pressed === one}
          onClick={() => press(pressed === one ? 'choose' : one)}
          className={css(one === 'move' ? MOVE : MODE)}
        >
          {MODE_WORDS[one]}
        </Button>
      ))}
      <span className={css({ display: { base: 'none', md: 'inline' }, color: 'quiet' })}>
        {HINTS[pressed]}
      </span>
      <div className={css({ ml: 'auto', display: 'flex' })}>
        <UndoButtons edits={edits} undo={undo} redo={redo} slim />
      </div>
    </div>
  );
});
