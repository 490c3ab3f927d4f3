'use client';
import Button from '@mui/material/Button';
import Stack from '@mui/material/Stack';
import type { ReactNode } from 'react';
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
    <Stack
      component="form"
      noValidate
      onSubmit={onSubmit}
      spacing={2}
      aria-label={label}
      sx={{ maxWidth: 640, mt: 2 }}
    >
      <Sentence>{sentence}</Sentence>
      {children}
      <Stack direction="row" spacing={1}>
        <Button type="submit" variant="contained" loading={isSending}>
          Keep it
        </Button>
        <Button color="inherit" onClick={onClose}>
          Cancel
        </Button>
      </Stack>
    </Stack>
  );
}
