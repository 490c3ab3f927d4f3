'use client';
import { Controller, type FieldPath, type FieldValues, type UseFormReturn } from 'react-hook-form';
import { LengthField } from '../parts/length-field';

/** A length of a form, in metres whatever the household measures in. */
export function FormLength<Values extends FieldValues>({
  form,
  name,
  label,
}: {
  form: UseFormReturn<Values>;
  name: FieldPath<Values>;
  label: string;
}) {
  return (
    <Controller
      control={form.control}
      name={name}
      render={({ field, fieldState }) => (
        <LengthField
          label={label}
          metres={field.value}
          onChange={field.onChange}
          onBlur={field.onBlur}
          inputRef={field.ref}
          fault={fieldState.error?.message}
        />
      )}
    />
  );
}
