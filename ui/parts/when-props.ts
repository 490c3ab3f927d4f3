import type { ReactNode } from 'react';
import type { TextFieldProps } from './text-field';

/** A field for a date or a time of the day. */
export type WhenFieldProps = Pick<
  TextFieldProps,
  'size' | 'className' | 'fullWidth' | 'error' | 'disabled' | 'autoFocus'
> & {
  readonly label: string;
  readonly helperText?: ReactNode;
  /** A date as `YYYY-MM-DD`, or a time as `HH:mm`. */
  readonly value: string | undefined;
  /** A whole date or time, or none; what is half typed stays in the field. */
  readonly onKeep: (value: string | undefined) => void;
};
