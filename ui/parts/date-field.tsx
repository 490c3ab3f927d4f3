'use client';
import { TextField, type TextFieldProps } from './text-field';
import { useTyped } from './use-typed';

type DateFieldProps = Omit<TextFieldProps, 'type' | 'value' | 'onChange' | 'slotProps'> & {
  readonly value: string | undefined;
  /** A whole date, or none. */
  readonly onKeep: (date: string | undefined) => void;
};

/** Before this a year is still being typed. */
const FIRST_DATE = '1990-01-01';

/** A date that is kept as soon as it is whole; what is half typed stays in the field. */
export function DateField({ value = '', onKeep, ...rest }: DateFieldProps) {
  const [text, setText] = useTyped(value);
  return (
    <TextField
      size="small"
      {...rest}
      type="date"
      value={text}
      onChange={({ target }) => {
        setText(target.value);
        if (target.value === '') onKeep(undefined);
        else if (target.value >= FIRST_DATE) onKeep(target.value);
      }}
      slotProps={{ inputLabel: { shrink: true } }}
    />
  );
}
