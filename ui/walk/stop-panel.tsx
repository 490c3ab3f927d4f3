'use client';
import ChevronLeft from '@mui/icons-material/ChevronLeft';
import ChevronRight from '@mui/icons-material/ChevronRight';
import { memo, useState } from 'react';
import type { Stop } from '@/core/home/room';
import { STOP_NEEDS_NAME } from '@/present/forms/limits';
import { css } from '@/ui/theme/made/css';
import { Button } from '../parts/button';
import { IconButton } from '../parts/icon-button';
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
    <section
      aria-label={`Stop: ${stop.name}`}
      className={css({
        display: 'flex',
        flexDirection: 'column',
        gap: 2,
        maxWidth: 560,
        p: { base: 2, md: 3 },
      })}
    >
      <h2 className={css({ textStyle: 'h2', m: 0 })}>{stop.name}</h2>
      <TextField
        size="small"
        label="Name of the stop"
        value={name}
        onChange={(event) => setName(event.target.value)}
        onBlur={keep}
        onKeyDown={(event) => event.key === 'Enter' && keep()}
        error={fault !== undefined}
        helperText={fault}
        maxLength={80}
      />
      <div
        className={css({
          display: 'flex',
          flexDirection: 'row',
          gap: 1,
          alignItems: 'center',
          flexWrap: 'wrap',
        })}
      >
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
      </div>
    </section>
  );
});
