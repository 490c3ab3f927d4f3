'use client';
import ChevronLeft from '@mui/icons-material/ChevronLeft';
import ChevronRight from '@mui/icons-material/ChevronRight';
import Button from '@mui/material/Button';
import IconButton from '@mui/material/IconButton';
import Stack from '@mui/material/Stack';
import Typography from '@mui/material/Typography';
import { memo, useState } from 'react';
import type { Stop } from '@/core/home/room';
import { STOP_NEEDS_NAME } from '@/present/forms/limits';
import { TextField } from '../parts/text-field';

type StopPanelProps = {
  readonly stop: Stop;
  readonly onRename: (name: string) => void;
  readonly onMove: (way: 'left' | 'right') => void;
  readonly onAdd: () => void;
  readonly onDrop: () => void;
};

/** One stop: its name, where on the way round it comes, and what to add there. */
export const StopPanel = memo(function StopPanel({ stop, onRename, onMove, onAdd, onDrop }: StopPanelProps) {
  const [name, setName] = useState(stop.name);
  const fault = name.trim() === '' ? STOP_NEEDS_NAME : undefined;
  const keep = () => {
    if (!fault && name.trim() !== stop.name) onRename(name.trim());
  };
  return (
    <Stack component="section" aria-label={`Stop: ${stop.name}`} spacing={2} sx={{ maxWidth: 560 }}>
      <Typography variant="h2">{stop.name}</Typography>
      <TextField
        size="small"
        label="Name of the stop"
        value={name}
        onChange={(event) => setName(event.target.value)}
        onBlur={keep}
        onKeyDown={(event) => event.key === 'Enter' && keep()}
        error={fault !== undefined}
        helperText={fault}
        slotProps={{ htmlInput: { maxLength: 80 }, formHelperText: { role: fault ? 'alert' : undefined } }}
      />
      <Stack direction="row" spacing={1} sx={{ alignItems: 'center', flexWrap: 'wrap' }}>
        <IconButton aria-label={`Move ${stop.name} left`} onClick={() => onMove('left')}>
          <ChevronLeft />
        </IconButton>
        <IconButton aria-label={`Move ${stop.name} right`} onClick={() => onMove('right')}>
          <ChevronRight />
        </IconButton>
        <Button onClick={onAdd}>Add something here</Button>
        <Button onClick={onDrop} color="inherit">
          Remove the stop
        </Button>
      </Stack>
    </Stack>
  );
});
