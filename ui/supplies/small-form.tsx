'use client';
import type { ReactNode } from 'react';
import { css } from '@/ui/theme/made/css';
import { Button } from '../parts/button';
import { Sentence } from '../parts/sentence';

type SmallFormProps = {
  readonly label: string;
  readonly sentence: string | undefined;
  readonly isSending: boolean;
  readonly onSubmit: () => void;
  readonly onClose: () => void;
  readonly children: ReactNode;
};

/** A few fields that are kept with one press or left. */
export function SmallForm({ label, sentence, isSending, onSubmit, onClose, children }: SmallFormProps) {
  return (
    <form
      noValidate
      onSubmit={onSubmit}
      aria-label={label}
      className={css({ display: 'flex', flexDirection: 'column', gap: 2, maxWidth: 640, mt: 2 })}
    >
      <Sentence>{sentence}</Sentence>
      {children}
      <div className={css({ display: 'flex', flexDirection: 'row', gap: 1 })}>
        <Button type="submit" variant="contained" loading={isSending}>
          Keep it
        </Button>
        <Button color="inherit" onClick={onClose}>
          Cancel
        </Button>
      </div>
    </form>
  );
}
