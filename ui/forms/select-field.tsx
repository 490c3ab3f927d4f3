'use client';
import type { FieldPath, FieldValues, UseFormReturn } from 'react-hook-form';
import { type Option, Options } from '../parts/native-select';
import { Field } from './field';

type SelectFieldProps<Values extends FieldValues> = {
  readonly form: UseFormReturn<Values>;
  readonly name: FieldPath<Values>;
  readonly label: string;
  readonly options: readonly Option[];
  readonly number?: boolean;
  readonly size?: 'small';
};

/** One of a list in a form. */
export function SelectField<Values extends FieldValues>({ options, ...rest }: SelectFieldProps<Values>) {
  return (
    <Field {...rest} select>
      <Options options={options} />
    </Field>
  );
}
