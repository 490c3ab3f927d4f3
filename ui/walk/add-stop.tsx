'use client';
import Button from '@mui/material/Button';
import Stack from '@mui/material/Stack';
import { memo, useState } from 'react';
import { STOP_NEEDS_NAME } from '@/present/forms/limits';
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
    <Stack
      component="form"
      direction="row"
      spacing={1}
      aria-label="Add a stop"
      sx={{ maxWidth: 420, alignItems: 'flex-start' }}
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
        slotProps={{ htmlInput: { maxLength: 80 }, formHelperText: { role: fault ? 'alert' : undefined } }}
        error={fault !== undefined}
        helperText={fault}
      />
      <Button type="submit" variant="outlined" sx={{ flexShrink: 0 }}>
        Add stop
      </Button>
    </Stack>
  );
});
