'use client';
import { useState } from 'react';
import { metricFrom, shownIn, unitName } from '@/core/basics/units';
import { amount } from '@/present/words/words';
import { TextField, type TextFieldProps } from './text-field';
import { useUnits } from './units';

type LengthFieldProps = Omit<TextFieldProps, 'value' | 'onChange' | 'label' | 'error'> & {
  readonly label: string;
  /** In metres; not a number where what was typed is none. */
  readonly metres: number;
  readonly onChange: (metres: number) => void;
  readonly fault?: string | undefined;
};

/** A length, typed in the units of the household and handed on in metres. A comma does for a point. */
export function LengthField({ label, metres, onChange, fault, ...rest }: LengthFieldProps) {
  const units = useUnits();
  const [typed, setTyped] = useState<{ text: string; metres: number }>();
  // What was typed stays as it is, until the value changes from elsewhere.
  const own = typed && (Object.is(typed.metres, metres) || Math.abs(typed.metres - metres) < 1e-9);
  const shown = own ? typed.text : Number.isNaN(metres) ? '' : amount(shownIn(units, 'm', metres));
  const type = (text: string) => {
    const value = text.trim() === '' ? Number.NaN : Number(text.replace(',', '.'));
    const next = metricFrom(units, 'm', value);
    setTyped({ text, metres: next });
    onChange(next);
  };
  return (
    <TextField
      inputMode="decimal"
      {...rest}
      label={`${label}, ${unitName(units, 'm')}`}
      value={shown}
      onChange={(event) => type(event.target.value)}
      error={fault !== undefined}
      helperText={fault ?? rest.helperText}
    />
  );
}
