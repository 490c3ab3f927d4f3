'use client';
import type { ReactNode } from 'react';
import { Controller, type FieldValues, type Path, type UseFormReturn } from 'react-hook-form';
import { css } from '@/ui/theme/made/css';
import { Check } from '../parts/check';

type TickListProps<Values extends FieldValues> = {
  readonly form: UseFormReturn<Values>;
  /** Of the field that holds the ticked ones. */
  readonly name: Path<Values>;
  readonly legend: string;
  readonly options: readonly (readonly [value: string, words: string])[];
  readonly children?: ReactNode;
};

/** Any number of a few things, each with a box to tick. */
export function TickList<Values extends FieldValues>(props: TickListProps<Values>) {
  const { form, name, legend, options, children } = props;
  return (
    <Controller
      control={form.control}
      name={name}
      render={({ field: { value, onChange } }) => (
        <fieldset className={css({ border: 0, p: 0, m: 0 })}>
          <legend className={css({ textStyle: 'body', m: 0, color: 'quiet', fontSize: '0.9rem' })}>
            {legend}
          </legend>
          {options.map(([option, words]) => {
            const others = (value as readonly string[]).filter((other) => other !== option);
            return (
              <Check
                key={option}
                label={words}
                checked={value.includes(option)}
                onChange={(checked) => onChange(checked ? [...others, option] : others)}
              />
            );
          })}
          {children}
        </fieldset>
      )}
    />
  );
}
