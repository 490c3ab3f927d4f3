'use client';
import { memo, useState } from 'react';
import { STOP_NEEDS_NAME } from '@/present/forms/limits';
import { css } from '@/ui/theme/made/css';
import { Button } from '../parts/button';
import { TextField } from '../parts/text-field';

/** The next stop of the walk, at the end of the strip. */
export const AddStop = memo(function AddStop({ onAdd }: { onAdd: (name: string) => void }) {
  const [name, setName] = useState('');
  const [fault, setFault] = useState<string>();
  const add = () => {
    const wanted = name.trim();
    setFault(wanted === '' ? STOP_NEEDS_NAME : undefined);
    if (wanted === '') return;
    onAdd(wanted);
    setName('');
  };
  return (
    <form
      aria-label="Add a stop"
      className={css({
        display: 'flex',
        flexDirection: 'row',
        gap: 1,
        maxWidth: 420,
        alignItems: 'flex-start',
      })}
      noValidate
      onSubmit={(event) => {
        event.preventDefault();
        add();
      }}
    >
      <TextField
        size="small"
        label="Another stop on the way round"
        value={name}
        onChange={(event) => setName(event.target.value)}
        maxLength={80}
        error={fault !== undefined}
        helperText={fault}
      />
      <Button type="submit" variant="outlined" className={css({ flexShrink: 0 })}>
        Add stop
      </Button>
    </form>
  );
});
