'use client';
import { useId } from 'react';
import { type FieldPath, type FieldValues, get, type UseFormReturn } from 'react-hook-form';
import { TextField, type TextFieldProps } from '../parts/text-field';

type FieldProps<Values extends FieldValues> = Omit<TextFieldProps, 'form' | 'name' | 'error'> & {
  readonly form: UseFormReturn<Values>;
  readonly name: FieldPath<Values>;
  readonly number?: boolean;
  readonly hint?: string;
};

/** A labelled text field of a form, with the sentence that belongs to it. */
export function Field<Values extends FieldValues>({
  form,
  name,
  number = false,
  hint,
  ...rest
}: FieldProps<Values>) {
  const { message: fault }: { message?: string } = get(form.formState.errors, name) ?? {};
  const id = useId();
  const { ref, ...registered } = form.register(name, number ? { setValueAs: numberFrom } : {});
  return (
    <TextField
      {...(number && { inputMode: 'decimal' })}
      {...rest}
      {...registered}
      inputRef={ref}
      id={id}
      error={fault !== undefined}
      helperText={fault ?? hint}
    />
  );
}

/** Takes a comma for a point; anything else that is no number stays one that the schema refuses. */
function numberFrom(value: unknown): number {
  if (typeof value === 'number') return value;
  const text = String(value ?? '')
    .trim()
    .replace(',', '.');
  return text === '' ? Number.NaN : Number(text);
}
