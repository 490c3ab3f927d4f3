'use client';
import { type ReactNode, useLayoutEffect, useRef } from 'react';
import { cx } from '@/ui/theme/made/css/cx';
import look from './dialog.module.css';

type DialogProps = {
  /** The id of its heading. */
  readonly labelledBy: string;
  readonly onClose: () => void;
  readonly from?: 'middle' | 'bottom';
  readonly className?: string;
  readonly children: ReactNode;
};

/** What has the page to itself as long as it is there. Esc and a press beside it close it; focus goes back. */
export function Dialog({ labelledBy, onClose, from = 'middle', className, children }: DialogProps) {
  const dialog = useRef<HTMLDialogElement>(null);
  useLayoutEffect(() => {
    const shown = dialog.current;
    shown?.showModal();
    // Closed before it is taken away, it hands the focus back to where it came from.
    return () => shown?.close();
  }, []);
  return (
    // biome-ignore lint/a11y/useKeyWithClickEvents: Esc closes it, told by onCancel.
    <dialog
      ref={dialog}
      aria-labelledby={labelledBy}
      data-from={from}
      className={cx(look.dialog, className)}
      onCancel={(event) => {
        event.preventDefault();
        onClose();
      }}
      onClick={(event) => event.target === dialog.current && onClose()}
    >
      {children}
    </dialog>
  );
}
