'use client';
import Redo from '@mui/icons-material/Redo';
import Undo from '@mui/icons-material/Undo';
import Button from '@mui/material/Button';
import IconButton from '@mui/material/IconButton';
import { memo, useEffect } from 'react';
import type { EditWords } from './change-actions';
import type { Changes } from './use-changes';

/** Takes the last change back, or does it again; Ctrl or ⌘ with Z and Y do the same. */
export const UndoButtons = memo(function UndoButtons({
  edits,
  undo,
  redo,
}: { edits: EditWords } & Pick<Changes, 'undo' | 'redo'>) {
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
        disabled={!edits.undo}
        onClick={undo}
        title={edits.undo && `Take back: ${edits.undo}`}
      >
        Undo
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
