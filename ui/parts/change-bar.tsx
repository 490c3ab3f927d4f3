'use client';
import type { ReactNode } from 'react';
import { css } from '@/ui/theme/made/css';
import type { EditWords } from './change-actions';
import { Sentence } from './sentence';
import { UndoButtons } from './undo-buttons';
import type { Changes } from './use-changes';

type ChangeBarProps = {
  /** What is changed here, as the bar is called. */
  readonly label: string;
  readonly edits: EditWords;
  readonly changes: Changes;
  readonly children?: ReactNode;
};

/** What can be done about a page, undo and redo, and what became of the last change. */
export function ChangeBar({ label, edits, changes, children }: ChangeBarProps) {
  return (
    <>
      <div role="toolbar" aria-label={label} className={css({ display: 'flex', flexWrap: 'wrap', gap: 1 })}>
        {children}
        <UndoButtons edits={edits} undo={changes.undo} redo={changes.redo} />
      </div>
      <Sentence>{changes.sentence}</Sentence>
      <span role="status" className="visually-hidden">
        {changes.said}
      </span>
    </>
  );
}
