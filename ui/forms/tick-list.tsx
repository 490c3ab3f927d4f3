'use client';
import Box from '@mui/material/Box';
import Checkbox from '@mui/material/Checkbox';
import FormControlLabel from '@mui/material/FormControlLabel';
import Typography from '@mui/material/Typography';
import type { ReactNode } from 'react';
import { Controller, type FieldValues, type Path, type UseFormReturn } from 'react-hook-form';

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
        <Box component="fieldset" sx={{ border: 0, p: 0, m: 0 }}>
          <Typography component="legend" sx={{ color: 'text.secondary', fontSize: '0.9rem' }}>
            {legend}
          </Typography>
          {options.map(([option, words]) => {
            const others = (value as readonly string[]).filter((other) => other !== option);
            return (
              <FormControlLabel
                key={option}
                label={words}
                control={
                  <Checkbox
                    checked={value.includes(option)}
                    onChange={(_event, checked) => onChange(checked ? [...others, option] : others)}
                  />
                }
              />
            );
          })}
          {children}
        </Box>
      )}
    />
  );
}
