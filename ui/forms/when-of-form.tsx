'use client';
import { type FieldPath, type FieldValues, type UseFormReturn, useController } from 'react-hook-form';
import { DateField, TimeField } from '../parts/when-field';
import type { WhenFieldProps } from '../parts/when-props';

type WhenOfFormProps<Values extends FieldValues> = Pick<WhenFieldProps, 'label' | 'size' | 'fullWidth'> & {
  readonly form: UseFormReturn<Values>;
  readonly name: FieldPath<Values>;
  readonly of: 'date' | 'time';
};

/** A date or a time of a form, with the sentence that belongs to it. */
export function WhenOfForm<Values extends FieldValues>({ form, name, of, ...rest }: WhenOfFormProps<Values>) {
  const { field, fieldState } = useController({ control: form.control, name });
  const Choice = of === 'date' ? DateField : TimeField;
  return (
    <Choice
      {...rest}
      value={field.value || undefined}
      onKeep={(value) => field.onChange(value ?? '')}
      error={fieldState.error !== undefined}
      helperText={fieldState.error?.message && <span role="alert">{fieldState.error.message}</span>}
    />
  );
}
