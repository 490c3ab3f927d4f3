import { useState } from 'react';
import { TextField } from '../parts/text-field';

type NumberFactProps = {
  readonly label: string;
  readonly value: number | undefined;
  readonly range: readonly [number, number];
  readonly keys: 'numeric' | 'text';
  readonly fault: string;
  readonly use: string;
  readonly onChange: (value: number | undefined) => void;
};

/** Kept when the field is left; empty is not known. */
export function NumberFact({ label, value, range, keys, fault, use, onChange }: NumberFactProps) {
  const [least, most] = range;
  const [text, setText] = useState(value === undefined ? '' : String(value));
  const typed = text.trim() === '' ? undefined : Number(text);
  const isFine = typed === undefined || (Number.isInteger(typed) && typed >= least && typed <= most);
  const keep = () => {
    if (isFine && typed !== value) onChange(typed);
  };
  return (
    <TextField
      label={label}
      value={text}
      onChange={(event) => setText(event.target.value)}
      onBlur={keep}
      onKeyDown={(event) => event.key === 'Enter' && keep()}
      error={!isFine}
      helperText={isFine ? use : fault}
      inputMode={keys}
    />
  );
}
