'use client';
import Button from '@mui/material/Button';
import Stack from '@mui/material/Stack';
import TextField from '@mui/material/TextField';
import { useState } from 'react';
import { stopFormSchema } from '../forms/schemas';

/** The next stop of the walk, at the end of the strip. */
export function AddStop({ onAdd }: { onAdd: (name: string) => void }) {
  const [name, setName] = useState('');
  const [fault, setFault] = useState<string>();
  const add = () => {
    const parsed = stopFormSchema.safeParse({ name });
    setFault(parsed.success ? undefined : parsed.error.issues[0]?.message);
    if (!parsed.success) return;
    onAdd(parsed.data.name);
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
        error={fault !== undefined}
        helperText={fault}
      />
      <Button type="submit" variant="outlined" sx={{ flexShrink: 0 }}>
        Add stop
      </Button>
    </Stack>
  );
}
