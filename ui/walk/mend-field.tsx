'use client';
import { memo, useState } from 'react';
import { TextField } from '../parts/text-field';

type MendFieldProps = {
  readonly mend: string | undefined;
  readonly onChange: (mend: string | undefined) => void;
};

/** What is broken or worn: kept when the field is left; empty takes it off the list of things to mend. */
export const MendField = memo(function MendField({ mend, onChange }: MendFieldProps) {
  const [text, setText] = useState(mend ?? '');
  const keep = () => {
    const wanted = text.trim() === '' ? undefined : text.trim();
    if (wanted !== mend) onChange(wanted);
  };
  return (
    <TextField
      size="small"
      label="To mend"
      placeholder="Loose hinge, cracked pane, needs paint"
      value={text}
      onChange={(event) => setText(event.target.value)}
      onBlur={keep}
      onKeyDown={(event) => event.key === 'Enter' && keep()}
      maxLength={300}
    />
  );
});
