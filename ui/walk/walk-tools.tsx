'use client';
import { css } from '@/ui/theme/made/css';
import type { ChangeActions, EditWords } from '../parts/change-actions';
import { Sentence } from '../parts/sentence';
import { UndoButtons } from '../parts/undo-buttons';
import { useChanges } from '../parts/use-changes';

/** Undo and redo where nothing else on the page changes things. */
export function WalkTools({ edits, actions }: { edits: EditWords; actions: ChangeActions }) {
  const changes = useChanges(actions);
  return (
    <div role="toolbar" aria-label="Changes" className={css({ display: 'flex', alignItems: 'center' })}>
      <Sentence>{changes.sentence}</Sentence>
      <span role="status" className="visually-hidden">
        {changes.said}
      </span>
      <UndoButtons edits={edits} undo={changes.undo} redo={changes.redo} />
    </div>
  );
}
