'use client';
import Redo from '@mui/icons-material/Redo';
import Undo from '@mui/icons-material/Undo';
import { memo, useEffect } from 'react';
import { css } from '@/ui/theme/made/css';
import { Button } from './button';
import type { EditWords } from './change-actions';
import { IconButton } from './icon-button';
import type { Changes } from './use-changes';

type UndoButtonsProps = Pick<Changes, 'undo' | 'redo'> & {
  readonly edits: EditWords;
  /** On a phone the arrow says enough. */
  readonly slim?: boolean;
};

/** Takes the last change back, or does it again; Ctrl or ⌘ with Z and Y do the same. */
export const UndoButtons = memo(function UndoButtons({ edits, undo, redo, slim = false }: UndoButtonsProps) {
  useEffect(() => {
    // The keys belong to the page, wherever on it the focus is.
    const onKey = (event: KeyboardEvent) => {
      const way = wayOf(event);
      if (!way || isTyping(event.target)) return;
      event.preventDefault();
      if (way === 'undo' && edits.undo) undo();
      if (way === 'redo' && edits.redo) redo();
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, [undo, redo, edits.undo, edits.redo]);
  return (
    <>
      <Button
        color="inherit"
        aria-label="Undo"
        startIcon={<Undo />}
        className={css(slim ? SLIM : {})}
        disabled={!edits.undo}
        onClick={undo}
        title={edits.undo && `Take back: ${edits.undo}`}
      >
        <span>Undo</span>
      </Button>
      <IconButton
        aria-label={edits.redo ? `Do again: ${edits.redo}` : 'Do again'}
        title={edits.redo && `Do again: ${edits.redo}`}
        disabled={!edits.redo}
        onClick={redo}
      >
        <Redo />
      </IconButton>
    </>
  );
});

const SLIM = {
  minWidth: 44,
  px: { base: 1, md: 2 },
  '& > .MuiButton-startIcon': { mr: { base: 0, md: 1 }, ml: { base: 0, md: -0.5 } },
  '& > span:last-of-type:not(.MuiButton-startIcon)': { display: { base: 'none', md: 'inline' } },
} as const;

function wayOf(event: KeyboardEvent): 'undo' | 'redo' | undefined {
  if (!(event.ctrlKey || event.metaKey) || event.altKey) return undefined;
  const key = event.key.toLowerCase();
  if (key === 'z') return event.shiftKey ? 'redo' : 'undo';
  return key === 'y' ? 'redo' : undefined;
}

/** Text fields have an undo of their own. */
function isTyping(target: EventTarget | null): boolean {
  return (
    target instanceof HTMLElement &&
    (target.isContentEditable || ['INPUT', 'TEXTAREA'].includes(target.tagName))
  );
}
